import { memo } from 'react';
import { View } from 'react-native';
import { useRouter } from 'expo-router';
import { keptPlan, type PlanRecord } from '@crustan/core/formats';
import type { Way } from '@crustan/core/plan/way';
import { sayFailure, useKeepPlanMutation } from '../../store/bookApi';
import { kitchenNow } from '../../store/clock';
import { gearUsed } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { cookStarted, selectCooks } from '../../store/stoveSlice';
import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { planTitle } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { laneOf } from '../../workers/planLane';

interface Props {
  readonly way: Way;
  /** ms since 1970. */
  readonly plateAt: number;
}

/** A press means what the sentence says now: it waits for that plan, should it still be computed. */
export const Actions = memo(function Actions({ way, plateAt }: Props) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const show = useShow();
  const store = useAppStore();
  const gear = useGear();
  const [keepPlan, kept] = useKeepPlanMutation();
  const underWay = useAppSelector((state) => selectCooks(state).length > 0);
  const record = async (): Promise<PlanRecord | undefined> => {
    const { plan, window, spread } = await laneOf(way).settled();
    if (!plan) return undefined;
    return {
      id: newId(),
      createdAt: Date.now(),
      title: planTitle(plan.request, show),
      plateAt,
      plan: keptPlan(plan),
      ...(window ? { window } : {}),
      ...(spread ? { spread: { ...spread, inputs: [...spread.inputs] } } : {}),
      gear: gearUsed(store.getState().kitchen),
    };
  };
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
        <Button label="Start at the stove" onPress={() => void start()} />
      )}
      <Button
        kind="plain"
        label={kept.isSuccess ? 'Kept; keep another' : 'Keep this plan'}
        disabled={kept.isLoading}
        onPress={() => void keep()}
      />
      {kept.error ? (
        <Text voice="small" role="alert">{`Not kept. ${sayFailure(kept.error)}`}</Text>
      ) : null}
    </View>
  );
});
