import { z } from 'zod';
import type { Limit } from '../plan/request/limits';

/** A number within a limit; anything else is refused with the range and unit. */
export const bounded = (limit: Limit, unit: string) => {
  const message = `must be a number from ${limit.least} to ${limit.most} ${unit}`.trimEnd();
  return z.number(message).min(limit.least, message).max(limit.most, message);
};
