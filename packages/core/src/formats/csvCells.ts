import Papa from 'papaparse';

/**
 * Start of a cell that a spreadsheet would read as a formula: it gets a quote before it, and, in a cell with a
 * semicolon or a tab, which other spreadsheets read as the end of a cell, also after those.
 */
const FORMULA = /^(?= *[=+\-@]|[\t\r])/;
const QUOTED_FORMULA = /^'(?= *[=+\-@]|[\t\r])/;
const FORMULA_WITHIN = /([;\t\r\n] *)(?=[=+\-@])/g;
const QUOTED_WITHIN = /([;\t\r\n] *)'(?=[=+\-@])/g;

const guardedCell = (cell: string): string =>
  (FORMULA.test(cell) ? "'" : '') + cell.replace(FORMULA_WITHIN, "$1'");

/** Value of a cell without the quotes that protect it from being read as a formula. */
export const plainCell = (cell: string): string =>
  cell.replace(QUOTED_FORMULA, '').replace(QUOTED_WITHIN, '$1');

/** A figure with a decimal point or comma; NaN if it is invalid. */
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
    {
      fields: [...columns],
      data: rows.map((row) =>
        row.map((cell) => (typeof cell === 'string' ? guardedCell(cell) : (cell ?? ''))),
      ),
    },
    { newline: '\n', header },
  );

/** Rows of a CSV file; its delimiter is detected. */
export const readCsv = (text: string): readonly (readonly string[])[] =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [';', '\t', ',', '|'],
  }).data;
