import { CRUST_COLOURS, CRUST_FROM, type CrustColour } from '../doneness';
import { legsAsCooked } from '../cook/legsAsCooked';
import { palestFace } from '../plan/palestBrowning';
import { WayCook } from '../plan/wayCook';
import { browningIndex } from '../heat';
import { panOnBurner, type LoggedCook } from './loggedCook';

/** How much darker or paler one eye calls a crust than another, browning index, one deviation. Estimate. */
const EYE_SPREAD = 0.25;
/** What one judged crust is off by beside the colour's own width: light, the face, the day. Estimate. */
const ONE_LOOK = 0.3;

/** What a book's judged crusts say of its cook's eye. */
export interface LearnedCrust {
  /** Added to the model's browning index before it is named: above 0 crusts are called darker. */
  readonly value: number;
  readonly deviation: number;
  /** Share of the usual spread that is left. */
  readonly unknown: number;
  readonly cooks: readonly string[];
}

/** The middle of a colour's range of index, and the deviation of an index that is somewhere in it. */
const rangeOf = (colour: CrustColour): { readonly middle: number; readonly deviation: number } => {
  const scale = CRUST_FROM.kitchen;
  const next = CRUST_COLOURS[CRUST_COLOURS.indexOf(colour) + 1];
  const from = scale[colour];
  const to = next === undefined ? from + 0.5 : scale[next];
  return { middle: (from + to) / 2, deviation: (to - from) / Math.sqrt(12) };
};

/** Browning index of the palest face that matters, as the model has the cook; undefined if it was not cooked. */
const simulatedIndex = ({ plan, plannedIn, events, gear }: LoggedCook): number | undefined => {
  const legs = legsAsCooked(plan, plannedIn, events);
  if (legs === undefined) return undefined;
  const cook = new WayCook(plan.request, { pan: panOnBurner(gear, gear.burner.share) });
  cook.reset();
  cook.endOf(legs);
  const { solver } = cook;
  return palestFace(plan.request, [
    browningIndex(solver.browned(0)),
    browningIndex(solver.browned(1)),
  ]);
};

/**
 * The cook's eye for crusts from those that were judged: what the colours that were called are off
 * from the model's, shrunk towards none by how much eyes usually differ. Cooks planned by the baseline,
 * whose index is another, say nothing. Undefined where none was judged.
 */
export const learnCrust = (
  cooks: readonly LoggedCook[],
  since = -Infinity,
): LearnedCrust | undefined => {
  let precision = 1 / (EYE_SPREAD * EYE_SPREAD);
  let sum = 0;
  const from: string[] = [];
  for (const cook of cooks) {
    const { crust, at, id, plan } = cook;
    if (crust === undefined || at < since || plan.request.model !== 'kitchen') continue;
    const index = simulatedIndex(cook);
    if (index === undefined) continue;
    const { middle, deviation } = rangeOf(crust);
    const weight = 1 / (deviation * deviation + ONE_LOOK * ONE_LOOK);
    precision += weight;
    sum += weight * (middle - index);
    from.push(id);
  }
  if (from.length === 0) return undefined;
  const deviation = Math.sqrt(1 / precision);
  return { value: sum / precision, deviation, unknown: deviation / EYE_SPREAD, cooks: from };
};
