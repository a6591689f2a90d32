import { readMessage } from '@crustan/core/formats/readMessage';
import {
  pairingCodeSchema,
  phoneListSchema,
  phoneSchema,
  type PairingCode,
  type Phone,
  type PhoneList,
  type PhoneRole,
} from '@crustan/core/formats/phonesSchema';
import { bookApi } from './bookApi';

/** Phones of the kitchen, asked by the owner's machine. */
export const phonesApi = bookApi.injectEndpoints({
  endpoints: (build) => ({
    phones: build.query<PhoneList, void>({
      query: () => '/phones',
      transformResponse: (body) => readMessage(phoneListSchema, body),
      providesTags: ['Phones'],
    }),
    pairingCode: build.mutation<PairingCode, PhoneRole>({
      query: (role) => ({ url: '/phones/codes', method: 'POST', body: { role } }),
      transformResponse: (body) => readMessage(pairingCodeSchema, body),
    }),
    changePhone: build.mutation<Phone, Pick<Phone, 'id'> & Partial<Pick<Phone, 'name' | 'role'>>>({
      query: ({ id, ...change }) => ({ url: `/phones/${id}`, method: 'PATCH', body: change }),
      transformResponse: (body) => readMessage(phoneSchema, body),
      invalidatesTags: ['Phones'],
    }),
    revokePhone: build.mutation<null, string>({
      query: (id) => ({ url: `/phones/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Phones'],
    }),
  }),
});

export const {
  usePhonesQuery,
  usePairingCodeMutation,
  useChangePhoneMutation,
  useRevokePhoneMutation,
} = phonesApi;
