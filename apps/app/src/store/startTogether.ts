import type { PlanRecord } from '@crustan/core/formats';
import { landTogether, type Landings } from '@crustan/core/schedule/landTogether';
import { runOf, type RunGear } from '@crustan/core/schedule/run';
import { kitchenNow } from './clock';
import { newId } from './newId';
import type { ActiveCook } from './activeCook';
import { cookStarted } from './logSlice';
import type { AppStore } from './store';
import { fresh } from './freshEvent';

/** Ready times of pieces for one plate in this kitchen. */
export const landingsOf = (plans: readonly PlanRecord[], gear: RunGear): Landings =>
  landTogether(
    plans.map(({ plan }) => plan),
    plans.map(({ plan }) => runOf(plan, gear)),
    gear.pan,
  );

/**
 * Starts pieces for one plate, or adds them to those that are on. Each is a cook of its own in the logbook, connected
 * to the others.
 * @param on pieces that are on already: their times are not moved
 * @returns the cooks' ids, in the order of the plans
 */
export const startTogether = (
  dispatch: AppStore['dispatch'],
  plans: readonly PlanRecord[],
  on: readonly ActiveCook[],
  gear: RunGear,
): readonly string[] => {
  const plateAt = on[0]?.plan.plateAt ?? plans[0]?.plateAt ?? kitchenNow();
  const tie = on[0]?.together?.id ?? newId();
  const all = [...on.map(({ plan }) => plan), ...plans];
  const landings = landingsOf(all, gear);
  return plans.map((plan, i) => {
    const id = newId();
    const waits = landings.pieces[on.length + i]?.waits ?? 0;
    const event = { ...fresh(), kind: 'started' } as const;
    dispatch(
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
