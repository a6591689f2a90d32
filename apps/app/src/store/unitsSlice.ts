import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { UnitSystem } from '@crustan/core/units';
import { recall } from './device';

export interface UnitsState {
  readonly system: UnitSystem;
}

const initialState = (): UnitsState => ({
  system:
    recall('units', (value) => (value === 'imperial' ? ('imperial' as const) : undefined)) ??
    'metric',
});

/** The units everything is shown in, everywhere at once. */
export const unitsSlice = createSlice({
  name: 'units',
  initialState,
  reducers: {
    unitsChosen: (state, action: PayloadAction<UnitSystem>) => ({
      ...state,
      system: action.payload,
    }),
  },
});
export const { unitsChosen } = unitsSlice.actions;
