import { createSlice } from '@reduxjs/toolkit';
import { z } from 'zod';
import { recall } from './device';

const firstSchema = z.object({
  /** The greeting was answered, on this device. */
  greeted: z.boolean(),
  /** The first plan explains its words, until it is told that they are known. */
  explaining: z.boolean(),
});
export type First = z.infer<typeof firstSchema>;

const initialState = (): First =>
  recall('first', (value) => firstSchema.safeParse(value).data) ?? {
    greeted: false,
    explaining: false,
  };

/** The first minutes: what a newcomer has been told. */
export const firstSlice = createSlice({
  name: 'first',
  initialState,
  reducers: {
    greetingAnswered: () => ({ greeted: true, explaining: true }),
    /** The cook knows the words, or wants none of this. */
    wordsKnown: () => ({ greeted: true, explaining: false }),
  },
});
export const { greetingAnswered, wordsKnown } = firstSlice.actions;
