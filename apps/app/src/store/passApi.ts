import { z } from 'zod';
import { readMessage } from '@crustan/core/formats/readMessage';
import {
  dishListSchema,
  serviceInFullSchema,
  serviceListSchema,
  type KeptDish,
  type ServiceInFull,
  type ServiceRecord,
  type PublishedSchedule,
} from '@crustan/core/formats/serviceSchema';
import type { DemandDay } from '@crustan/core/par';
import { bookApi } from './bookApi';

const demandListSchema = z.object({
  days: z.array(z.object({ date: z.string(), dish: z.string(), count: z.int() })),
});

/** The menu, and its version. */
export type Menu = z.infer<typeof dishListSchema>;

/** The menu, the services and the past days of the server's book. */
export const passApi = bookApi.injectEndpoints({
  endpoints: (build) => ({
    menu: build.query<Menu, void>({
      // Dishes taken off the menu too: services of the past name them.
      query: () => '/dishes?removed=true',
      transformResponse: (body) => readMessage(dishListSchema, body),
      providesTags: ['Menu'],
    }),
    keepDish: build.mutation<null, KeptDish>({
      query: (dish) => ({ url: `/dishes/${dish.id}`, method: 'PUT', body: dish }),
      invalidatesTags: ['Menu'],
    }),
    dropDish: build.mutation<null, string>({
      query: (id) => ({ url: `/dishes/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Menu'],
    }),
    services: build.query<readonly ServiceRecord[], void>({
      query: () => '/services',
      transformResponse: (body) => readMessage(serviceListSchema, body).services,
      providesTags: ['Services'],
    }),
    service: build.query<ServiceInFull, string>({
      query: (id) => `/services/${id}`,
      transformResponse: (body) => readMessage(serviceInFullSchema, body),
      providesTags: ['Services'],
    }),
    /** Shares the published schedule with the service's other pages. */
    tell: build.mutation<null, { readonly id: string; readonly schedule: PublishedSchedule }>({
      query: ({ id, schedule }) => ({ url: `/services/${id}/told`, method: 'PUT', body: schedule }),
    }),
    demand: build.query<readonly DemandDay[], void>({
      query: () => '/demand',
      transformResponse: (body) => readMessage(demandListSchema, body).days,
      providesTags: ['Demand'],
    }),
    keepDemand: build.mutation<null, readonly DemandDay[]>({
      query: (days) => ({ url: '/demand', method: 'POST', body: { days } }),
      invalidatesTags: ['Demand'],
    }),
  }),
});

export const {
  useMenuQuery,
  useKeepDishMutation,
  useDropDishMutation,
  useServicesQuery,
  useServiceQuery,
  useDemandQuery,
  useKeepDemandMutation,
} = passApi;
