import { z } from 'zod';
import type { DemandDay } from '../par/demandDay';

/** Orders of one dish on one day. */
export const demandDaySchema = z.strictObject({
  date: z.iso.date('must be a date such as 2026-11-25'),
  dish: z.string().trim().min(1, 'must not be empty').max(60),
  count: z.int('must be a whole number').min(0).max(2000),
  source: z.string().min(1).max(60).optional(),
}) satisfies z.ZodType<DemandDay>;
