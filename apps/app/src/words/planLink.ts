import { z } from 'zod';
import { planRequestSchema } from '@crustan/core/formats/planRequestSchema';
import type { PlanRequest } from '@crustan/core/plan/request';
import { kitchenNow } from '../store/clock';
import { hourOf, plateMoment, plateTimeOf, type PlateTime } from '../store/plateTime';

const KEY = 'plan';

/** Content of a link: an hour, and, if its day was given, the moment, which is the same in every zone. */
export interface LinkedPlan {
  readonly request: PlanRequest;
  readonly plate: PlateTime | undefined;
}

/** Link that contains a plan's request and its plate time; the server stores neither. */
export const linkOf = (request: PlanRequest, plate: PlateTime): string => {
  const plateAt = plate.day === undefined ? undefined : plateMoment(plate, kitchenNow());
  const carried = { request, plate: plate.hour, plateAt };
  const bytes = new TextEncoder().encode(JSON.stringify(carried));
  const packed = btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
  return `${globalThis.location.origin}/#${KEY}=${packed}`;
};

const carriedSchema = z.object({
  request: planRequestSchema,
  plate: z.string().optional(),
  plateAt: z.number().optional(),
});
type Carried = z.output<typeof carriedSchema>;

const plateOf = ({ plate, plateAt }: Carried): PlateTime | undefined => {
  if (plateAt !== undefined) return plateTimeOf(plateAt, kitchenNow());
  const hour = plate === undefined ? undefined : hourOf(plate);
  return hour === undefined ? undefined : { hour };
};

/** Plan in a link; undefined if the link contains no valid plan. */
export const planOfLink = (hash: string): LinkedPlan | undefined => {
  const packed = new URLSearchParams(hash.replace(/^#/, '')).get(KEY);
  if (packed === null) return undefined;
  try {
    const text = atob(packed.replaceAll('-', '+').replaceAll('_', '/'));
    const bytes = Uint8Array.from(text, (letter) => letter.charCodeAt(0));
    const carried = carriedSchema.safeParse(JSON.parse(new TextDecoder().decode(bytes))).data;
    return carried && { request: carried.request, plate: plateOf(carried) };
  } catch {
    return undefined;
  }
};
