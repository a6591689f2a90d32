/** Quarters of a spoon, as a cook measures. */
const QUARTERS = ['', '¼', '½', '¾'] as const;

/** `1½ teaspoons`, `a pinch`: no finer than a quarter. */
export const saySpoons = (teaspoons: number): string => {
  const quarters = Math.round(teaspoons * 4);
  if (quarters === 0) return 'a pinch';
  const whole = Math.floor(quarters / 4);
  const part = QUARTERS[quarters % 4] ?? '';
  const figure = `${whole === 0 ? '' : whole}${part}`;
  return `${figure} ${quarters > 4 ? 'teaspoons' : 'teaspoon'}`;
};
