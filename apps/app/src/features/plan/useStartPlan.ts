import { useRouter } from 'expo-router';
import type { PlanRecord } from '@crustan/core/formats';
import { kitchenNow } from '../../store/clock';
import { newId } from '../../store/newId';
import { selectStoveCooks } from '../../store/passSlice';
import { cookStarted } from '../../store/logSlice';
import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';

export interface StartPlan {
  /** A cook is on: this one would be cooked beside it. */
  readonly underWay: boolean;
  readonly start: () => Promise<void>;
  /** Beside what is on, for the same plate. */
  readonly join: () => Promise<void>;
  readonly goToStove: () => void;
}

/**
 * Starts a plan on Stove.
 * @param record the plan as a record, once it is computed; undefined if it fails
 */
export const useStartPlan = (record: () => Promise<PlanRecord | undefined>): StartPlan => {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const store = useAppStore();
  const underWay = useAppSelector((state) => selectStoveCooks(state).length > 0);
  const goToStove = (): void => router.push('/stove');
  return {
    underWay,
    goToStove,
    start: async () => {
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
      goToStove();
    },
    join: async () => {
      const plan = await record();
      if (!plan) return;
      const { startTogether } = await import('../../workers/startTogether');
      await startTogether(store, [plan], selectStoveCooks(store.getState()));
      goToStove();
    },
  };
};
