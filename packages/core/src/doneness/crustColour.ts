import type { ModelName } from '../heat/matter/heatModel';

/** Appearance and taste of a crust. */
export const CRUST_COLOURS = [
  'pale',
  'golden',
  'deep-brown',
  'dark',
  'very-dark',
  'burnt',
] as const;
export type CrustColour = (typeof CRUST_COLOURS)[number];

/**
 * Browning index from which a crust has each colour, by the law of the index. The baseline's: estimates, by cooks'
 * words. The kitchen's: fitted with its law to reports of cooks (`apps/cli/src/fit/browningAnchors.ts`).
 */
export const CRUST_FROM: Readonly<Record<ModelName, Readonly<Record<CrustColour, number>>>> = {
  baseline: { pale: 0, golden: 1, 'deep-brown': 1.6, dark: 2.4, 'very-dark': 3, burnt: 3.3 },
  kitchen: { pale: 0, golden: 0.78, 'deep-brown': 1.2, dark: 1.71, 'very-dark': 2.25, burnt: 2.7 },
};

/** Model of a browning index, and the cook's colour bias. */
export interface Browned {
  /** Absent, as in the first logbooks: the baseline. */
  readonly model?: ModelName | undefined;
  /** Correction of the index by this logbook's judged crusts. */
  readonly learned?: { readonly crust?: number | undefined } | undefined;
}

/** Browning index from which a crust has this colour. */
export const crustFrom = (colour: CrustColour, { model = 'baseline', learned }: Browned): number =>
  colour === 'pale' ? 0 : Math.max(0, CRUST_FROM[model][colour] - (learned?.crust ?? 0));

export const crustColour = (index: number, by: Browned): CrustColour =>
  CRUST_COLOURS.findLast((colour) => index >= crustFrom(colour, by)) ?? 'pale';

/** A browning index as the one that looks the same by the baseline's law: what crusts are drawn by. */
export const crustShade = (index: number, by: Browned): number => {
  const colour = crustColour(index, by);
  const next = CRUST_COLOURS[CRUST_COLOURS.indexOf(colour) + 1];
  const [from, to] = [crustFrom(colour, by), CRUST_FROM.baseline[colour]];
  if (next === undefined) return to + (index - from);
  const share = (index - from) / (crustFrom(next, by) - from);
  return to + share * (CRUST_FROM.baseline[next] - to);
};
