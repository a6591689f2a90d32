import type { CardCell } from '../plan/search/card';
import type { PlanRequest } from '../plan/request/request';
import { writeCsv } from './csvCells';

export const CARD_COLUMNS = [
  'cut',
  'way',
  'thickness_mm',
  'weight_g',
  'target_c',
  'cook_s',
  'spread_s',
  'pull_c',
  'rest_s',
  'peak_c',
  'cannot',
] as const;

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** A card's cells as CSV, a row each; a cell that cannot be has its reason in the last column. */
export const writeCardCsv = (
  cells: readonly { readonly request: PlanRequest; readonly cell: CardCell }[],
): string =>
  writeCsv(
    CARD_COLUMNS,
    cells.map(({ request, cell }) => [
      request.own?.name ?? request.cut,
      request.way,
      rounded(1000 * request.thickness, 1),
      rounded(1000 * request.weight, 0),
      rounded(request.target, 1),
      ...(cell.ok
        ? [
            rounded(cell.cookSeconds, 0),
            rounded(cell.spread, 0),
            rounded(cell.pullCore, 1),
            rounded(cell.restSeconds, 0),
            rounded(cell.peakCore, 1),
            undefined,
          ]
        : [undefined, undefined, undefined, undefined, undefined, cell.obstacle.reason]),
    ]),
  );
