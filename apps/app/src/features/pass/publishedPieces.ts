import type { PublishedSchedule } from '@crustan/core/formats/serviceSchema';

/** Published pieces by id: input of the next schedule. */
export const publishedPieces = (
  schedule: PublishedSchedule | undefined,
): ReadonlyMap<string, PublishedSchedule['pieces'][number]> =>
  new Map(schedule?.pieces.map((piece) => [piece.id, piece]));
