import type { Way } from '@crustan/core/plan/way';

/** Name of each method: its actions, in their order. */
export const WAY_NAMES: Readonly<Record<Way, string>> = {
  once: 'In the pan, turned once',
  often: 'In the pan, turned often',
  'skin-down': 'On its skin nearly all the way',
  'cold-pan': 'Skin down from a cold pan',
  'sear-oven': 'Sear, then oven',
  'oven-sear': 'Low oven, then sear',
  'sear-oven-sear': 'Sear, low oven, sear',
  'oven-blast': 'Low oven, then a blast',
};

/** Cooks for whom the method is suitable. */
export const WHO_CHOOSES: Readonly<Record<Way, string>> = {
  once: 'For a thin piece and few moves. The least even, and the clock matters.',
  often: 'For whoever stays at the stove: quicker and less grey, but every half minute counts.',
  'skin-down': 'For crisp skin: the flesh cooks through it and sees the iron only at the end.',
  'cold-pan': 'For thick fat under the skin: it melts out before the skin browns.',
  'sear-oven': 'For a thick piece when the stove is needed: the oven finishes what the pan began.',
  'oven-sear': 'For time in hand and an even middle. The most forgiving, and wants a thermometer.',
  'sear-oven-sear': 'For the most crust over an even middle, at the price of two hot pans.',
  'oven-blast': 'For several at table: nobody at the stove, and it waits until they sit down.',
};
