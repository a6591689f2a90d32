import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { UNIT_SYSTEMS, type UnitSystem } from '@crustan/core/units';
import { z } from 'zod';
import { loadLocal } from './device';
import { HOUR_COUNTS, usualHours, usualUnits, type HourCount } from './locale';

export interface UnitsState {
  readonly system: UnitSystem;
  /** Clock times by 24 hours or by 12. */
  readonly hours: HourCount;
}

const initialState = (): UnitsState => ({
  system: loadLocal('units', (value) => z.enum(UNIT_SYSTEMS).safeParse(value).data) ?? usualUnits(),
  hours: loadLocal('hours', (value) => z.enum(HOUR_COUNTS).safeParse(value).data) ?? usualHours(),
});

/** The units everything is shown in, everywhere at once, and the clock. */
export const unitsSlice = createSlice({
  name: 'units',
  initialState,
  reducers: {
    unitsChosen: (state, action: PayloadAction<UnitSystem>) => ({
      ...state,
      system: action.payload,
    }),
    hoursChosen: (state, action: PayloadAction<HourCount>) => ({
      ...state,
      hours: action.payload,
    }),
  },
});
export const { unitsChosen, hoursChosen } = unitsSlice.actions;
