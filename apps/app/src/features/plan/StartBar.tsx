import { View } from 'react-native';
import type { CookPlan } from '@crustan/core/plan';
import type { Way } from '@crustan/core/plan/way';
import { showDuration } from '@crustan/core/units';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { WAY_NAMES } from '../../words/wayWords';
import { useSeveral } from './onePlate/useSeveral';
import { useStartSeveral } from './onePlate/useStartSeveral';
import { usePlanRecord } from './usePlanRecord';
import { useStartPlan } from './useStartPlan';
import { t } from './t';

interface Props {
  readonly way: Way;
  readonly plan: CookPlan;
  /** ms since 1970. */
  readonly plateAt: number;
}

/** The chosen way and the one thing a plan is for, under the thumb wherever the page stands. */
export const StartBar = ({ way, plan, plateAt }: Props) => {
  const { underWay, start, goToStove } = useStartPlan(usePlanRecord(way, plateAt));
  const several = useSeveral();
  const startSeveral = useStartSeveral();
  return (
    <View className="no-print flex-row items-center gap-3 border-t border-salt-300 bg-salt-0 px-4 py-2">
      <View className="min-w-0 flex-1">
        <Text voice="note" tone="text-iron-500" numberOfLines={1}>
          {several
            ? t('batches-for-one-plate', { batchesCount: several.plate.batches.length })
            : WAY_NAMES[way]}
        </Text>
        <Text voice="figure" style={{ fontVariant: ['tabular-nums'] }}>
          {showDuration(
            several
              ? several.plate.landsAt - (several.plate.batches[0]?.start ?? 0)
              : plan.cookSeconds,
          )}
        </Text>
      </View>
      {underWay ? (
        <Button label={t('go-to-the-cook')} onPress={goToStove} />
      ) : (
        <Button
          label={several ? t('start-all-at-the-stove') : t('start-at-the-stove')}
          onPress={() => (several ? startSeveral(several) : void start())}
        />
      )}
    </View>
  );
};
