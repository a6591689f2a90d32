import type { Trouble } from '@crustan/core/cook/event';
import type { PiecePlace } from '@crustan/core/cook/press';
import type { TroubleOption } from '@crustan/core/whatif/troubleOptions';
import type { OfferedFix } from '@crustan/core/whatif/chooseFix';
import { showDuration } from '@crustan/core/units';
import type { Show } from '../../words/show';
import type { Browned } from '@crustan/core/doneness';
import { describeCrust } from '../../words/judgedWords';

/** Immediate actions, shown before any figures. */
export const FIRST_AID: Readonly<Partial<Record<Trouble, string>>> = {
  fire: 'Heat off. Lid or baking sheet on. Never water, never carry it. If it is not out in a moment: everybody out, and call the fire brigade.',
  smoke: 'Extractor on, window open, burner down.',
  butter: 'Off the heat. Pour it out with a towel round the handle, wipe with paper held in tongs.',
  'cold-pan': 'Take it out if it lies silent: it would only steam.',
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
      return 'Continue unchanged';
    case 'oven-up':
    case 'oven-down':
      return `Oven to ${show.degrees(celsius)}`;
    case 'oven-hold':
      return `When it is nearly there, hold it ${minutes} in the oven at ${show.degrees(celsius)}`;
    case 'pan-up':
    case 'pan-down':
      return `Pan to ${show.degrees(celsius)}`;
    case 'out-now':
      return 'Out now, and rest';
    case 'sear-now':
      return `Out of the oven now, then ${showDuration(Math.round(seconds))} in the pan`;
    case 'board':
      return `Onto a board for ${minutes}, then finish it`;
    case 'hold-after':
      return `Finish it, and let it wait ${minutes} more`;
    case 'reheat':
      return `Out for ${minutes} while the pan comes back, then in again`;
    case 'wipe':
      return `Out for ${minutes}, wipe the pan, on without butter`;
    case 'for-thin':
      return 'Pull it when the thin end is right, and cut that end off';
    case 'lid':
      return `Heat off, lid on for ${minutes}; then it comes out`;
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
  const cools = peak - sliceCore > 1 ? `, ${show.degrees(sliceCore)} when sliced` : '';
  const thin = thinPeak === undefined ? '' : `, the thin end ${show.degrees(thinPeak)}`;
  return `Ends at ${show.degrees(peak)}${cools}${thin}; crust ${describeCrust(Math.min(...browning), by)}; sliced ${sliced}`;
};

/** Delay of a plate: `12 min late`, `on time`. */
const describeReadyTime = (late: number): string => {
  const minutes = Math.round(Math.abs(late) / 60);
  if (minutes === 0) return 'on time';
  return `${minutes} min ${late > 0 ? 'late' : 'early'}`;
};

/** Offer of a fix: its action, its result, and the result without it. */
export const describeOffer = (
  { option, late, lateAsIs, asIs }: OfferedFix,
  show: Show,
): { readonly does: string; readonly brings: string } => ({
  does: describeOption(option, show),
  brings: `The plate is ${describeReadyTime(late)} at ${show.degrees(option.peak)}; without it, ${describeReadyTime(lateAsIs)} at ${show.degrees(asIs.peak)}.`,
});
