import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Instrument } from '@crustan/core/cook/event';

export const DEVICE_SOURCES = ['simulated', 'file', 'bluetooth'] as const;
/** Source of readings, besides typing. */
export type DeviceSource = (typeof DEVICE_SOURCES)[number];

export interface DeviceSaid {
  readonly by: Instrument;
  readonly celsius: number;
  readonly at: number;
}

/** The last message of an instrument. */
export interface DeviceHeard extends DeviceSaid {
  /** Typical interval of its messages, ms; undefined after the first. */
  readonly every: number | undefined;
}

/** Missed intervals after which an instrument is silent. */
const MISSED = 3;
/** Interval that is assumed until a second message has come, ms of the kitchen's time. */
const FIRST_INTERVAL = 10_000;
/** Radios and networks falter for less than this, ms of the world's time: no instrument is silent sooner. */
const LEAST_SILENCE = 5000;
/** Weight of a new interval in the moving mean. */
const NEWS = 0.3;

/** Mean interval of an instrument's messages after one more message; a missed message does not lengthen it. */
const intervalWith = (before: DeviceHeard | undefined, at: number): number | undefined => {
  if (before === undefined || at <= before.at) return before?.every;
  const gap = at - before.at;
  if (before.every === undefined) return gap;
  return gap > MISSED * before.every ? before.every : (1 - NEWS) * before.every + NEWS * gap;
};

/**
 * Time since an instrument's last message if it missed three of its intervals, ms; undefined while it sends.
 * @param now ms since 1970, by the kitchen's clock
 * @param speed of the kitchen's clock
 */
export const silentFor = (
  { at, every = FIRST_INTERVAL }: DeviceHeard,
  now: number,
  speed: number,
): number | undefined => {
  const age = now - at;
  return age > Math.max(MISSED * every, LEAST_SILENCE * speed) ? age : undefined;
};

export interface DevicesState {
  source: DeviceSource | undefined;
  /** The cook whose piece it is in. */
  cook: string | undefined;
  /** The stand-in kitchen's seed. */
  seed: number;
  /** Last reading of each instrument. */
  last: Partial<Record<Instrument, DeviceHeard>>;
  /** Description of the fault. */
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
      const { by, at } = action.payload;
      state.last[by] = { ...action.payload, every: intervalWith(state.last[by], at) };
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
