/** How a crust looks and tastes, by its browning index. Thresholds: estimates, by cooks' words. */
export type CrustColour = 'pale' | 'golden' | 'deep-brown' | 'dark' | 'very-dark' | 'burnt';

/** Browning index from which a crust is each colour; burnt and bitter from 3.3. */
export const CRUST_FROM: readonly (readonly [number, CrustColour])[] = [
  [0, 'pale'],
  [1, 'golden'],
  [1.6, 'deep-brown'],
  [2.4, 'dark'],
  [3, 'very-dark'],
  [3.3, 'burnt'],
];

/** Index from which the crust is burnt and bitter. */
export const BURNT_FROM = 3.3;
/** Index under which it is pale. */
export const GOLDEN_FROM = 1;

export const crustColour = (index: number): CrustColour => {
  let colour: CrustColour = 'pale';
  for (const [from, name] of CRUST_FROM) if (index >= from) colour = name;
  return colour;
};
