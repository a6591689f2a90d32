import { View } from 'react-native';
import { useRouter } from 'expo-router';
import type { PlanRecord } from '@crustan/core/formats';
import { sayFailure, useKeepPlanMutation } from '../../store/bookApi';
import { kitchenNow } from '../../store/clock';
import { newId } from '../../store/newId';
import { cookStarted, selectCooks } from '../../store/stoveSlice';
import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';

interface Props {
  /** The plan as it is kept, once it is there; undefined where there is none. */
  readonly record: () => Promise<PlanRecord | undefined>;
  /** What it is called on the buttons. */
  readonly what: { readonly start: string; readonly keep: string };
}

/** A plan started at the stove, cooked beside what is on, or kept. */
export const PlanActions = ({ record, what }: Props) => {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const store = useAppStore();
  const gear = useGear();
  const [keepPlan, kept] = useKeepPlanMutation();
  const underWay = useAppSelector((state) => selectCooks(state).length > 0);
  const start = async (): Promise<void> => {
    const startedAt = kitchenNow();
    const plan = await record();
    if (!plan) return;
    dispatch(
      cookStarted({
        id: newId(),
        startedAt,
        plan,
        together: { id: newId(), waits: 0 },
        event: { id: newId(), kind: 'started', at: startedAt },
      }),
    );
    router.push('/stove');
  };
  /** Beside what is on, for the same plate. */
  const join = async (): Promise<void> => {
    const plan = await record();
    if (!plan) return;
    const { startTogether } = await import('../../store/startTogether');
    startTogether(dispatch, [plan], selectCooks(store.getState()), gear);
    router.push('/stove');
  };
  const keep = async (): Promise<void> => {
    const plan = await record();
    if (plan) await keepPlan(plan);
  };
  return (
    <View className="no-print gap-2">
      {underWay ? (
        <>
          <Button label="A cook is under way: go to it" onPress={() => router.push('/stove')} />
          <Button kind="plain" label="Cook this beside it" onPress={() => void join()} />
        </>
      ) : (
        <Button label={what.start} onPress={() => void start()} />
      )}
      <Button
        kind="plain"
        label={kept.isSuccess ? 'Kept; keep another' : what.keep}
        disabled={kept.isLoading}
        onPress={() => void keep()}
      />
      {kept.error ? (
        <Text voice="small" role="alert">{`Not kept. ${sayFailure(kept.error)}`}</Text>
      ) : null}
    </View>
  );
};
