import { KITCHEN_FIELDS, kitchenSchema, type Kitchen } from '@crustan/core/formats/kitchen';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Fields whose entries are merged one by one. */
const BY_ENTRY = ['learned', 'forgotten', 'scales'] as const satisfies readonly (keyof Kitchen)[];

const isByEntry = (key: string): key is (typeof BY_ENTRY)[number] =>
  BY_ENTRY.some((one) => one === key);

const mergedEntries = (
  base: Readonly<Record<string, unknown>>,
  mine: Readonly<Record<string, unknown>>,
  theirs: Readonly<Record<string, unknown>>,
): Record<string, unknown> => {
  const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
  return Object.fromEntries(
    [...keys].flatMap((key) => {
      const from = same(mine[key], base[key]) ? theirs : mine;
      return key in from ? [[key, from[key]]] : [];
    }),
  );
};

/**
 * Merges a kitchen that was changed on two phones, from the version that both began with: changes made here stay,
 * everything else is as in the logbook. If both changed the same field, this phone's change is used.
 * @returns theirs if the merged kitchen is invalid
 */
export const mergeKitchen = (base: Kitchen, mine: Kitchen, theirs: Kitchen): Kitchen => {
  const fields = KITCHEN_FIELDS.map((key) => {
    if (isByEntry(key)) return [key, mergedEntries(base[key], mine[key], theirs[key])];
    return [key, same(mine[key], base[key]) ? theirs[key] : mine[key]];
  });
  return kitchenSchema.safeParse(Object.fromEntries(fields)).data ?? theirs;
};
