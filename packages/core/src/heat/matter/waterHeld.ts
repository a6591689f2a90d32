/** Water that meat holds at a temperature, kg per kg: van der Sman (2007), for beef. */
export const waterHeld = (celsius: number): number =>
  0.745 - 0.345 / (1 + 30 * Math.exp(-0.25 * (celsius - 52)));

/** Tabulated every half degree to the boil and beyond: the solver asks for every cell at every step. */
const STEP = 0.5;
const TABLE = Float64Array.from({ length: 320 }, (_, i) => waterHeld(i * STEP) / waterHeld(0));
const LAST = TABLE.length - 1;

/** The same as a share of the raw capacity, by linear interpolation between half degrees. */
export const shareHeld = (celsius: number): number => {
  const at = celsius / STEP;
  if (at <= 0) return TABLE[0];
  if (at >= LAST) return TABLE[LAST];
  const i = at | 0;
  return TABLE[i] + (at - i) * (TABLE[i + 1] - TABLE[i]);
};
