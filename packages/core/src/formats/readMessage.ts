import type { z } from 'zod';

/** A value without the key at the end of a path; the value itself where the path leads nowhere. */
const without = (value: unknown, [key, ...rest]: readonly PropertyKey[]): unknown => {
  if (key === undefined || typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) {
    return value.map((item: unknown, i) => (i === key ? without(item, rest) : item));
  }
  return Object.fromEntries(
    Object.entries(value).flatMap(([name, item]): [string, unknown][] => {
      if (name !== key) return [[name, item]];
      return rest.length === 0 ? [] : [[name, without(item, rest)]];
    }),
  );
};

/** Added keys may lie inside added keys' neighbours: more rounds than a message is deep. */
const MOST_ROUNDS = 8;

/**
 * Reads a message of a newer server: keys that this page's schema does not know are left out, at any
 * depth; everything else is as strict as the schema.
 * @throws z.ZodError where something else is wrong
 */
export const readMessage = <T>(schema: z.ZodType<T>, message: unknown): T => {
  let value = message;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const read = schema.safeParse(value);
    if (read.success) return read.data;
    const { issues } = read.error;
    if (!issues.every(({ code }) => code === 'unrecognized_keys')) throw read.error;
    for (const issue of issues) {
      if (issue.code !== 'unrecognized_keys') continue;
      for (const key of issue.keys) value = without(value, [...issue.path, key]);
    }
  }
  return schema.parse(value);
};
