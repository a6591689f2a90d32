/** Default size of a browser's text, px. */
const NORMAL = 16;

/** Ratio of the reader's default text size to 16 px. */
export const textScale = (): number => {
  const size = parseFloat(getComputedStyle(document.documentElement).fontSize);
  return Number.isFinite(size) && size > 0 ? size / NORMAL : 1;
};
