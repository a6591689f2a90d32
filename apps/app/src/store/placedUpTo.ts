/** Place of an entry in the logbook's log. It is undefined for an entry that the logbook has and that was not heard yet. */
export type EntryPlace = number | 'unsent' | undefined;

/** Part of the log that a schedule has. */
export interface Scheduled {
  /** Last place up to which the schedule has every entry; 0 if it has none. */
  readonly seq: number;
  /** Number of its entries that the logbook does not have: they are unsent or were refused. */
  readonly left: number;
}

/**
 * Finds the part of the log that a schedule has, also while later entries are on their way.
 * @param made ids of the entries that the schedule was made from
 * @param places places of the entries now, by id, without the refused ones
 */
export const placedUpTo = (
  made: ReadonlySet<string>,
  places: ReadonlyMap<string, EntryPlace>,
): Scheduled => {
  let first = Infinity;
  for (const [id, place] of places) {
    if (typeof place === 'number' && !made.has(id)) first = Math.min(first, place);
  }
  let [seq, left] = [0, 0];
  for (const id of made) {
    const place = places.get(id);
    if (place === 'unsent' || !places.has(id)) left += 1;
    else if (place !== undefined && place < first) seq = Math.max(seq, place);
  }
  return { seq, left };
};
