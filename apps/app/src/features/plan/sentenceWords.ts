import { USUAL_BLAST, WARM_OVEN, type Hold, type PlanRequest } from '@crustan/core/plan/request';
import { usesLowOven, usesOven, WAY_TRAITS } from '@crustan/core/plan/way';
import { formatDuration } from '@crustan/core/units';
import { KNOB_WORDS, REST_ON_WORDS, THAW_WORDS } from '../../words/kitchenWords';
import { describeAhead } from '../../words/stepWords';
import type { Show } from '../../words/show';
import { t } from './t';

/** The words of the sentence that open a control. */
export const EDITABLE = [
  'count',
  'cut',
  'thickness',
  'weight',
  'surface',
  'salt',
  'start',
  'pan',
  'moves',
  'oven',
  'target',
  'cover',
  'plate',
] as const;
export type Editable = (typeof EDITABLE)[number];

const SURFACE_WORDS = {
  dry: t('patted-dry-2'),
  wet: t('still-wet-2'),
  aired: t('dried-in-the-fridge-2'),
} as const;

export const COVER_WORDS = {
  open: t('open-2'),
  loose: t('loosely-tented-2'),
  wrapped: t('wrapped-2'),
} as const;

export const describeStart = (request: PlanRequest, show: Show): string => {
  const { start, temper, thaw } = request;
  const from = thaw === undefined ? '' : t('the-freezer-thawed', { words: THAW_WORDS[thaw] });
  const out = temper === 0 ? '' : t('and-min-out', { value: Math.round(temper / 60) });
  return `${from}${show.temperature(start)}${out}`;
};

export const describeSalt = ({ saltAhead, salt }: PlanRequest): string => {
  if (salt === 0) return t('unsalted');
  return saltAhead < 120
    ? t('salted-at-the-pan')
    : t('salted-ahead', { ahead: describeAhead(saltAhead) });
};

export const describeSurface = ({ surface }: PlanRequest): string => SURFACE_WORDS[surface];

/** Actions beside turning: edges, butter, a burner turned down. */
export const describeMoves = ({
  edges,
  baste,
  panAfter,
  press,
  way,
  every,
}: PlanRequest): string => {
  const said = [
    ...(edges === 'first' || edges === 'both' ? [t('fat-edge-first-2')] : []),
    ...(edges === 'last' || edges === 'both' ? [t('edges-last')] : []),
    ...(panAfter === undefined ? [] : [t('burner-down-once-browned')]),
    ...(baste > 0 ? [t('basted')] : []),
    ...(press === 'pressed' ? [t('pressed-flat')] : []),
    ...(WAY_TRAITS[way].turned === 'often' && every !== 30 ? [t('turned-every-s', { every })] : []),
  ];
  return said.length === 0 ? t('nothing-more-to-it') : said.join(', ');
};

/** Place, duration and temperature of a hold before browning. */
export const describeHold = ({ in: place, seconds, air = WARM_OVEN }: Hold, show: Show): string =>
  place === 'tent'
    ? t('held-tented', { duration: formatDuration(seconds) })
    : t('held-in-a-oven', { duration: formatDuration(seconds), degrees: show.degrees(air) });

/** The oven of the chosen way, or of the ways beside it. */
export const describeOven = (request: PlanRequest, show: Show): string => {
  const { way, lowOven, hotOven, fan, ovenFuel, tray, hold, blast = USUAL_BLAST } = request;
  const kind = t('oven-4', {
    part: ovenFuel === 'gas' ? t('gas') : '',
    part2: fan ? t('fan-2') : '',
    part3: tray ? t('over-a-tray') : '',
  });
  if (!usesOven(way))
    return t('or-3', { degrees: show.degrees(lowOven), degrees2: show.degrees(hotOven), kind });
  const air = show.degrees(usesLowOven(way) ? lowOven : hotOven);
  const held = hold && usesLowOven(way) ? `, ${describeHold(hold, show)}` : '';
  const then = way === 'oven-blast' ? t('then', { degrees: show.degrees(blast) }) : '';
  return `${air}${kind}${held}${then}`;
};

/** The pan and what is done with its knob. */
export const describePan = ({ pan, knob }: PlanRequest, show: Show): string =>
  t('pan-3', { temperature: show.temperature(pan), words: KNOB_WORDS[knob] });

/** Cover and surface of the rest. */
export const describeRest = ({ cover, restOn }: PlanRequest): string =>
  `${COVER_WORDS[cover]} ${REST_ON_WORDS[restOn]}`;

/** The number of pieces alike, in words. */
export const formatHowMany = ({ pieces }: PlanRequest): string =>
  pieces > 1 ? `${pieces} ×` : t('one-piece-of');
