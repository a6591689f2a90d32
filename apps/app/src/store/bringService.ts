import type { LogEntry, ServiceOpened } from '@crustan/core/formats/logSchema';
import { serviceFileSchema, type ServiceRecord } from '@crustan/core/formats/serviceSchema';
import { bookApi } from './bookApi';
import { deviceName } from './deviceName';
import { passApi } from './passApi';
import type { AppStore } from './store';
import { t } from '../t';

/** Entries sent at once: a cook's plan is long, and the server reads messages up to a size. */
const MOST_SENT = 50;

const chunksOf = <T>(all: readonly T[], size: number): readonly (readonly T[])[] =>
  Array.from({ length: Math.ceil(all.length / size) }, (_, i) =>
    all.slice(i * size, (i + 1) * size),
  );

const openedBy = (service: ServiceRecord): ServiceOpened => ({
  id: service.id,
  kind: 'opened',
  at: service.opensAt,
  service,
});

export type BroughtService =
  | { readonly ok: true; readonly name: string; readonly tables: number }
  | { readonly ok: false; readonly why: string };

/**
 * Imports a service from a file: its dishes, its events and its cooks. Existing entries stay unchanged: the same file
 * imported twice adds nothing twice.
 */
export const bringService = async (
  dispatch: AppStore['dispatch'],
  text: string,
): Promise<BroughtService> => {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { ok: false, why: t('it-is-no-json-it-wants-a') };
  }
  const parsed = serviceFileSchema.safeParse(json);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    return { ok: false, why: `${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}`.trim() };
  }
  const { service, dishes, events, cooks } = parsed.data;
  const { endpoints } = passApi;
  const menu = await dispatch(endpoints.menu.initiate(undefined, { subscribe: false })).unwrap();
  for (const dish of dishes.filter(({ id }) => !menu.dishes.some((one) => one.id === id))) {
    await dispatch(endpoints.keepDish.initiate(dish, { track: false })).unwrap();
  }
  const device = deviceName();
  const entries: readonly LogEntry[] = [
    ...[openedBy(service), ...events].map((event): LogEntry => ({
      of: 'service',
      stream: service.id,
      device,
      event,
    })),
    ...cooks.flatMap(({ id, createdAt: at, plan, together, events: presses }) => {
      const opened = { id, kind: 'opened', at, plan, ...(together ? { together } : {}) } as const;
      return [opened, ...presses].map((event): LogEntry => ({
        of: 'cook',
        stream: id,
        device,
        event,
      }));
    }),
  ];
  for (const batch of chunksOf(entries, MOST_SENT)) {
    await dispatch(bookApi.endpoints.addToLog.initiate(batch, { track: false })).unwrap();
  }
  const tables = events.filter(({ kind }) => kind === 'ordered').length;
  return { ok: true, name: service.name, tables };
};
