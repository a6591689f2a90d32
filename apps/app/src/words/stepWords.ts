import { THAW_DRIP } from '@crustan/core/food/freezing';
import { isFish, type Species } from '@crustan/core/food/species';
import { fatOf } from '@crustan/core/gear/fats';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import type { CookPlan } from '@crustan/core/plan';
import { BUTTER_ALLERGENS } from '@crustan/core/safety/allergens';
import { pullsFromOven } from '@crustan/core/plan/pullsFromOven';
import { cutOf } from '@crustan/core/plan/request';
import { resolveFridgeDrying } from '@crustan/core/plan/surfaceFilm';
import { startsCold } from '@crustan/core/plan/startsCold';
import type { RunStep } from '@crustan/core/schedule/run';
import { containing } from './allergenWords';
import type { Show } from './show';
import { firstOvenLeg } from '@crustan/core/plan/ovenLegs';
import {
  howBrowned,
  liftWords,
  pullWords,
  readingFirst,
  rounded,
  describeIntoPan,
} from './holdWords';
import { PRESS_ADVICE, REST_ON_WORDS, THAW_WORDS } from './kitchenWords';

/** A step of the run: what to do, and why or how. */
export interface StepWords {
  readonly does: string;
  readonly why: string;
}

type PlanFigures = Pick<
  CookPlan,
  | 'request'
  | 'legs'
  | 'turns'
  | 'pullAt'
  | 'pullCore'
  | 'doneCore'
  | 'peakCore'
  | 'peakAfter'
  | 'cookSeconds'
  | 'restSeconds'
  | 'readings'
  | 'thaw'
>;

const COVER = { open: 'open', loose: 'loosely tented', wrapped: 'wrapped' } as const;

/** Lead time in words: `a day`, `2 days`, `12 hours`. */
export const describeAhead = (seconds: number): string => {
  if (seconds < 5400) return `${Math.round(seconds / 60)} min`;
  const hours = Math.round(seconds / 3600);
  if (hours < 24) return `${hours} hours`;
  const days = Math.round(hours / 24);
  return days === 1 ? 'a day' : `${days} days`;
};

/** `40 min`, `2.5 hours`: how long something takes by itself. */
const formatHours = (seconds: number): string => {
  if (seconds < 5400) return `${Math.round(seconds / 300) * 5} min`;
  const hours = seconds / 3600;
  return `${hours < 6 ? Math.round(2 * hours) / 2 : Math.round(hours)} hours`;
};

/** `12 to 34 hours`: how long a thaw takes in a warmer and in a cooler place. */
const describeThaw = (thaw: PlanFigures['thaw']): string => {
  const { seconds = 0, least = seconds, most = seconds } = thaw ?? {};
  const [short, long] = [formatHours(least), formatHours(most)];
  const [figure, unit = ''] = short.split(' ');
  if (short === long) return short;
  return long.endsWith(unit) ? `${figure} to ${long}` : `${short} to ${long}`;
};

/** Thawed in water or on the counter, it does not come out of the fridge. */
const thawedOutside = ({ thaw }: PlanFigures['request']): boolean =>
  thaw !== undefined && thaw !== 'fridge-shelf' && thaw !== 'fridge-bag';

/** Drip loss of a thaw. */
const dripWords = (species: Species): string => {
  const [least, most] = THAW_DRIP[isFish(species) ? 'fish' : 'meat'];
  return `${Math.round(100 * least)} to ${Math.round(100 * most)}\u00a0%`;
};

/** A piece that is dried in the fridge before it is salted, or longer. */
const dryWords = (request: PlanFigures['request']): StepWords => {
  const { in: place, seconds } = resolveFridgeDrying(request);
  return {
    does:
      place === 'towels' ? 'Wrap it in a dry towel, in the fridge' : 'Onto a rack in the fridge',
    why: `${describeAhead(seconds)}, ${place === 'towels' ? 'a fresh towel every day' : 'uncovered'}`,
  };
};

/** The words of a step, from the plan's own figures. */
export const stepWords = (
  step: RunStep,
  plan: PlanFigures,
  show: Show,
  pan: PanOnBurner,
  /** The oven's air over its dial, K. */
  ovenOffset = 0,
): StepWords => {
  const { request, legs } = plan;
  const cut = cutOf(request);
  const leg = step.leg === undefined ? undefined : legs[step.leg];
  const { name: fat, allergens } = fatOf(request.fat);
  const contains = containing(allergens);
  switch (step.kind) {
    case 'salt':
      return {
        does: `Salt it, ${describeAhead(request.saltAhead)} ahead`,
        why: 'on a rack in the fridge, uncovered: it goes in and the face dries',
      };
    case 'dry':
      return dryWords(request);
    case 'thaw':
      return {
        does: `Out of the freezer: it thaws ${THAW_WORDS[request.thaw ?? 'fridge-bag']}`,
        why: `${describeThaw(plan.thaw)} until no ice is left in the middle${request.thaw === 'still-water' ? '; fresh water every half hour' : ''}; ${dripWords(cut.species)} of it drips away`,
      };
    case 'temper':
      return {
        does: thawedOutside(request) ? 'Leave it on the counter' : 'Out of the fridge',
        why: `${rounded(request.temper)} on the counter; it counts towards the two hours`,
      };
    case 'oven-on': {
      const oven = firstOvenLeg(legs);
      const air = oven?.air ?? 0;
      const dial = Math.round(air - ovenOffset);
      return {
        does:
          dial === Math.round(air)
            ? `Oven on, to ${show.degrees(air)}`
            : `Oven on, dial at ${show.degrees(dial)} for ${show.degrees(air)} of air`,
        why: `${rounded((oven?.at ?? 0) - step.at)} before it is wanted: walls and rack lag behind the air`,
      };
    }
    case 'oven-up':
      return {
        does: `Oven up to ${show.degrees(leg?.air ?? 0)}`,
        why: 'as hot as it goes takes a quarter of an hour',
      };
    case 'ready': {
      const dry = request.surface === 'dry' ? 'Pat it dry, ' : '';
      const salt = request.saltAhead < 600 ? 'salt it, ' : '';
      const does = `${dry}${salt}set out`;
      const butter = request.baste > 0 ? ', butter and herbs' : '';
      return {
        does: does.charAt(0).toUpperCase() + does.slice(1),
        why: `oil, tongs, thermometer, board, rack, dry towel, lid${butter}`,
      };
    }
    case 'preheat':
      return {
        does: `Dry pan on full, to ${show.degrees(request.pan)}`,
        why: `${pan.mass} kg of iron on ${pan.power / 1000} kW of ${pan.burner}; extractor on first`,
      };
    case 'in':
      if (leg?.kind === 'oven') {
        return {
          does: `Into the oven at ${show.degrees(leg.air ?? 0)}`,
          why: `on a rack over a tray, the probe in the middle; about ${rounded(leg.seconds)}`,
        };
      }
      if (leg?.kind === 'edge') {
        return {
          does: 'Stand it on its fat edge',
          why: `${rounded(leg.seconds)} with the tongs, until it has coloured`,
        };
      }
      if (startsCold(request)) {
        return {
          does: 'Skin down in the cold pan',
          why: 'scored, no oil, burner half-way; pour the fat off as it melts',
        };
      }
      if (cut.skin) {
        return {
          does: 'In, skin down',
          why: `a spoon of ${fat}; press it flat for half a minute${contains}`,
        };
      }
      return {
        does: `A spoon of ${fat}, and in, away from you`,
        why:
          request.surface === 'wet'
            ? `it will spit: the water boils off first${contains}`
            : `${PRESS_ADVICE[request.press]}${contains}`,
      };
    case 'flat':
      return { does: 'Lay it on its face', why: `away from you; ${PRESS_ADVICE[request.press]}` };
    case 'turn':
      return {
        does: 'Turn it',
        why:
          leg?.kind === 'oven'
            ? 'half-way; be quick, the door costs heat'
            : `${rounded(step.at - (leg?.at ?? 0))} on this side`,
      };
    case 'turns':
      return {
        does: `Turn it every ${request.every} s`,
        why: `${plan.turns.length} turns, to fresh hot iron each time`,
      };
    case 'butter':
      return {
        does: 'Burner down, butter in, baste',
        why: `${rounded(leg?.seconds ?? 0)}; foaming, never brown${containing(BUTTER_ALLERGENS)}`,
      };
    case 'edges':
      return { does: 'Roll it round its edges', why: rounded(leg?.seconds ?? 0) };
    case 'into-oven':
      if (request.way === 'oven-blast') {
        return {
          does: `Into the oven at ${show.degrees(leg?.air ?? 0)}`,
          why: `until it is brown, about ${rounded(leg?.seconds ?? 0)}; stay and look`,
        };
      }
      return {
        does: `Into the oven at ${show.degrees(leg?.air ?? 0)}`,
        why: `${
          request.ovenOn === 'pan' && leg?.pan !== undefined
            ? 'in its pan: sleeve on the handle'
            : 'on a rack over a tray, the probe in the middle'
        }; about ${rounded(leg?.seconds ?? 0)}`,
      };
    case 'burner-down':
      return {
        does: `Burner down, the pan to ${show.degrees(leg?.pan ?? 0)}`,
        why: `it has browned; about ${rounded(leg?.seconds ?? 0)} until the next step`,
      };
    case 'oven-set':
      return {
        does: `Oven to ${show.degrees(leg?.air ?? 0)}`,
        why: `the piece stays in; about ${rounded(leg?.seconds ?? 0)}`,
      };
    case 'out':
      return {
        does: pullsFromOven(plan)
          ? `Out of the oven at ${show.degrees(plan.pullCore)}, into the pan`
          : 'Out of the oven, into the pan',
        why: `${readingFirst(plan, 'pull', show)}${howBrowned(request)}probe out first, with a towel; the pan is hot by now`,
      };
    case 'lift':
      return liftWords(step.leg ?? 0, plan, show);
    case 'back':
      return {
        does: describeIntoPan(step.leg ?? 0, plan),
        why: `${howBrowned(request)}once a drop of water skates on it`,
      };
    case 'pull':
      return {
        does: pullWords(plan, show),
        why: `${readingFirst(plan, 'done', show)}rests ${COVER[request.cover]} ${REST_ON_WORDS[request.restOn]}; climbs to ${show.degrees(plan.peakCore)} in ${rounded(
          Math.max(0, plan.peakAfter),
        )}`,
      };
    case 'slice':
      return { does: 'Slice and salt', why: cut.slicing };
    case 'plate':
      return { does: 'On the plate', why: 'a warm one' };
  }
};
