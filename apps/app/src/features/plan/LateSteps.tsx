import { View } from 'react-native';
import type { CookPlan } from '@crustan/core/plan';
import { lateSteps, type LateStep, type Run, type RunGear } from '@crustan/core/schedule';
import { formatDuration } from '@crustan/core/units';
import { plateChanged, requestChanged } from '../../store/draftSlice';
import { plateTimeOf } from '../../store/plateTime';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { THAW_WORDS } from '../../words/kitchenWords';
import { formatMoment } from '../../words/describePlate';
import { describeAhead } from '../../words/stepWords';
import { useShow } from '../../words/useShow';
import { StillInTime } from './StillInTime';
import { t } from './t';

interface Props {
  readonly run: Run;
  readonly request: CookPlan['request'];
  readonly gear: RunGear;
  /** ms since 1970. */
  readonly plateAt: number;
  readonly now: number;
}

/** Shorter version of a late step that still meets the same plate time. */
const describeShorter = (late: Extract<LateStep, { change: object }>): string => {
  if ('temper' in late.change) {
    return late.change.temper === 0
      ? t('straight-from-the-fridge')
      : t('on-the-counter-for', { duration: formatDuration(late.change.temper) });
  }
  if ('saltAhead' in late.change) {
    return late.change.saltAhead === 0
      ? t('salt-at-the-pan')
      : t('salt-now-ahead', { ahead: describeAhead(late.change.saltAhead) });
  }
  if ('thaw' in late.change) return t('thaw-it', { words: THAW_WORDS[late.change.thaw] });
  const { airing } = late.change;
  return airing === undefined
    ? t('pat-it-dry-instead')
    : t('dry-it-now-for', { ahead: describeAhead(airing.seconds) });
};

const DUE: Readonly<Partial<Record<LateStep['step']['kind'], string>>> = {
  thaw: t('taking-it-out-of-the-freezer-was'),
  dry: t('drying-was-due-to-begin'),
  salt: t('salting-was-due'),
  temper: t('taking-it-out-of-the-fridge-was'),
};

/** Steps whose time has passed, each with the best that can still be done; a later plate where none can. */
export const LateSteps = ({ run, request, gear, plateAt, now }: Props) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const late = lateSteps(run, request, plateAt, now);
  if (late.length === 0) return null;
  const shorter = late.filter((step) => 'change' in step);
  const fixed = late.filter((step) => 'plateAt' in step);
  const first = fixed[0];
  // The first whole minute that leaves time for every step of the day.
  const minute = 60_000;
  const earliest =
    Math.ceil(Math.max(...fixed.map((step) => step.plateAt), plateAt) / minute) * minute + minute;
  return (
    <View className="items-start gap-2" role="alert">
      {shorter.map((step) => (
        <View key={step.step.kind} className="items-start gap-2">
          <Text voice="small">
            {`${DUE[step.step.kind] ?? t('a-step-was-due')} ${formatMoment(step.due, now, show)}.`}
          </Text>
          <Button
            kind="plain"
            label={describeShorter(step)}
            onPress={() => dispatch(requestChanged(step.change))}
          />
        </View>
      ))}
      {first === undefined ? null : (
        <>
          <Text voice="small">
            {t('it-should-have-begun', { moment: formatMoment(first.due, now, show) })}
          </Text>
          <Button
            kind="plain"
            label={t('plate-instead', { moment: formatMoment(earliest, now, show) })}
            onPress={() => dispatch(plateChanged(plateTimeOf(earliest, now)))}
          />
          <StillInTime gear={gear} left={(plateAt - now) / 1000} />
        </>
      )}
    </View>
  );
};
