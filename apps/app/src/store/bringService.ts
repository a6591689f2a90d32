import { serviceFileSchema } from '@crustan/core/formats/serviceSchema';
import { bookApi } from './bookApi';
import { passApi } from './passApi';
import type { AppStore } from './store';

/** Events are sent so many at once: the server's limit. */
const BATCH = 200;

const batches = <T>(all: readonly T[]): readonly (readonly T[])[] =>
  Array.from({ length: Math.ceil(all.length / BATCH) }, (_, i) =>
    all.slice(i * BATCH, (i + 1) * BATCH),
  );

export type BroughtService =
  | { readonly ok: true; readonly name: string; readonly tables: number }
  | { readonly ok: false; readonly why: string };

/**
 * Brings a service from a file into the book: its dishes, its events and its cooks. What is there already is
 * left as it is: the same file read twice adds nothing twice.
 */
export const bringService = async (
  dispatch: AppStore['dispatch'],
  text: string,
): Promise<BroughtService> => {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { ok: false, why: 'It is no JSON: it wants a file that After has written.' };
  }
  const parsed = serviceFileSchema.safeParse(json);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    return { ok: false, why: `${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}`.trim() };
  }
  const { service, dishes, events, cooks } = parsed.data;
  const { endpoints } = passApi;
  const menu = await dispatch(endpoints.dishes.initiate(undefined, { subscribe: false })).unwrap();
  for (const dish of dishes.filter(({ id }) => !menu.some((one) => one.id === id))) {
    await dispatch(endpoints.keepDish.initiate(dish, { track: false })).unwrap();
  }
  await dispatch(endpoints.keepService.initiate(service, { track: false })).unwrap();
  for (const batch of batches(events)) {
    const said = { id: service.id, events: batch };
    await dispatch(endpoints.sayInService.initiate(said, { track: false })).unwrap();
  }
  for (const { id, createdAt, plan, together, events: presses } of cooks) {
    const start = { id, startedAt: createdAt, plan, ...(together ? { together } : {}) };
    await dispatch(bookApi.endpoints.startCook.initiate(start, { track: false })).unwrap();
    for (const batch of batches(presses)) {
      const said = { id, events: batch };
      await dispatch(bookApi.endpoints.sendEvents.initiate(said, { track: false })).unwrap();
    }
  }
  const tables = events.filter(({ kind }) => kind === 'ordered').length;
  return { ok: true, name: service.name, tables };
};
