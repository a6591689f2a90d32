import { cookState } from '@crustan/core/cook/cookState';
import type { PlanRecord } from '@crustan/core/formats';
import type { JoinedPlate } from '@crustan/core/pass/joinedPlate';
import { runOf } from '@crustan/core/schedule/run';
import type { ActiveCook } from '../store/activeCook';
import { kitchenNow } from '../store/clock';
import { fresh } from '../store/freshEvent';
import { homeGear } from '../store/homeGear';
import { gearInUse } from '../store/kitchenSlice';
import { cookStarted } from '../store/logSlice';
import { newId } from '../store/newId';
import type { AppStore } from '../store/store';
import { passWorker } from './passWorker';

/** Saved plans timed for one plate. */
export interface Joined {
  /** Undefined if they cannot be placed within hours. */
  readonly plate: JoinedPlate | undefined;
  /** Moment that its seconds count from, ms since 1970. */
  readonly from: number;
  /** Time of the plate, ms since 1970: the first plan's, or later if the pieces cannot be ready by then. */
  readonly plateAt: number;
}

/** Times saved plans for one plate in this kitchen, beside the pieces that are on. */
export const joinPlans = async (
  { getState }: Pick<AppStore, 'getState'>,
  plans: readonly PlanRecord[],
  on: readonly ActiveCook[],
): Promise<Joined> => {
  const { kitchen, draft } = getState();
  const from = kitchenNow();
  const wanted = on[0]?.plan.plateAt ?? plans[0]?.plateAt ?? from;
  const seconds = (moment: number): number => (moment - from) / 1000;
  const plate = await passWorker('plate').joined({
    gear: homeGear(kitchen, draft.secondPan).gear,
    plateIn: seconds(wanted),
    plans: plans.map(({ plan }) => plan),
    on: on.map(({ plan: { plan }, startedAt, events }) => ({
      plan,
      actions: cookState(plan, startedAt, events, undefined).progress.actions.map(
        ({ kind, at, done, dueAt }) => ({ kind, at, done, due: seconds(dueAt) }),
      ),
    })),
  });
  const landsAt = plate === undefined ? wanted : Math.round(from + plate.landsAt * 1000);
  return { plate, from, plateAt: Math.max(wanted, landsAt) };
};

/**
 * Starts pieces for one plate, or adds them to those that are on. Each is a separate cook in the logbook, connected
 * to the others.
 * @param on pieces that are on already: their times are not moved
 * @returns the cooks' ids, in the order of the plans
 */
export const startTogether = async (
  store: Pick<AppStore, 'getState' | 'dispatch'>,
  plans: readonly PlanRecord[],
  on: readonly ActiveCook[],
): Promise<readonly string[]> => {
  const joined = await joinPlans(store, plans, on).catch(
    // Without an answer the pieces are started as they were planned.
    (): Joined => ({ plate: undefined, from: kitchenNow(), plateAt: 0 }),
  );
  const { plate, from } = joined;
  const gear = gearInUse(store.getState().kitchen);
  const tie = on[0]?.together?.id ?? newId();
  return plans.map((plan, i) => {
    const id = newId();
    const placed = plate?.pieces.find((piece) => piece.plan === i);
    const plateAt = placed ? joined.plateAt : plan.plateAt;
    const waits = placed
      ? Math.max(0, (plateAt - from) / 1000 - placed.start - runOf(plan.plan, gear).panToPlate)
      : 0;
    const event = { ...fresh(), kind: 'started' } as const;
    store.dispatch(
      cookStarted({
        id,
        startedAt: event.at,
        plan: { ...plan, plateAt },
        together: { id: tie, waits },
        event,
      }),
    );
    return id;
  });
};
