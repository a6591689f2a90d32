import type { Trouble } from '@crustan/core/cook/event';
import type { PiecePlace } from '@crustan/core/cook/press';
import type { TroubleOption } from '@crustan/core/whatif/troubleOptions';
import type { OfferedFix } from '@crustan/core/whatif/chooseFix';
import { showDuration } from '@crustan/core/units';
import type { Show } from '../../words/show';
import type { Browned } from '@crustan/core/doneness';
import { describeCrust } from '../../words/judgedWords';
import { t } from './t';

/** Immediate actions, shown before any figures. */
export const FIRST_AID: Readonly<Partial<Record<Trouble, string>>> = {
  fire: t('heat-off-lid-or-baking-sheet-on'),
  smoke: t('extractor-on-window-open-burner-down'),
  butter: t('off-the-heat-pour-it-out-with'),
  'cold-pan': t('take-it-out-if-it-lies-silent'),
};

const IN_PAN: readonly Trouble[] = ['cold-pan', 'butter', 'smoke'];

/** Troubles that can be had where the piece is. */
export const troublesIn = (place: PiecePlace, all: readonly Trouble[]): readonly Trouble[] => {
  if (place === 'before') return all.filter((trouble) => trouble === 'fire' || trouble === 'smoke');
  if (place === 'rest') return all.filter((trouble) => trouble === 'delayed');
  return all.filter((trouble) => place === 'pan' || !IN_PAN.includes(trouble));
};

/** One way out, as an order. */
export const describeOption = (
  { id, celsius = 0, waits = 0, seconds }: TroubleOption,
  show: Show,
): string => {
  const minutes = showDuration(Math.round(waits / 5) * 5);
  switch (id) {
    case 'as-is':
      return t('continue-unchanged');
    case 'oven-up':
    case 'oven-down':
      return t('oven-to', { degrees: show.degrees(celsius) });
    case 'oven-hold':
      return t('when-it-is-nearly-there-hold-it', { minutes, degrees: show.degrees(celsius) });
    case 'pan-up':
    case 'pan-down':
      return t('pan-to', { degrees: show.degrees(celsius) });
    case 'out-now':
      return t('out-now-and-rest');
    case 'sear-now':
      return t('out-of-the-oven-now-then-in', { duration: showDuration(Math.round(seconds)) });
    case 'board':
      return t('onto-a-board-for-then-finish-it', { minutes });
    case 'hold-after':
      return t('finish-it-and-let-it-wait-more', { minutes });
    case 'reheat':
      return t('out-for-while-the-pan-comes-back', { minutes });
    case 'wipe':
      return t('out-for-wipe-the-pan-on-without', { minutes });
    case 'for-thin':
      return t('pull-it-when-the-thin-end-is');
    case 'lid':
      return t('heat-off-lid-on-for-then-it', { minutes });
  }
};

/** Result of a fix. */
export const describeOutcome = (
  { seconds, restSeconds, peak, sliceCore, browning, thinPeak }: TroubleOption,
  now: number,
  show: Show,
  by: Browned,
): string => {
  const sliced = show.clock(now + (seconds + restSeconds) * 1000);
  const cools = peak - sliceCore > 1 ? t('when-sliced', { degrees: show.degrees(sliceCore) }) : '';
  const thin = thinPeak === undefined ? '' : t('the-thin-end', { degrees: show.degrees(thinPeak) });
  return t('ends-at-crust-sliced', {
    degrees: show.degrees(peak),
    cools,
    thin,
    crust: describeCrust(Math.min(...browning), by),
    sliced,
  });
};

/** Delay of a plate: `12 min late`, `on time`. */
const describeReadyTime = (late: number): string => {
  const minutes = Math.round(Math.abs(late) / 60);
  if (minutes === 0) return t('on-time');
  return t('min-2', { minutes, part: late > 0 ? t('late-2') : t('early') });
};

/** Offer of a fix: its action, its result, and the result without it. */
export const describeOffer = (
  { option, late, lateAsIs, asIs }: OfferedFix,
  show: Show,
): { readonly does: string; readonly brings: string } => ({
  does: describeOption(option, show),
  brings: t('the-plate-is-at-without-it-at', {
    readyTime: describeReadyTime(late),
    degrees: show.degrees(option.peak),
    readyTime2: describeReadyTime(lateAsIs),
    degrees2: show.degrees(asIs.peak),
  }),
});
