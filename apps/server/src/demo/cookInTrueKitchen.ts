import { crustColour, donenessOf } from '@crustan/core/doneness';
import { CRUST_SEEN, type Judgement } from '@crustan/core/formats';
import {
  browningIndex,
  dripShare,
  greyBand,
  readingOf,
  SEARCH_COLUMNS,
  USUAL_THERMOMETER,
} from '@crustan/core/heat';
import {
  panOnBurner,
  panExcess,
  statedWarmUp,
  panAfterWarming,
  type GearUsed,
  type LearnedTraits,
} from '@crustan/core/learn';
import { even, normal } from '@crustan/core/maths';
import { pressFor, type CookEvent, type Instrument, type PressKind } from '@crustan/core/cook';
import { trueCook } from '@crustan/core/simulation';
import {
  cutOf,
  palestBrowning,
  startsCold,
  type CookPlan,
  type MethodSimulator,
} from '@crustan/core/plan';
import { actionsOf } from '@crustan/core/schedule';

/** True course of a cook in a kitchen that differs from its plan. */
export interface TrueCook {
  readonly events: readonly CookEvent[];
  readonly judgement: Judgement;
}

const round = (value: number, step: number): number =>
  Number((Math.round(value / step) * step).toFixed(2));

/** Simulated time after the planned end of the deciding leg: share of the planned duration, and least, s. */
const WATCHED = 0.4;
const WATCHED_LEAST = 60;
/** The thermometer goes in for a look at this share of that leg. */
const READ_AT = 0.86;

/** Placement error of a hand-held thermometer, m. */
const HAND_OFF = [0.002, 0.005] as const;

/** Looks a cook takes with a gun while the pan comes up, shares of its minutes; how far off each, K. */
const GUN_LOOKS = [0.55, 0.97] as const;
const GUN_NOISE = 5;
/** Interval of readings of an inserted probe and of a thermometer in the oven, s; error of each, K. */
const PROBE_EVERY = 60;
const PROBE_NOISE = 0.35;
const OVEN_EVERY = 240;
const OVEN_NOISE = 4;
/** Grey to this is a thin band, m; a share lost to this leaves little on the board. */
const THIN_BAND = 0.006;
const LITTLE_JUICE = 0.14;

export interface TrueKitchen {
  readonly traits: LearnedTraits;
  readonly gear: GearUsed;
}

/**
 * Cooks a plan in a kitchen with its own oven, burner, pan and eye for thickness, by a cook who is a
 * little late with every press and pulls when the thermometer says so. The figures come from the
 * same heat model as the plan.
 * @param inAt when the plan has the piece meet the heat, ms since 1970
 */
export const cookInTrueKitchen = (
  plan: CookPlan,
  inAt: number,
  notes: string,
  { traits, gear }: TrueKitchen,
  random: () => number,
  newId: () => string,
): TrueCook => {
  const off = (deviation: number): number => deviation * normal(random);
  const { request, legs } = plan;
  const truth = trueCook(
    request,
    {
      burner: traits.burner / gear.burner.share,
      ovenHeat: traits.ovenHeat,
      oven: traits.oven - gear.oven.offset + off(1.5),
      contact: traits.contact * Math.exp(off(0.05)),
      thickness: traits.thickness + off(0.0005),
      start: Math.max(-request.start, off(1)),
      pan: panExcess(gear, request.pan, traits.burner) + off(4),
    },
    { pan: panOnBurner(gear, gear.burner.share), columns: SEARCH_COLUMNS },
  );
  const { solver } = truth;
  const late = (): number => Math.abs(off(2.5));
  const begin = inAt + off(40) * 1000;
  const events: CookEvent[] = [];
  const at = (seconds: number): number => Math.round(begin + seconds * 1000);
  const press = (kind: PressKind, seconds: number): void => {
    events.push({ id: newId(), kind, at: at(seconds) });
  };
  const read = (by: Instrument, seconds: number, celsius: number): void => {
    const seen = round(celsius, 0.1);
    events.push({
      id: newId(),
      kind: 'reading',
      at: at(seconds),
      celsius: seen,
      ...(by === 'typed' ? {} : { by }),
    });
  };

  const decides = legs.findIndex((leg) => Math.abs(leg.at + leg.seconds - plan.pullAt) < 1);
  const starts: number[] = [];
  const flipsMade: (readonly number[])[] = [];
  let passed = 0;
  truth.reset();
  truth.legs.forEach((asked, i) => {
    const leg = legs[i];
    if (!leg) return;
    const timed = { ...asked, seconds: leg.seconds, flips: leg.flips };
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
    const inOven = leg.kind === 'oven';
    const most = leg.seconds + Math.max(WATCHED_LEAST, WATCHED * leg.seconds);
    // The last turn keeps its distance from the pull with any delay.
    const flips = leg.flips.map((flip) => flip + late()).filter((flip) => flip < leg.seconds - 6);
    let pull = most;
    const byHand = { ...USUAL_THERMOMETER, from: request.stem, off: even(random, ...HAND_OFF) };
    let reading = solver.core;
    const probed: { readonly t: number; readonly core: number }[] = [];
    const before = truth.snapshot();
    truth.runLeg({ ...timed, seconds: most, flips }, (t) => {
      if (t <= READ_AT * leg.seconds) reading = readingOf(solver, byHand);
      if (t >= (probed.length + 1) * PROBE_EVERY) probed.push({ t, core: solver.core });
      if (pull === most && t > 0.6 * leg.seconds && solver.core >= leg.core) pull = t;
      return pull < most;
    });
    pull += late();
    if (inOven) {
      for (const { t, core } of probed) {
        if (t < pull) read('probe', passed + t, core + off(PROBE_NOISE));
      }
      const air = (leg.air ?? 0) - gear.oven.offset + traits.oven;
      for (let t = OVEN_EVERY; t < pull; t += OVEN_EVERY) {
        read('oven', passed + t, air + off(OVEN_NOISE));
      }
    } else read('typed', passed + READ_AT * leg.seconds, reading + off(0.6));
    truth.restore(before);
    const made = flips.filter((flip) => flip < pull - 3);
    const ends = leg.flips.some((flip) => flip >= leg.seconds - 0.5) ? [...made, pull] : made;
    truth.runLeg({ ...timed, seconds: pull, flips: ends });
    flipsMade.push(ends);
    passed += pull;
  });

  const firstPan = legs.findIndex(({ kind }) => kind !== 'oven');
  const panIn = starts[firstPan] ?? 0;
  const warms = statedWarmUp(gear, request.pan);
  if (warms !== undefined && !startsCold(request)) {
    press('pan-on', panIn - warms);
    for (const share of GUN_LOOKS) {
      const seconds = warms * share;
      read(
        'gun',
        panIn - warms + seconds,
        panAfterWarming(gear, seconds, traits.burner) + off(GUN_NOISE),
      );
    }
  }
  press('started', Math.min(-700, panIn - (warms ?? 0) - 60) + off(30));
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
    else press(pressFor(action.kind), start);
  }
  const { carved } = truth.restToPeak();
  return {
    events: events.toSorted((a, b) => a.at - b.at),
    judgement: { ...judged(truth, carved, off), notes },
  };
};

/** Judgement that a cook would give of a piece with this result. */
const judged = (
  { solver, request }: MethodSimulator,
  peak: number,
  off: (deviation: number) => number,
): Omit<Judgement, 'notes'> => {
  const browning = [browningIndex(solver.browned(0)), browningIndex(solver.browned(1))] as const;
  const seen = crustColour(palestBrowning({ request, browning }), request);
  const band = greyBand(solver);
  const lost = solver.evaporatedShare + dripShare(solver) * 0.7 + Math.abs(off(0.008));
  const end = round(peak + off(0.5), 0.1);
  const miss = Math.abs(end - request.target);
  const before = round(request.weight, 0.001) * 1000;
  return {
    endTemperature: end,
    doneness: donenessOf(cutOf(request).species, peak).name,
    crust: CRUST_SEEN.find((colour) => colour === seen) ?? 'dark',
    crunch: request.cover === 'open' ? (seen === 'pale' ? 'some' : 'crisp') : 'soft',
    greyBand: band < 0.0005 ? 'none' : band < THIN_BAND ? 'thin' : 'wide',
    juice: lost > LITTLE_JUICE ? 'pool' : 'little',
    tenderness: peak > 62 ? 'fair' : 'tender',
    seasoning: 'right',
    again: miss < 2 && seen !== 'pale' ? 'again' : 'with-change',
    weightBefore: Math.round(before) / 1000,
    weightAfter: Math.round(before * (1 - lost)) / 1000,
    paid: round(request.weight * (cutOf(request).species === 'beef' ? 34 : 22), 0.5),
  };
};
