import type { IToken } from 'chevrotain';
import type { HeatScale } from '../plan/legs/ownSteps';
import type { Span } from './phrase';

/** Values of fraction signs. */
export const VULGAR: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
};
/** Temperatures of the gas marks, C; the first two are a quarter and a half. Common table of ovens. */
const GAS_MARKS = [110, 140, 150, 170, 180, 190, 200, 220, 230, 240] as const;
/** C of a gas mark. */
export const gasCelsius = (mark: number): number => GAS_MARKS[Math.round(mark)] ?? NaN;

/** C of a figure on a scale. */
export const celsiusOf = (figure: number, scale: HeatScale): number =>
  scale === 'f' ? ((figure - 32) * 5) / 9 : figure;

/** Position of some tokens in the text. */
export const spanOf = (first: IToken, last: IToken): Span => ({
  from: first.startOffset,
  to: last.startOffset + last.image.length,
});

/** Metres and kilograms of the units, by how they begin. */
export const METRES: readonly (readonly [RegExp, number])[] = [
  [/^mm|^milli/i, 0.001],
  [/^c/i, 0.01],
  [/^in|^["′″”]/i, 0.0254],
];
export const KILOGRAMS: readonly (readonly [RegExp, number])[] = [
  [/^k/i, 1],
  [/^g/i, 0.001],
  [/^lb|^pound/i, 0.453592],
  [/^o/i, 0.0283495],
];
/** SI value of a unit by its spelling. */
export const unitOf = (table: readonly (readonly [RegExp, number])[], image: string): number =>
  table.find(([name]) => name.test(image))?.[1] ?? NaN;
