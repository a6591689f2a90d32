import { planRequestSchema } from '@crustan/core/formats';
import type { PlanRequest } from '@crustan/core/plan/request';
import { kitchenNow } from '../store/clock';
import { hourOf, plateMoment, plateTimeOf, type PlateTime } from '../store/plateTime';

const KEY = 'plan';

/** What a link carries: an hour, and where its day was said the moment, which is the same everywhere. */
export interface LinkedPlan {
  readonly request: PlanRequest;
  readonly plate: PlateTime | undefined;
}

/** A link that carries a plan's request and its plate time; nothing of it is kept on a server. */
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

const plateOf = (hour: unknown, plateAt: unknown): PlateTime | undefined => {
  if (typeof plateAt === 'number') return plateTimeOf(plateAt, kitchenNow());
  const known = typeof hour === 'string' ? hourOf(hour) : undefined;
  return known === undefined ? undefined : { hour: known };
};

/** The plan a link carries; undefined where there is none, or it is not a plan. */
export const planOfLink = (hash: string): LinkedPlan | undefined => {
  const packed = new URLSearchParams(hash.replace(/^#/, '')).get(KEY);
  if (packed === null) return undefined;
  try {
    const text = atob(packed.replaceAll('-', '+').replaceAll('_', '/'));
    const bytes = Uint8Array.from(text, (letter) => letter.charCodeAt(0));
    const value: unknown = JSON.parse(new TextDecoder().decode(bytes));
    if (typeof value !== 'object' || value === null) return undefined;
    const { request, plate, plateAt } = { request: undefined, plate: '', plateAt: 0, ...value };
    const parsed = planRequestSchema.safeParse(request);
    const at = 'plateAt' in value ? plateAt : undefined;
    return parsed.success ? { request: parsed.data, plate: plateOf(plate, at) } : undefined;
  } catch {
    return undefined;
  }
};
