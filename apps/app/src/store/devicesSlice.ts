import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Instrument } from '@crustan/core/cook/event';

export const DEVICE_SOURCES = ['simulated', 'file', 'bluetooth'] as const;
/** Where readings come from, besides the cook's own typing. */
export type DeviceSource = (typeof DEVICE_SOURCES)[number];

export interface DeviceSaid {
  readonly by: Instrument;
  readonly celsius: number;
  readonly at: number;
}

export interface DevicesState {
  source: DeviceSource | undefined;
  /** The cook whose piece it is in. */
  cook: string | undefined;
  /** The stand-in kitchen's seed. */
  seed: number;
  /** What each instrument said last. */
  last: Partial<Record<Instrument, DeviceSaid>>;
  /** What went wrong, in words. */
  trouble: string | undefined;
  /** Readings that were no temperature. */
  rubbish: number;
}

export const devicesSlice = createSlice({
  name: 'devices',
  initialState: (): DevicesState => ({
    source: undefined,
    cook: undefined,
    seed: 7,
    last: {},
    trouble: undefined,
    rubbish: 0,
  }),
  reducers: {
    deviceLinked: (state, action: PayloadAction<{ source: DeviceSource; cook: string }>) => {
      Object.assign(state, action.payload, { last: {}, trouble: undefined, rubbish: 0 });
    },
    deviceUnlinked: (state) => {
      state.source = undefined;
      state.cook = undefined;
      state.last = {};
    },
    deviceSaid: (state, action: PayloadAction<DeviceSaid>) => {
      state.last[action.payload.by] = action.payload;
      state.trouble = undefined;
    },
    rubbishSaid: (state) => {
      state.rubbish += 1;
    },
    deviceFailed: (state, action: PayloadAction<string>) => {
      state.trouble = action.payload;
    },
    seedChosen: (state, action: PayloadAction<number>) => {
      state.seed = action.payload;
    },
  },
});
export const { deviceLinked, deviceUnlinked, deviceSaid, rubbishSaid, deviceFailed, seedChosen } =
  devicesSlice.actions;
