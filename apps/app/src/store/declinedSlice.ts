import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { loadLocal } from './device';

/** Number of declined offers that are stored, newest first. */
const REMEMBERED = 50;

const initialState = (): readonly string[] =>
  loadLocal('declined', (value) => z.array(z.string().max(80)).safeParse(value).data) ?? [];

/** Ways out that a cook has said no to, or taken: a trouble of a cook is offered once. */
export const declinedSlice = createSlice({
  name: 'declined',
  initialState,
  reducers: {
    offerAnswered: (state, { payload }: PayloadAction<string>) =>
      [...state.filter((offer) => offer !== payload), payload].slice(-REMEMBERED),
  },
});
export const { offerAnswered } = declinedSlice.actions;
