import type { ToldSchedule } from '@crustan/core/formats/serviceSchema';

/** Published pieces by id: input of the next schedule. */
export const toldPieces = (
  schedule: ToldSchedule | undefined,
): ReadonlyMap<string, ToldSchedule['pieces'][number]> =>
  new Map(schedule?.pieces.map((piece) => [piece.id, piece]));
