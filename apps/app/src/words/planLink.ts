import { planRequestSchema } from '@crustan/core/formats';
import type { PlanRequest } from '@crustan/core/plan/request';

const KEY = 'plan';

/** A link that carries a plan's request and its hour; nothing of it is kept on a server. */
export const linkOf = (request: PlanRequest, plate: string): string => {
  const bytes = new TextEncoder().encode(JSON.stringify({ request, plate }));
  const packed = btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
  return `${globalThis.location.origin}/#${KEY}=${packed}`;
};

/** The plan a link carries; undefined where there is none, or it is not a plan. */
export const planOfLink = (
  hash: string,
): { readonly request: PlanRequest; readonly plate: string } | undefined => {
  const packed = new URLSearchParams(hash.replace(/^#/, '')).get(KEY);
  if (packed === null) return undefined;
  try {
    const text = atob(packed.replaceAll('-', '+').replaceAll('_', '/'));
    const bytes = Uint8Array.from(text, (letter) => letter.charCodeAt(0));
    const value: unknown = JSON.parse(new TextDecoder().decode(bytes));
    if (typeof value !== 'object' || value === null) return undefined;
    const { request, plate } = { request: undefined, plate: '', ...value };
    const parsed = planRequestSchema.safeParse(request);
    return parsed.success ? { request: parsed.data, plate: String(plate) } : undefined;
  } catch {
    return undefined;
  }
};
