import { KITCHEN_FIELDS, kitchenSchema, type Kitchen } from '@crustan/core/formats/kitchen';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Fields whose entries are changed one by one: each of them is merged by itself. */
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
 * A kitchen changed on two phones, from the one both began with: what was changed here stays changed,
 * all else is as the book has it. Where both changed the same field, this phone's change stands.
 * @returns theirs where the two together are no kitchen
 */
export const mergeKitchen = (base: Kitchen, mine: Kitchen, theirs: Kitchen): Kitchen => {
  const fields = KITCHEN_FIELDS.map((key) => {
    if (isByEntry(key)) return [key, mergedEntries(base[key], mine[key], theirs[key])];
    return [key, same(mine[key], base[key]) ? theirs[key] : mine[key]];
  });
  return kitchenSchema.safeParse(Object.fromEntries(fields)).data ?? theirs;
};
