import { translateName } from '@crustan/messages';
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
import { withDecimalMark } from './withDecimalMark';
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
import { t } from '../t';

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

const COVER = { open: t('open'), loose: t('loosely-tented'), wrapped: t('wrapped') } as const;

/** Lead time in words: `a day`, `2 days`, `12 hours`. */
export const describeAhead = (seconds: number): string => {
  if (seconds < 5400) return t('min', { value: Math.round(seconds / 60) });
  const hours = Math.round(seconds / 3600);
  if (hours < 24) return t('hours', { hours });
  const days = Math.round(hours / 24);
  return days === 1 ? t('a-day') : t('days', { days });
};

/** `40 min`, `2.5 hours`: how long something takes by itself. */
const formatHours = (seconds: number): string => {
  if (seconds < 5400) return t('min', { value: Math.round(seconds / 300) * 5 });
  const hours = seconds / 3600;
  return t('hours-2', { part: hours < 6 ? Math.round(2 * hours) / 2 : Math.round(hours) });
};

/** `12 to 34 hours`: how long a thaw takes in a warmer and in a cooler place. */
const describeThaw = (thaw: PlanFigures['thaw']): string => {
  const { seconds = 0, least = seconds, most = seconds } = thaw ?? {};
  const [short, long] = [formatHours(least), formatHours(most)];
  const [figure, unit = ''] = short.split(' ');
  if (short === long) return short;
  return long.endsWith(unit)
    ? t('to-4', { figure: figure ?? '', long })
    : t('to-5', { short, long });
};

/** Thawed in water or on the counter, it does not come out of the fridge. */
const thawedOutside = ({ thaw }: PlanFigures['request']): boolean =>
  thaw !== undefined && thaw !== 'fridge-shelf' && thaw !== 'fridge-bag';

/** Drip loss of a thaw. */
const dripWords = (species: Species): string => {
  const [least, most] = THAW_DRIP[isFish(species) ? 'fish' : 'meat'];
  return t('to-6', { value: Math.round(100 * least), value2: Math.round(100 * most) });
};

/** A piece that is dried in the fridge before it is salted, or longer. */
const dryWords = (request: PlanFigures['request']): StepWords => {
  const { in: place, seconds } = resolveFridgeDrying(request);
  return {
    does: place === 'towels' ? t('wrap-it-in-a-dry-towel-in') : t('onto-a-rack-in-the-fridge'),
    why: `${describeAhead(seconds)}, ${place === 'towels' ? t('a-fresh-towel-every-day') : t('uncovered')}`,
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
  const { name, allergens } = fatOf(request.fat);
  const fat = translateName(name);
  const contains = containing(allergens);
  switch (step.kind) {
    case 'salt':
      return {
        does: t('salt-it-ahead', { ahead: describeAhead(request.saltAhead) }),
        why: t('on-a-rack-in-the-fridge-uncovered'),
      };
    case 'dry':
      return dryWords(request);
    case 'thaw':
      return {
        does: t('out-of-the-freezer-it-thaws', { words: THAW_WORDS[request.thaw ?? 'fridge-bag'] }),
        why: t('until-no-ice-is-left-in-the', {
          thaw: describeThaw(plan.thaw),
          part: request.thaw === 'still-water' ? t('fresh-water-every-half-hour') : '',
          dripWords: dripWords(cut.species),
        }),
      };
    case 'temper':
      return {
        does: thawedOutside(request) ? t('leave-it-on-the-counter') : t('out-of-the-fridge'),
        why: t('on-the-counter-it-counts-towards-the', { rounded: rounded(request.temper) }),
      };
    case 'oven-on': {
      const oven = firstOvenLeg(legs);
      const air = oven?.air ?? 0;
      const dial = Math.round(air - ovenOffset);
      return {
        does:
          dial === Math.round(air)
            ? t('oven-on-to', { degrees: show.degrees(air) })
            : t('oven-on-dial-at-for-of-air', {
                degrees: show.degrees(dial),
                degrees2: show.degrees(air),
              }),
        why: t('before-it-is-wanted-walls-and-rack', {
          rounded: rounded((oven?.at ?? 0) - step.at),
        }),
      };
    }
    case 'oven-up':
      return {
        does: t('oven-up-to', { degrees: show.degrees(leg?.air ?? 0) }),
        why: t('as-hot-as-it-goes-takes-a'),
      };
    case 'ready': {
      const dry = request.surface === 'dry' ? t('pat-it-dry') : '';
      const salt = request.saltAhead < 600 ? t('salt-it') : '';
      const does = t('set-out', { dry, salt });
      const butter = request.baste > 0 ? t('butter-and-herbs') : '';
      return {
        does: does.charAt(0).toUpperCase() + does.slice(1),
        why: t('oil-tongs-thermometer-board-rack-dry-towel', { butter }),
      };
    }
    case 'preheat':
      return {
        does: t('dry-pan-on-full-to', { degrees: show.degrees(request.pan) }),
        why: t('kg-of-iron-on-kw-of-extractor', {
          mass: withDecimalMark(String(pan.mass)),
          value: pan.power / 1000,
          burner: pan.burner,
        }),
      };
    case 'in':
      if (leg?.kind === 'oven') {
        return {
          does: t('into-the-oven-at', { degrees: show.degrees(leg.air ?? 0) }),
          why: t('on-a-rack-over-a-tray-the', { rounded: rounded(leg.seconds) }),
        };
      }
      if (leg?.kind === 'edge') {
        return {
          does: t('stand-it-on-its-fat-edge'),
          why: t('with-the-tongs-until-it-has-coloured', { rounded: rounded(leg.seconds) }),
        };
      }
      if (startsCold(request)) {
        return {
          does: t('skin-down-in-the-cold-pan'),
          why: t('scored-no-oil-burner-half-way-pour'),
        };
      }
      if (cut.skin) {
        return {
          does: t('in-skin-down'),
          why: t('a-spoon-of-press-it-flat-for', { fat, contains }),
        };
      }
      return {
        does: t('a-spoon-of-and-in-away-from', { fat }),
        why:
          request.surface === 'wet'
            ? t('it-will-spit-the-water-boils-off', { contains })
            : `${PRESS_ADVICE[request.press]}${contains}`,
      };
    case 'flat':
      return {
        does: t('lay-it-on-its-face'),
        why: t('away-from-you', { words: PRESS_ADVICE[request.press] }),
      };
    case 'turn':
      return {
        does: t('turn-it'),
        why:
          leg?.kind === 'oven'
            ? t('half-way-be-quick-the-door-costs')
            : t('on-this-side', { rounded: rounded(step.at - (leg?.at ?? 0)) }),
      };
    case 'turns':
      return {
        does: t('turn-it-every-s', { every: request.every }),
        why: t('turns-to-fresh-hot-iron-each-time', { turnsCount: plan.turns.length }),
      };
    case 'butter':
      return {
        does: t('burner-down-butter-in-baste'),
        why: t('foaming-never-brown', {
          rounded: rounded(leg?.seconds ?? 0),
          containing: containing(BUTTER_ALLERGENS),
        }),
      };
    case 'edges':
      return { does: t('roll-it-round-its-edges'), why: rounded(leg?.seconds ?? 0) };
    case 'into-oven':
      if (request.way === 'oven-blast') {
        return {
          does: t('into-the-oven-at', { degrees: show.degrees(leg?.air ?? 0) }),
          why: t('until-it-is-brown-about-stay-and', { rounded: rounded(leg?.seconds ?? 0) }),
        };
      }
      return {
        does: t('into-the-oven-at', { degrees: show.degrees(leg?.air ?? 0) }),
        why: t('about-2', {
          part:
            request.ovenOn === 'pan' && leg?.pan !== undefined
              ? t('in-its-pan-sleeve-on-the-handle')
              : t('on-a-rack-over-a-tray-the-2'),
          rounded: rounded(leg?.seconds ?? 0),
        }),
      };
    case 'burner-down':
      return {
        does: t('burner-down-the-pan-to', { degrees: show.degrees(leg?.pan ?? 0) }),
        why: t('it-has-browned-about-until-the-next', { rounded: rounded(leg?.seconds ?? 0) }),
      };
    case 'oven-set':
      return {
        does: t('oven-to', { degrees: show.degrees(leg?.air ?? 0) }),
        why: t('the-piece-stays-in-about', { rounded: rounded(leg?.seconds ?? 0) }),
      };
    case 'out':
      return {
        does: pullsFromOven(plan)
          ? t('out-of-the-oven-at-into-the', { degrees: show.degrees(plan.pullCore) })
          : t('out-of-the-oven-into-the-pan'),
        why: t('probe-out-first-with-a-towel-the', {
          readingFirst: readingFirst(plan, 'pull', show),
          howBrowned: howBrowned(request),
        }),
      };
    case 'lift':
      return liftWords(step.leg ?? 0, plan, show);
    case 'back':
      return {
        does: describeIntoPan(step.leg ?? 0, plan),
        why: t('once-a-drop-of-water-skates-on', { howBrowned: howBrowned(request) }),
      };
    case 'pull':
      return {
        does: pullWords(plan, show),
        why: t('rests-climbs-to-in', {
          readingFirst: readingFirst(plan, 'done', show),
          words: COVER[request.cover],
          words2: REST_ON_WORDS[request.restOn],
          degrees: show.degrees(plan.peakCore),
          rounded: rounded(Math.max(0, plan.peakAfter)),
        }),
      };
    case 'slice':
      return { does: t('slice-and-salt'), why: translateName(cut.slicing) };
    case 'plate':
      return { does: t('on-the-plate'), why: t('a-warm-one') };
  }
};
