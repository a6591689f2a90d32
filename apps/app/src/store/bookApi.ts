import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { z } from 'zod';
import {
  cookListSchema,
  cookRecordSchema,
  planListSchema,
  planRecordSchema,
  problemSchema,
  type CookList,
  type CookRecord,
  type CookStart,
  type Judgement,
  type PlanRecord,
} from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/live';

const acknowledgedSchema = z.object({ acknowledged: z.array(z.string()) });

/** The server's book. Every answer is parsed by the schema both sides share. */
export const bookApi = createApi({
  reducerPath: 'bookApi',
  baseQuery: fetchBaseQuery({
    baseUrl: new URL('/api', globalThis.location?.href ?? 'http://localhost').href,
    timeout: 8000,
  }),
  tagTypes: ['Plans', 'Cooks'],
  endpoints: (build) => ({
    plans: build.query<readonly PlanRecord[], void>({
      query: () => '/plans',
      transformResponse: (body) => planListSchema.parse(body).plans,
      providesTags: ['Plans'],
    }),
    keepPlan: build.mutation<PlanRecord, PlanRecord>({
      query: (plan) => ({ url: `/plans/${plan.id}`, method: 'PUT', body: plan }),
      transformResponse: (body) => planRecordSchema.parse(body),
      invalidatesTags: ['Plans'],
    }),
    dropPlan: build.mutation<null, string>({
      query: (id) => ({ url: `/plans/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Plans'],
    }),
    cooks: build.query<CookList, number | undefined>({
      query: (before) => (before === undefined ? '/cooks' : `/cooks?before=${before}`),
      transformResponse: (body) => cookListSchema.parse(body),
      providesTags: ['Cooks'],
    }),
    cook: build.query<CookRecord, string>({
      query: (id) => `/cooks/${id}`,
      transformResponse: (body) => cookRecordSchema.parse(body),
      providesTags: ['Cooks'],
    }),
    together: build.query<readonly CookRecord[], string>({
      query: (id) => `/cooks/${id}/together`,
      transformResponse: (body) => z.object({ cooks: z.array(cookRecordSchema) }).parse(body).cooks,
      providesTags: ['Cooks'],
    }),
    startCook: build.mutation<CookRecord, CookStart>({
      query: (start) => ({ url: `/cooks/${start.id}`, method: 'PUT', body: start }),
      transformResponse: (body) => cookRecordSchema.parse(body),
      invalidatesTags: ['Cooks'],
    }),
    sendEvents: build.mutation<
      readonly string[],
      { readonly id: string; readonly events: readonly CookEvent[] }
    >({
      query: ({ id, events }) => ({
        url: `/cooks/${id}/events`,
        method: 'POST',
        body: { events },
      }),
      transformResponse: (body) => acknowledgedSchema.parse(body).acknowledged,
      invalidatesTags: ['Cooks'],
    }),
    judge: build.mutation<CookRecord, { readonly id: string; readonly judgement: Judgement }>({
      query: ({ id, judgement }) => ({
        url: `/cooks/${id}/judgement`,
        method: 'PUT',
        body: judgement,
      }),
      transformResponse: (body) => cookRecordSchema.parse(body),
      invalidatesTags: ['Cooks'],
    }),
  }),
});

export const {
  usePlansQuery,
  useKeepPlanMutation,
  useDropPlanMutation,
  useCooksQuery,
  useCookQuery,
  useJudgeMutation,
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

/** What to tell a cook when a request to the server failed. */
export const sayFailure = (error: unknown): string =>
  refusalOf(error) ?? 'The server cannot be reached. Start it, then try again.';
