import { z } from 'zod';
import {
  bookImportSchema,
  cookListSchema,
  cookRecordSchema,
  cookStartSchema,
  dishListSchema,
  judgementSchema,
  keptKitchenSchema,
  logBatchSchema,
  menuDishSchema,
  planListSchema,
  planRecordSchema,
  recentCooksSchema,
  serviceInFullSchema,
  serviceListSchema,
  serviceRecordSchema,
  publishedScheduleSchema,
  trialListSchema,
  trialSchema,
} from '@crustan/core/formats';
import {
  codeAskedSchema,
  pairingCodeSchema,
  phoneChangeSchema,
  phoneListSchema,
  phoneSchema,
  whoAsksSchema,
} from '@crustan/core/formats/phonesSchema';
import { SCHEMA_NAMES } from '@crustan/core/formats/jsonSchemas';
import { practiceListSchema, practiceResultSchema } from '@crustan/core/formats/practiceSchema';
import {
  cookEventBatch,
  cookListQuery,
  demandSchema,
  dishesQuery,
  planListQuery,
  linesQuery,
  logStreamQuery,
  recentQuery,
  serviceEventBatch,
  simulatedQuery,
} from './apiRequests';

/** Everything that is asked of a server begins with this; the version's number follows. */
export const API_ROOT = '/api';
export const API_VERSION = 'v1';

/** A message in another media type than JSON. */
export interface Bytes {
  readonly type: string;
}

/** One thing that can be asked: the table is the API's description and says who may ask it. */
export interface ApiRoute {
  readonly method: 'get' | 'put' | 'post' | 'patch' | 'delete';
  /** Under the version; `{id}` is a part that varies. */
  readonly path: string;
  readonly says: string;
  /** The least role that may ask it over the network; the owner's machine may ask everything. */
  readonly who: 'owner' | 'cook' | 'watcher';
  readonly query?: z.ZodType;
  readonly takes?: z.ZodType | Bytes;
  readonly gives?: z.ZodType | Bytes;
  /** Server-sent events. */
  readonly stream?: true;
}

type More = Pick<ApiRoute, 'query' | 'takes' | 'gives' | 'stream'>;
const asking =
  (method: ApiRoute['method']) =>
  (path: string, who: ApiRoute['who'], says: string, more: More = {}): ApiRoute => ({
    method,
    path,
    says,
    who,
    ...more,
  });
const [get, put, post] = [asking('get'), asking('put'), asking('post')];
const [patch, remove] = [asking('patch'), asking('delete')];

const acknowledged = z.strictObject({ acknowledged: z.array(z.uuid()) });
const PICTURE: Bytes = { type: 'image/*' };
const CSV: Bytes = { type: 'text/csv' };
const SQLITE: Bytes = { type: 'application/vnd.sqlite3' };
const JSON_FILE: Bytes = { type: 'application/json' };
const EVENTS: Bytes = { type: 'text/event-stream' };
const stream = true;
const sentKitchen = keptKitchenSchema.pick({ kitchen: true });

export const API: readonly ApiRoute[] = [
  get('/clock', 'watcher', 'The server’s time and the logbook’s name.', {
    gives: z.object({ now: z.number(), book: z.string() }),
  }),
  get('/me', 'watcher', 'Role of the caller, and build of the server.', {
    gives: whoAsksSchema,
  }),
  get('/openapi.json', 'cook', 'This description.', { gives: JSON_FILE }),
  get('/schemas', 'cook', 'Names of the schemas of files and messages.', {
    gives: z.object({ schemas: z.array(z.enum(SCHEMA_NAMES)) }),
  }),
  get('/schemas/{name}', 'cook', 'The JSON Schema of a file or a message.', { gives: JSON_FILE }),

  get('/plans', 'watcher', 'A page of the saved plans, newest first.', {
    query: planListQuery,
    gives: planListSchema,
  }),
  put('/plans/{id}', 'cook', 'Keeps a plan.', { takes: planRecordSchema, gives: planRecordSchema }),
  remove('/plans/{id}', 'cook', 'Deletes a saved plan.'),

  post('/log', 'cook', 'Adds entries to the log; answered once they are on disk.', {
    takes: logBatchSchema,
    gives: acknowledged.extend({ book: z.uuid() }),
  }),
  get('/log/stream', 'watcher', 'Entries of streams as they are added.', {
    query: logStreamQuery,
    gives: EVENTS,
    stream,
  }),

  get('/cooks', 'watcher', 'A page of the logbook’s list.', {
    query: cookListQuery,
    gives: cookListSchema,
  }),
  get('/cooks/recent', 'watcher', 'The newest finished cooks in full.', {
    query: recentQuery,
    gives: recentCooksSchema,
  }),
  get('/cooks/{id}', 'watcher', 'A cook in full.', { gives: cookRecordSchema }),
  put('/cooks/{id}', 'cook', 'Starts a cook: for pages of before the log.', {
    takes: cookStartSchema,
    gives: cookRecordSchema,
  }),
  remove('/cooks/{id}', 'cook', 'Deletes a cook; it can be put back for a month.'),
  get('/cooks/{id}/together', 'watcher', 'The cooks of one plate.', { gives: recentCooksSchema }),
  post('/cooks/{id}/events', 'cook', 'Adds events: for pages of before the log.', {
    takes: cookEventBatch,
    gives: acknowledged,
  }),
  put('/cooks/{id}/judgement', 'cook', 'Judges a cook.', {
    takes: judgementSchema,
    gives: cookRecordSchema,
  }),
  post('/cooks/{id}/put-back', 'cook', 'Takes a deletion back.', { gives: cookRecordSchema }),
  get('/cooks/{id}/photo', 'cook', 'A cook’s photograph.', { gives: PICTURE }),
  put('/cooks/{id}/photo', 'cook', 'Keeps a photograph.', {
    takes: PICTURE,
    gives: cookRecordSchema,
  }),
  remove('/cooks/{id}/photo', 'cook', 'Drops a photograph.', { gives: cookRecordSchema }),

  get('/services', 'watcher', 'Services of the logbook.', { gives: serviceListSchema }),
  get('/services/{id}', 'watcher', 'A service in full.', { gives: serviceInFullSchema }),
  put('/services/{id}', 'cook', 'Opens a service: for pages of before the log.', {
    takes: serviceRecordSchema,
    gives: serviceRecordSchema,
  }),
  remove('/services/{id}', 'cook', 'Deletes a service.'),
  post('/services/{id}/events', 'cook', 'Adds events: for pages of before the log.', {
    takes: serviceEventBatch,
    gives: acknowledged,
  }),
  put('/services/{id}/told', 'cook', 'Published schedule, shared by all pages.', {
    takes: publishedScheduleSchema,
  }),

  get('/dishes', 'watcher', 'The menu.', {
    query: dishesQuery,
    gives: dishListSchema,
  }),
  put('/dishes/{id}', 'cook', 'Puts a dish on the menu.', {
    takes: menuDishSchema,
    gives: menuDishSchema,
  }),
  remove('/dishes/{id}', 'cook', 'Takes a dish off the menu.'),
  get('/demand', 'cook', 'What was ordered on past days.', { gives: demandSchema }),
  post('/demand', 'cook', 'Adds past days.', { takes: demandSchema, gives: demandSchema }),

  get('/practice', 'cook', 'How lessons and drills went.', { gives: practiceListSchema }),
  put('/practice/{id}', 'cook', 'Keeps how one went.', {
    takes: practiceResultSchema,
    gives: practiceResultSchema,
  }),

  get('/trials', 'cook', 'Trials.', { gives: trialListSchema }),
  get('/trials/{id}', 'cook', 'A trial.', { gives: trialSchema }),
  put('/trials/{id}', 'cook', 'Keeps a trial.', { takes: trialSchema, gives: trialSchema }),
  remove('/trials/{id}', 'cook', 'Drops a trial.'),

  get('/kitchen', 'watcher', 'The kitchen, with its version.', { gives: keptKitchenSchema }),
  put('/kitchen', 'cook', 'Changes the kitchen from a version (If-Match).', {
    takes: sentKitchen,
    gives: keptKitchenSchema,
  }),

  get('/book/lines', 'cook', 'Every cook that answers a search, as a line.', { query: linesQuery }),
  get('/book/unreadable', 'cook', 'Rows that cannot be read.'),
  get('/book/book.json', 'cook', 'The whole logbook, crustan-book/1.', { gives: JSON_FILE }),
  get('/book/cooks.csv', 'cook', 'Cooks as a table.', { gives: CSV }),
  get('/book/readings.csv', 'cook', 'Readings as a table.', { gives: CSV }),
  post('/book/imports', 'cook', 'Reads a file; a second request stores it.', {
    takes: JSON_FILE,
    gives: bookImportSchema,
  }),
  get('/book/imports/{id}', 'cook', 'How an import stands.', { gives: bookImportSchema }),
  post('/book/imports/{id}/store', 'cook', 'Stores what was read.', { gives: bookImportSchema }),
  remove('/book/imports/{id}', 'cook', 'Stops an import.', { gives: bookImportSchema }),
  get('/book/backup', 'cook', 'A backup of the logbook.', { gives: SQLITE }),
  put('/book/backup', 'owner', 'Restores a backup in the logbook’s place.', { takes: SQLITE }),

  get('/devices/simulated', 'watcher', 'Stand-ins for a kitchen’s thermometers.', {
    query: simulatedQuery,
    gives: EVENTS,
    stream,
  }),

  get('/phones', 'owner', 'Paired phones, and where the kitchen is found.', {
    gives: phoneListSchema,
  }),
  post('/phones/codes', 'owner', 'A new pairing code.', {
    takes: codeAskedSchema,
    gives: pairingCodeSchema,
  }),
  patch('/phones/{id}', 'owner', 'Renames a phone, or changes its role.', {
    takes: phoneChangeSchema,
    gives: phoneSchema,
  }),
  remove('/phones/{id}', 'owner', 'Revokes a phone at once.'),
];

const compiled = API.map((route) => ({
  route,
  pattern: new RegExp(`^${route.path.replace(/[.]/g, '\\.').replace(/\{\w+\}/g, '[^/]+')}/?$`),
}));

/** A path of the API without its root and version: pages of before it had one ask without. */
const underVersion = (path: string): string | undefined => {
  if (path !== API_ROOT && !path.startsWith(`${API_ROOT}/`)) return undefined;
  const rest = path.slice(API_ROOT.length);
  return rest.startsWith(`/${API_VERSION}/`) ? rest.slice(API_VERSION.length + 1) : rest;
};

/** Route of a request; undefined if the API does not have it. HEAD uses the route of GET. */
export const routeFor = (method: string, path: string): ApiRoute | undefined => {
  const under = underVersion(path);
  if (under === undefined) return undefined;
  const asked = method === 'HEAD' ? 'get' : method.toLowerCase();
  // Fixed paths come before those with a part that varies.
  return compiled.find(({ route, pattern }) => route.method === asked && pattern.test(under))
    ?.route;
};
