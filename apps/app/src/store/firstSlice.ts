import { createSlice } from '@reduxjs/toolkit';
import { z } from 'zod';
import { loadLocal } from './device';

const firstSchema = z.object({
  /** The greeting was answered, on this device. */
  greeted: z.boolean(),
  /** Whether the first plan explains its words. */
  explaining: z.boolean(),
});
export type First = z.infer<typeof firstSchema>;

const initialState = (): First =>
  loadLocal('first', (value) => firstSchema.safeParse(value).data) ?? {
    greeted: false,
    explaining: false,
  };

/** State of a newcomer's first minutes. */
export const firstSlice = createSlice({
  name: 'first',
  initialState,
  reducers: {
    greetingAnswered: () => ({ greeted: true, explaining: true }),
    /** The user knows the words, or has closed the explanations. */
    wordsKnown: () => ({ greeted: true, explaining: false }),
  },
});
export const { greetingAnswered, wordsKnown } = firstSlice.actions;
