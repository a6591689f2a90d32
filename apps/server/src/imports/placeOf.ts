import { z } from 'zod';
import type { BookEntry } from './readBookFile';

/** Position of an entry in a file, with its title if it has one. */
export const placeOf = ({ part, index, value }: BookEntry): string => {
  const named = z.object({ title: z.string() }).safeParse(value);
  const planned = z.object({ plan: z.object({ title: z.string() }) }).safeParse(value);
  const title = named.success ? named.data.title : planned.data?.plan.title;
  const place = index === undefined ? part : `${part}[${index}]`;
  return title === undefined ? place : `${place}, “${title.slice(0, 60)}”`;
};
