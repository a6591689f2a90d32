import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { loadLocal } from './device';

/** Light at planning and dark at the stove; the system's setting; or the same everywhere. */
export const LIGHTS = ['places', 'system', 'light', 'dark'] as const;
export type Light = (typeof LIGHTS)[number];

const initialState = (): Light =>
  loadLocal('light', (value) => z.enum(LIGHTS).safeParse(value).data) ?? 'places';

/** The light the pages are in. */
export const lightSlice = createSlice({
  name: 'light',
  initialState,
  reducers: {
    lightChosen: (_, { payload }: PayloadAction<Light>): Light => payload,
  },
});
export const { lightChosen } = lightSlice.actions;
