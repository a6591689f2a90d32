import { translateName } from '@crustan/messages';
import { CUTS } from '@crustan/core/food/cuts';
import type { CookSearch, Ended } from '@crustan/core/formats';
import { JUDGED_WORDS } from './judgedWords';
import type { Show } from './show';
import { WAY_NAMES } from './wayWords';
import { t } from '../t';

const ENDED_WORDS: Readonly<Record<Ended, string>> = {
  'too-done': t('too-done'),
  'under-done': t('underdone'),
  'as-planned': t('ended-as-planned'),
};

/** Words of a range with one end. */
const SIZES = { least: t('at-least'), most: t('at-most') } as const;
const DAYS = { least: t('since'), most: t('until') } as const;

/** A range in words: `over 4 cm`, `2 to 3 cm`. */
const formatRange = (
  from: number | undefined,
  to: number | undefined,
  say: (figure: number) => string,
  { least, most }: { readonly least: string; readonly most: string } = SIZES,
): readonly string[] => {
  if (from !== undefined && to !== undefined) return [t('to-2', { say: say(from), say2: say(to) })];
  if (from !== undefined) return [`${least} ${say(from)}`];
  return to === undefined ? [] : [`${most} ${say(to)}`];
};

const some = (text: string | undefined): readonly string[] => (text === undefined ? [] : [text]);

/** Conditions of a search of the logbook besides its words, one text each. */
export const describeAsked = (search: CookSearch, show: Show): readonly string[] => [
  ...some(search.cut && CUTS[search.cut].name.toLowerCase()),
  ...formatRange(search.thicknessFrom, search.thicknessTo, show.length),
  ...formatRange(search.weightFrom, search.weightTo, show.weight),
  ...some(search.doneness && t('planned-to', { doneness: translateName(search.doneness) })),
  ...formatRange(search.targetFrom, search.targetTo, (celsius) =>
    t('planned', { temperature: show.temperature(celsius) }),
  ),
  ...some(search.way && WAY_NAMES[search.way].toLowerCase()),
  ...some(search.ended && ENDED_WORDS[search.ended]),
  ...some(search.crust && t('crust', { words: JUDGED_WORDS[search.crust] })),
  ...some(search.crunch && t('crust-to-the-knife', { words: JUDGED_WORDS[search.crunch] })),
  ...some(search.greyBand && t('grey-band', { words: JUDGED_WORDS[search.greyBand] })),
  ...some(search.juice && t('juice', { words: JUDGED_WORDS[search.juice] })),
  ...some(search.tenderness && JUDGED_WORDS[search.tenderness]),
  ...some(search.seasoning && t('salt-2', { words: JUDGED_WORDS[search.seasoning] })),
  ...some(search.again && t('would-cook-it', { words: JUDGED_WORDS[search.again] })),
  ...formatRange(search.from, search.to, show.date, DAYS),
];
