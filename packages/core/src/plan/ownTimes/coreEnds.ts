import { DEFAULT_PAN, type PanOnBurner } from '../../gear';
import { SEARCH_COLUMNS } from '../../heat';
import { LONGEST_OVEN, LONGEST_PAN } from '../legs/longest';
import { ownLegs } from './ownLegs';
import type { PlanRequest } from '../request/request';
import { requestOfSteps } from './requestOfSteps';
import { stepsAt, type SaidStep } from './saidStep';
import { MethodSimulator } from '../legs/methodSimulator';

/** Time at which the core of a piece reaches the end temperature of a step. */
export interface CoreEnd {
  /** The step, by its place among those that were said. */
  readonly step: number;
  /** Time from the start of the step, s; undefined if the core stays below. */
  readonly seconds: number | undefined;
  /** Rate of the core then, K/s. */
  readonly rate: number;
}

/** Time before an end over which the rate of the core is measured, s. */
const FOLLOWED = 30;

/**
 * Cooks said steps up to each that ends by the core, and finds how long that takes. Ranges of the steps before are taken in
 * their middle.
 * @throws nothing; yields between steps
 */
export function* coreEnds(
  asked: PlanRequest,
  said: readonly SaidStep[],
  onPan: PanOnBurner = DEFAULT_PAN,
): Generator<null, readonly CoreEnd[]> {
  const found: CoreEnd[] = [];
  const seconds = new Map<number, number>();
  for (const [i, step] of said.entries()) {
    if ((step.do !== 'pan' && step.do !== 'oven') || step.until === undefined) continue;
    const { until } = step;
    const longest = step.do === 'oven' ? LONGEST_OVEN : LONGEST_PAN;
    seconds.set(i, longest);
    const steps = stepsAt(said.slice(0, i + 1), 0.5, seconds);
    const request = requestOfSteps(asked, steps);
    const legs = ownLegs(steps, request);
    const cook = new MethodSimulator(request, { pan: onPan, columns: SEARCH_COLUMNS });
    cook.reset();
    const { solver } = cook;
    legs.slice(0, -1).forEach((leg) => cook.runLeg(leg));
    yield null;
    let end: number | undefined;
    let before = { at: 0, core: solver.core };
    let rate = 0;
    const last = legs.at(-1);
    if (last) {
      cook.runLeg(last, (at) => {
        if (solver.core >= until) {
          end = at;
          rate = (solver.core - before.core) / Math.max(1, at - before.at);
          return true;
        }
        if (at - before.at > FOLLOWED) before = { at, core: solver.core };
        return false;
      });
    }
    if (end === undefined) seconds.delete(i);
    else seconds.set(i, Math.max(1, end));
    found.push({ step: i, seconds: end, rate });
    yield null;
  }
  return found;
}
