import { USUAL_BLAST, WARM_OVEN, type Hold, type PlanRequest } from '@crustan/core/plan/request';
import { usesLowOven, usesOven, WAY_TRAITS } from '@crustan/core/plan/way';
import { formatDuration } from '@crustan/core/units';
import { KNOB_WORDS, REST_ON_WORDS, THAW_WORDS } from '../../words/kitchenWords';
import { describeAhead } from '../../words/stepWords';
import type { Show } from '../../words/show';

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
  dry: 'patted dry',
  wet: 'still wet',
  aired: 'dried in the fridge',
} as const;

export const COVER_WORDS = {
  open: 'open',
  loose: 'loosely tented',
  wrapped: 'wrapped',
} as const;

export const describeStart = (request: PlanRequest, show: Show): string => {
  const { start, temper, thaw } = request;
  const from = thaw === undefined ? '' : `the freezer, thawed ${THAW_WORDS[thaw]}, `;
  const out = temper === 0 ? '' : ` and ${Math.round(temper / 60)} min out`;
  return `${from}${show.temperature(start)}${out}`;
};

export const describeSalt = ({ saltAhead, salt }: PlanRequest): string => {
  if (salt === 0) return 'unsalted';
  return saltAhead < 120 ? 'salted at the pan' : `salted ${describeAhead(saltAhead)} ahead`;
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
    ...(edges === 'first' || edges === 'both' ? ['fat edge first'] : []),
    ...(edges === 'last' || edges === 'both' ? ['edges last'] : []),
    ...(panAfter === undefined ? [] : ['burner down once browned']),
    ...(baste > 0 ? ['basted'] : []),
    ...(press === 'pressed' ? ['pressed flat'] : []),
    ...(WAY_TRAITS[way].turned === 'often' && every !== 30 ? [`turned every ${every} s`] : []),
  ];
  return said.length === 0 ? 'nothing more to it' : said.join(', ');
};

/** Place, duration and temperature of a hold before browning. */
export const describeHold = ({ in: place, seconds, air = WARM_OVEN }: Hold, show: Show): string =>
  place === 'tent'
    ? `held ${formatDuration(seconds)} tented`
    : `held ${formatDuration(seconds)} in a ${show.degrees(air)} oven`;

/** The oven of the chosen way, or of the ways beside it. */
export const describeOven = (request: PlanRequest, show: Show): string => {
  const { way, lowOven, hotOven, fan, ovenFuel, tray, hold, blast = USUAL_BLAST } = request;
  const kind = `${ovenFuel === 'gas' ? ' gas' : ''}${fan ? ' fan' : ''} oven${tray ? ' over a tray' : ''}`;
  if (!usesOven(way)) return `${show.degrees(lowOven)} or ${show.degrees(hotOven)}${kind}`;
  const air = show.degrees(usesLowOven(way) ? lowOven : hotOven);
  const held = hold && usesLowOven(way) ? `, ${describeHold(hold, show)}` : '';
  const then = way === 'oven-blast' ? `, then ${show.degrees(blast)}` : '';
  return `${air}${kind}${held}${then}`;
};

/** The pan and what is done with its knob. */
export const describePan = ({ pan, knob }: PlanRequest, show: Show): string =>
  `${show.temperature(pan)} pan ${KNOB_WORDS[knob]}`;

/** Cover and surface of the rest. */
export const describeRest = ({ cover, restOn }: PlanRequest): string =>
  `${COVER_WORDS[cover]} ${REST_ON_WORDS[restOn]}`;

/** The number of pieces alike, in words. */
export const formatHowMany = ({ pieces }: PlanRequest): string =>
  pieces > 1 ? `${pieces} ×` : 'one';
