/** Default size of a browser's text, px. */
const NORMAL = 16;

/** How much larger than the default the reader's browser writes. */
export const textScale = (): number => {
  const size = parseFloat(getComputedStyle(document.documentElement).fontSize);
  return Number.isFinite(size) && size > 0 ? size / NORMAL : 1;
};
