import { readMessage } from '@crustan/core/formats/readMessage';
import {
  practiceListSchema,
  practiceResultSchema,
  type PracticeResultRecord,
} from '@crustan/core/formats/practiceSchema';
import { bookApi } from './bookApi';

/** Requests for practice results in the logbook. */
export const practiceApi = bookApi.injectEndpoints({
  endpoints: (build) => ({
    practised: build.query<readonly PracticeResultRecord[], void>({
      query: () => '/practice',
      transformResponse: (body) => readMessage(practiceListSchema, body).results,
      providesTags: ['Practice'],
    }),
    keepPractice: build.mutation<PracticeResultRecord, PracticeResultRecord>({
      query: (result) => ({ url: `/practice/${result.id}`, method: 'PUT', body: result }),
      transformResponse: (body) => readMessage(practiceResultSchema, body),
      invalidatesTags: ['Practice'],
    }),
  }),
});

export const { usePractisedQuery, useKeepPracticeMutation } = practiceApi;
