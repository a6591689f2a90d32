import { View } from 'react-native';
import type { DueStep } from '@crustan/core/cook/cookState';
import { Button } from '../../ui/Button';
import { HoldButton } from '../../ui/HoldButton';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { AheadOfTrouble } from './AheadOfTrouble';
import { Countdown } from './Countdown';
import type { LiveCook } from './liveCook';
import { PanCaution } from './PanCaution';
import { describeAction, describeHappened } from './stoveWords';
import { t } from './t';

interface Props {
  readonly live: LiveCook;
  readonly only: boolean;
  readonly onHappened: () => void;
  /** Undefined while there is nothing to take back. */
  readonly onTakeBack: (() => void) | undefined;
  readonly onReading: () => void;
  readonly onTrouble: () => void;
  readonly onMore: () => void;
}

/** Steps that end a stage: said by mistake, everything after them is off. */
const COSTLY: readonly DueStep['kind'][] = ['pull', 'slice', 'into-oven', 'out'];

/** For a wet knuckle: what to do, how long, one large button and four under it; nothing scrolls. */
export const WetHands = ({
  live,
  only,
  onHappened,
  onTakeBack,
  onReading,
  onTrouble,
  onMore,
}: Props) => {
  const show = useShow();
  const now = useNow(5000);
  const { current, next, plan, cook, state } = live;
  const beside = [
    { label: t('take-back-2'), disabled: !onTakeBack, onPress: onTakeBack ?? onMore },
    { label: t('reading'), onPress: onReading },
    { label: t('trouble'), onPress: onTrouble },
    { label: t('more'), onPress: onMore },
  ];
  return (
    <View className="min-h-0 flex-1 justify-between gap-3" testID="wet-hands">
      <View className="gap-1">
        <Text voice="body" tone="text-iron-400">
          {only ? t('now') : t('now-2', { title: cook.plan.title })}
        </Text>
        <Text voice="action" tone="text-salt-50" heading={2} aria-live="assertive">
          {describeAction(current, plan, show)}
        </Text>
        <Countdown step={current} small={!only} />
        {next && next.kind !== 'judge' && state.place !== 'before' ? (
          <Text voice="bigFigure" tone="text-iron-400">
            {t('next-2', {
              action: describeAction(next, plan, show),
              clock: show.clock(next.dueAt),
            })}
          </Text>
        ) : null}
      </View>
      {state.place === 'before' ? <PanCaution /> : null}
      <AheadOfTrouble live={live} now={now} />
      <View className="flex-1 justify-end gap-3">
        <HoldButton
          label={describeHappened(current, plan, show)}
          hold={COSTLY.includes(current.kind)}
          onPress={onHappened}
          testID="happened"
        />
        <View className="flex-row flex-wrap gap-3">
          {beside.map(({ label, onPress, disabled = false }) => (
            <View key={label} className="min-w-[44%] flex-1">
              <Button kind="stoveWet" label={label} disabled={disabled} onPress={onPress} />
            </View>
          ))}
        </View>
      </View>
    </View>
  );
};
