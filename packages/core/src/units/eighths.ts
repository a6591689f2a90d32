const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'] as const;

/** A length as a ruler in inches says it, to the eighth: `1 1/4`, `3/8`, `2`. */
export const showEighths = (inches: number): string => {
  const eighths = Math.round(Math.abs(inches) * 8);
  const sign = inches < 0 && eighths > 0 ? '-' : '';
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8] ?? '';
  if (part === '') return `${sign}${whole}`;
  return whole === 0 ? `${sign}${part}` : `${sign}${whole} ${part}`;
};

/** Fractions that keyboards offer as one letter. */
const LETTERS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const DECIMAL = /^-?\d*\.?\d+$|^-?\d+\.$/;
const MIXED = /^(?:(\d+) +)?(\d+)\/(\d+)$/;

/** A typed figure: `1.25`, `1,25`, `1 1/4`, `1¼`, `5/8`; NaN if it is invalid. */
export const readFigure = (text: string): number => {
  const plain = text
    .trim()
    .replace(',', '.')
    .replace(/[½¼¾⅛⅜⅝⅞]/, (letter) => ` ${LETTERS[letter] ?? ''}`)
    .trim();
  if (DECIMAL.test(plain)) return Number(plain);
  const [, whole = '0', over, under] = MIXED.exec(plain) ?? [];
  if (over === undefined || under === undefined || Number(under) === 0) return NaN;
  return Number(whole) + Number(over) / Number(under);
};
