import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { loadLocal } from './device';

const attentionSchema = z.object({
  sound: z.boolean(),
  vibration: z.boolean(),
  /** The next thing to do, said aloud. */
  voice: z.boolean(),
  /** A note from the system when the page is not in sight. */
  notification: z.boolean(),
  /** Lead time of the warning before a task is due, s. */
  headStart: z.number().min(0).max(120),
  leftHanded: z.boolean(),
  /** Of everything that sounds, share of full. */
  volume: z.number().min(0).max(1).default(0.8),
  /** Whether the expected sound of the pan is played. */
  panSound: z.boolean().default(false),
  /** Larger targets, nothing to scroll, and a longer press where a slip costs. */
  wetHands: z.boolean().default(false),
});

/** Settings of calls at the stove. */
export type Attention = z.infer<typeof attentionSchema>;

const USUAL: Attention = {
  sound: true,
  vibration: true,
  voice: false,
  notification: false,
  headStart: 15,
  leftHanded: false,
  volume: 0.8,
  panSound: false,
  wetHands: false,
};

export const attentionSlice = createSlice({
  name: 'attention',
  initialState: (): Attention =>
    loadLocal('attention', (value) => attentionSchema.safeParse(value).data) ?? USUAL,
  reducers: {
    attentionChanged: (state, action: PayloadAction<Partial<Attention>>) => ({
      ...state,
      ...action.payload,
    }),
  },
});
export const { attentionChanged } = attentionSlice.actions;
