import { View } from 'react-native';
import type { PlanRecord } from '@crustan/core/formats';
import { describeFailure, useKeepPlanMutation } from '../../store/bookApi';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useStartPlan } from './useStartPlan';
import { t } from './t';

interface Props {
  /** The plan as a record, once it is computed; undefined if it fails. */
  readonly record: () => Promise<PlanRecord | undefined>;
  /** Labels of the buttons; no start if another button for it is always visible. */
  readonly what: { readonly start?: string; readonly keep: string };
}

/** A plan started at the stove, cooked beside what is on, or kept. */
export const PlanActions = ({ record, what }: Props) => {
  const { underWay, start, join, goToStove } = useStartPlan(record);
  const [keepPlan, kept] = useKeepPlanMutation();
  const keep = async (): Promise<void> => {
    const plan = await record();
    if (plan) await keepPlan(plan);
  };
  return (
    <View className="no-print gap-2">
      {what.start === undefined ? null : underWay ? (
        <Button label={t('a-cook-is-under-way-go-to')} onPress={goToStove} />
      ) : (
        <Button label={what.start} onPress={() => void start()} />
      )}
      {underWay ? (
        <Button kind="plain" label={t('cook-this-beside-it')} onPress={() => void join()} />
      ) : null}
      <Button
        kind="plain"
        label={kept.isSuccess ? t('kept-keep-another') : what.keep}
        disabled={kept.isLoading}
        onPress={() => void keep()}
      />
      {kept.error ? (
        <Text voice="small" role="alert">
          {t('not-saved', { failure: describeFailure(kept.error) })}
        </Text>
      ) : null}
    </View>
  );
};
