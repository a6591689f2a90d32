import { browningIndex } from '@crustan/core/heat';
import { crustColour } from '@crustan/core/doneness';
import { PRESS_OF, type CookEvent, type PressKind } from '@crustan/core/live';
import type { Judgement } from '@crustan/core/formats';
import { CRUST_SEEN } from '@crustan/core/formats';
import { palest, WayCook, type CookPlan } from '@crustan/core/plan';
import { actionsOf } from '@crustan/core/schedule';
import { normal } from '@crustan/core/live';

/** What really happened in a kitchen that is not quite the plan's. */
export interface TrueCook {
  readonly events: readonly CookEvent[];
  readonly judgement: Judgement;
}

const round = (value: number, step: number): number =>
  Number((Math.round(value / step) * step).toFixed(2));

/** How long after its planned end the deciding leg is watched, as a share of it and at least, s. */
const WATCHED = 0.4;
const WATCHED_LEAST = 60;
/** The thermometer goes in for a look at this share of that leg. */
const READ_AT = 0.86;

/**
 * Cooks a plan in a kitchen with its own thickness, contact, pan, oven and start, by a cook who is a
 * little late with every press and pulls when the thermometer says so. The figures come from the
 * same heat model as the plan.
 * @param inAt when the plan has the piece meet the heat, ms since 1970
 */
export const cookInTrueKitchen = (
  plan: CookPlan,
  inAt: number,
  notes: string,
  random: () => number,
  newId: () => string,
): TrueCook => {
  const off = (deviation: number): number => deviation * normal(random);
  const { request, legs } = plan;
  const truth = new WayCook(
    {
      ...request,
      thickness: request.thickness + off(0.0008),
      start: Math.max(0, request.start + off(1)),
    },
    { disturbance: { contact: Math.max(0.6, 1 + off(0.12)), pan: off(7), oven: off(9) } },
  );
  const { solver } = truth;
  const late = (): number => Math.abs(off(2.5));
  const begin = inAt + off(40) * 1000;
  const events: CookEvent[] = [];
  const at = (seconds: number): number => Math.round(begin + seconds * 1000);
  const press = (kind: PressKind, seconds: number): void => {
    events.push({ id: newId(), kind, at: at(seconds) });
  };

  const decides = legs.findIndex((leg) => Math.abs(leg.at + leg.seconds - plan.pullAt) < 1);
  const starts: number[] = [];
  const flipsMade: (readonly number[])[] = [];
  let passed = 0;
  truth.reset();
  truth.legs.forEach((asked, i) => {
    const leg = legs[i];
    if (!leg) return;
    const timed = { ...truth.timed(asked, 0), seconds: leg.seconds, flips: leg.flips };
    starts.push(passed);
    if (i !== decides) {
      // A cook is a little late; a turn at the end of a leg is what ends it.
      const seconds = leg.seconds + late();
      const flips = leg.flips.map((flip) => (flip >= leg.seconds - 0.5 ? seconds : flip + late()));
      truth.runLeg({ ...timed, seconds, flips });
      flipsMade.push(flips);
      passed += seconds;
      return;
    }
    const most = leg.seconds + Math.max(WATCHED_LEAST, WATCHED * leg.seconds);
    // The last turn before the pull stays clear of it, whatever the delays.
    const flips = leg.flips.map((flip) => flip + late()).filter((flip) => flip < leg.seconds - 6);
    let pull = most;
    let reading = solver.core;
    const before = solver.snapshot();
    solver.save(before);
    truth.runLeg({ ...timed, seconds: most, flips }, (t) => {
      if (t <= READ_AT * leg.seconds) reading = solver.core;
      if (pull === most && t > 0.6 * leg.seconds && solver.core >= leg.core) pull = t;
      return pull < most;
    });
    pull += late();
    events.push({
      id: newId(),
      kind: 'reading',
      at: at(passed + READ_AT * leg.seconds),
      celsius: round(reading + off(0.6), 0.1),
    });
    solver.restore(before);
    const made = flips.filter((flip) => flip < pull - 3);
    const ends = leg.flips.some((flip) => flip >= leg.seconds - 0.5) ? [...made, pull] : made;
    truth.runLeg({ ...timed, seconds: pull, flips: ends });
    flipsMade.push(ends);
    passed += pull;
  });

  press('started', -700 + off(60));
  const turned = new Map<number, number>();
  for (const action of actionsOf(legs, plan.restSeconds)) {
    const start = starts[action.leg] ?? 0;
    if (action.kind === 'turn') {
      const nth = turned.get(action.leg) ?? 0;
      turned.set(action.leg, nth + 1);
      const flip = flipsMade[action.leg]?.[nth];
      if (flip !== undefined) press('turned', start + flip);
    } else if (action.kind === 'pull') press('pulled', passed);
    else if (action.kind === 'slice') press('sliced', passed + plan.restSeconds + 10 + late() * 4);
    else press(PRESS_OF[action.kind], start);
  }
  const peak = truth.restToPeak();
  const browning = [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))] as const;
  const seen = crustColour(palest({ request, browning }));
  return {
    events: events.toSorted((a, b) => a.at - b.at),
    judgement: {
      endTemperature: round(peak.celsius + off(0.5), 0.1),
      crust: CRUST_SEEN.find((colour) => colour === seen) ?? 'dark',
      notes,
    },
  };
};
