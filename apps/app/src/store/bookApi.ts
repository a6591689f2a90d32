import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { currentLanguage } from '@crustan/messages';
import { z } from 'zod';
import { bookImportSchema, type BookImport } from '@crustan/core/formats/bookImportSchema';
import type { Judgement } from '@crustan/core/formats/judgementSchema';
import { keptKitchenSchema, type KeptKitchen } from '@crustan/core/formats/keptKitchenSchema';
import {
  cookLineSchema,
  cookListSchema,
  cookRecordSchema,
  planListSchema,
  type PlanList,
  planRecordSchema,
  recentCooksSchema,
  type CookLine,
  type CookList,
  type CookRecord,
  type ListMark,
  type PlanRecord,
} from '@crustan/core/formats/messages';
import type { CookSearch } from '@crustan/core/formats/cookSearch';
import { problemSchema } from '@crustan/core/formats/problem';
import { readMessage } from '@crustan/core/formats/readMessage';
import { trialListSchema, trialSchema } from '@crustan/core/formats/trialSchema';
import type { Kitchen } from '@crustan/core/formats/kitchen';
import type { LogEntry } from '@crustan/core/formats/logSchema';
import type { Trial } from '@crustan/core/trial/trial';
import { API } from './apiAddress';

const linesSchema = z.object({ cooks: z.array(cookLineSchema) });
const recordsSchema = z.object({ cooks: z.array(cookRecordSchema) });
const acknowledgedSchema = z.object({ acknowledged: z.array(z.string()), book: z.string() });
type Acknowledged = z.infer<typeof acknowledgedSchema>;

const unreadableSchema = z.object({
  count: z.int(),
  rows: z.array(z.object({ where: z.string(), why: z.string() })),
});

export interface VersionedKitchen {
  readonly kept: KeptKitchen | undefined;
  readonly version: number;
}

/** @throws where an answer does not say its version: it is not the kitchen's */
const versionOf = (answer: Response | undefined): number => {
  const said = /^(?:W\/)?"(\d+)"$/.exec(answer?.headers.get('ETag') ?? '')?.[1];
  if (said === undefined) throw new Error('The kitchen came without its version.');
  return Number(said);
};

/** Tags of one cook, of every list of cooks, and of all that a restored logbook may change. */
const cookTag = (id: string) => ({ type: 'Cook', id }) as const;
const LIST = cookTag('list');
export const WHOLE_BOOK = [
  'Cook',
  'Plans',
  'Trials',
  'Menu',
  'Services',
  'Demand',
  'Practice',
] as const;

/** The server's book. Every answer is parsed by the schema both sides share. */
export const bookApi = createApi({
  reducerPath: 'bookApi',
  baseQuery: fetchBaseQuery({
    baseUrl: new URL(API, globalThis.location?.href ?? 'http://localhost').href,
    timeout: 8000,
    // The server answers in the language of the page, which may not be the browser's.
    prepareHeaders: (headers) => headers.set('Accept-Language', currentLanguage()),
  }),
  tagTypes: ['Plans', 'Cook', 'Trials', 'Menu', 'Services', 'Demand', 'Phones', 'Practice'],
  endpoints: (build) => ({
    plans: build.infiniteQuery<PlanList, void, ListMark | null>({
      infiniteQueryOptions: {
        initialPageParam: null,
        getNextPageParam: ({ next }) => next,
      },
      query: ({ pageParam: mark }) => ({
        url: '/plans',
        params: mark ? { before: mark.before, beforeId: mark.id } : {},
      }),
      transformResponse: (body) => readMessage(planListSchema, body),
      providesTags: ['Plans'],
    }),
    keepPlan: build.mutation<PlanRecord, PlanRecord>({
      query: (plan) => ({ url: `/plans/${plan.id}`, method: 'PUT', body: plan }),
      transformResponse: (body) => readMessage(planRecordSchema, body),
      invalidatesTags: ['Plans'],
    }),
    dropPlan: build.mutation<null, string>({
      query: (id) => ({ url: `/plans/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Plans'],
    }),
    cooks: build.infiniteQuery<CookList, CookSearch, ListMark | null>({
      infiniteQueryOptions: {
        initialPageParam: null,
        getNextPageParam: ({ next }) => next,
      },
      query: ({ queryArg: search, pageParam: mark }) => ({
        url: '/cooks',
        params: { ...search, ...(mark ? { before: mark.before, beforeId: mark.id } : {}) },
      }),
      transformResponse: (body) => readMessage(cookListSchema, body),
      providesTags: [LIST],
    }),
    /** Every cook that answers a search as a line, to be compared over time. */
    lines: build.query<readonly CookLine[], CookSearch>({
      query: (params) => ({ url: '/book/lines', params }),
      transformResponse: (body) => readMessage(linesSchema, body).cooks,
      providesTags: [LIST],
    }),
    /** The newest finished cooks in full, to learn from. */
    recent: build.query<readonly CookRecord[], number>({
      query: (most) => `/cooks/recent?most=${most}`,
      transformResponse: (body) => readMessage(recentCooksSchema, body).cooks,
      providesTags: [LIST],
    }),
    cook: build.query<CookRecord, string>({
      query: (id) => `/cooks/${id}`,
      transformResponse: (body) => readMessage(cookRecordSchema, body),
      providesTags: (_cook, _error, id) => [cookTag(id)],
    }),
    together: build.query<readonly CookRecord[], string>({
      query: (id) => `/cooks/${id}/together`,
      transformResponse: (body) => readMessage(recordsSchema, body).cooks,
      providesTags: (cooks = []) => cooks.map(({ id }) => cookTag(id)),
    }),
    /** Adds entries to the logbook's log. */
    addToLog: build.mutation<Acknowledged, readonly LogEntry[]>({
      query: (entries) => ({ url: '/log', method: 'POST', body: { entries } }),
      transformResponse: (body) => readMessage(acknowledgedSchema, body),
      invalidatesTags: (_said, _error, entries) => {
        const cooks = entries.filter(({ of }) => of === 'cook');
        const listed = cooks.some(({ event }) => event.kind !== 'reading' && event.kind !== 'felt');
        return [
          ...[...new Set(cooks.map(({ stream }) => stream))].map(cookTag),
          ...(listed ? [LIST] : []),
          ...(cooks.length < entries.length ? (['Services'] as const) : []),
        ];
      },
    }),
    judge: build.mutation<CookRecord, { readonly id: string; readonly judgement: Judgement }>({
      query: ({ id, judgement }) => ({
        url: `/cooks/${id}/judgement`,
        method: 'PUT',
        body: judgement,
      }),
      transformResponse: (body) => readMessage(cookRecordSchema, body),
      invalidatesTags: (_cook, _error, { id }) => [cookTag(id), LIST],
    }),
    deleteCook: build.mutation<null, string>({
      query: (id) => ({ url: `/cooks/${id}`, method: 'DELETE' }),
      invalidatesTags: (_none, _error, id) => [cookTag(id), LIST],
    }),
    putBack: build.mutation<CookRecord, string>({
      query: (id) => ({ url: `/cooks/${id}/put-back`, method: 'POST' }),
      transformResponse: (body) => readMessage(cookRecordSchema, body),
      invalidatesTags: (_cook, _error, id) => [cookTag(id), LIST],
    }),
    addPhoto: build.mutation<CookRecord, { readonly id: string; readonly photo: Blob }>({
      query: ({ id, photo }) => ({
        url: `/cooks/${id}/photo`,
        method: 'PUT',
        body: photo,
        headers: { 'Content-Type': photo.type },
      }),
      transformResponse: (body) => readMessage(cookRecordSchema, body),
      invalidatesTags: (_cook, _error, { id }) => [cookTag(id), LIST],
    }),
    dropPhoto: build.mutation<CookRecord, string>({
      query: (id) => ({ url: `/cooks/${id}/photo`, method: 'DELETE' }),
      transformResponse: (body) => readMessage(cookRecordSchema, body),
      invalidatesTags: (_cook, _error, id) => [cookTag(id), LIST],
    }),
    /** Kitchen in the logbook and its version on the server; undefined before the first. */
    kitchen: build.query<VersionedKitchen, void>({
      query: () => ({ url: '/kitchen', cache: 'no-store' }),
      transformResponse: (body: unknown, meta) => ({
        kept: body === null ? undefined : readMessage(keptKitchenSchema, body),
        version: versionOf(meta?.response),
      }),
    }),
    /** Writes the kitchen over a version; refused with 412 where another phone was first. */
    keepKitchen: build.mutation<number, { readonly kitchen: Kitchen; readonly version: number }>({
      query: ({ kitchen, version }) => ({
        url: '/kitchen',
        method: 'PUT',
        headers: { 'If-Match': `"${version}"` },
        body: { kitchen },
      }),
      transformResponse: (_body, meta) => versionOf(meta?.response),
    }),
    trials: build.query<readonly Trial[], void>({
      query: () => '/trials',
      transformResponse: (body) => readMessage(trialListSchema, body).trials,
      providesTags: ['Trials'],
    }),
    trial: build.query<Trial, string>({
      query: (id) => `/trials/${id}`,
      transformResponse: (body) => readMessage(trialSchema, body),
      providesTags: ['Trials'],
    }),
    keepTrial: build.mutation<Trial, Trial>({
      query: (trial) => ({ url: `/trials/${trial.id}`, method: 'PUT', body: trial }),
      transformResponse: (body) => readMessage(trialSchema, body),
      invalidatesTags: ['Trials'],
    }),
    dropTrial: build.mutation<null, string>({
      query: (id) => ({ url: `/trials/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Trials'],
    }),
    unreadable: build.query<z.infer<typeof unreadableSchema>, void>({
      query: () => '/book/unreadable',
      transformResponse: (body) => readMessage(unreadableSchema, body),
      providesTags: [LIST],
    }),
    bookImport: build.query<BookImport, string>({
      query: (id) => `/book/imports/${id}`,
      transformResponse: (body) => readMessage(bookImportSchema, body),
    }),
    storeImport: build.mutation<BookImport, string>({
      query: (id) => ({ url: `/book/imports/${id}/store`, method: 'POST' }),
      transformResponse: (body) => readMessage(bookImportSchema, body),
      invalidatesTags: WHOLE_BOOK,
    }),
    stopImport: build.mutation<BookImport, string>({
      query: (id) => ({ url: `/book/imports/${id}`, method: 'DELETE' }),
      transformResponse: (body) => readMessage(bookImportSchema, body),
    }),
  }),
});

export const {
  usePlansInfiniteQuery,
  useKeepPlanMutation,
  useDropPlanMutation,
  useCooksInfiniteQuery,
  useCookQuery,
  useLinesQuery,
  useRecentQuery,
  useJudgeMutation,
  useDeleteCookMutation,
  usePutBackMutation,
  useAddPhotoMutation,
  useDropPhotoMutation,
  useTrialsQuery,
  useTrialQuery,
  useKeepTrialMutation,
  useDropTrialMutation,
  useBookImportQuery,
  useUnreadableQuery,
  useStoreImportMutation,
  useStopImportMutation,
} = bookApi;

const failureSchema = z.object({ status: z.number(), data: z.unknown() });

/** The server's own words for a refusal; undefined when it could not be reached at all. */
export const refusalOf = (error: unknown): string | undefined => {
  const failure = failureSchema.safeParse(error);
  if (!failure.success) return undefined;
  const problem = problemSchema.safeParse(failure.data.data);
  return problem.success
    ? `${problem.data.title}: ${problem.data.detail}`
    : `The server answered ${failure.data.status}.`;
};

/** Message for a failed request to the server. */
export const describeFailure = (error: unknown): string =>
  refusalOf(error) ?? 'The server cannot be reached. Start it, then try again.';
