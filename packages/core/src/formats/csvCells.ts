import Papa from 'papaparse';

/** A cell that a spreadsheet would take for a formula is written with a quote before it. */
const QUOTED_FORMULA = /^'[=+\-@\t\r]/;

/** A cell as it was meant: the quote that kept it from being a formula taken off. */
export const plainCell = (cell: string): string =>
  QUOTED_FORMULA.test(cell) ? cell.slice(1) : cell;

/** A figure with a decimal point or comma; NaN where it is none. */
export const figureOf = (cell: string): number => {
  const text = plainCell(cell)
    .trim()
    .replace(/[°CFcf\s]+$/u, '');
  if (text === '') return NaN;
  return Number(text.includes('.') ? text.replace(/,(?=\d{3}\b)/g, '') : text.replace(',', '.'));
};

/** Rows as CSV, formula-like cells kept from being formulas. */
export const writeCsv = (
  columns: readonly string[],
  rows: readonly (readonly (string | number | undefined)[])[],
  header = true,
): string =>
  Papa.unparse(
    { fields: [...columns], data: rows.map((row) => row.map((cell) => cell ?? '')) },
    { escapeFormulae: /^[=+\-@\t\r]/, newline: '\n', header },
  );

/** Rows of a CSV as they lie in the file, its delimiter found. */
export const readCsv = (text: string): readonly (readonly string[])[] =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [';', '\t', ',', '|'],
  }).data;
