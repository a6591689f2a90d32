import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { DEFAULT_KITCHEN, kitchenSchema, type Kitchen } from '@crustan/core/formats/kitchen';
import type { Species } from '@crustan/core/food';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import { MINIMUM_TEMPERATURES } from '@crustan/core/safety/minimumTemperature';
import type { PlannedOn } from '../workers/plan.worker';
import type { RunGear } from '@crustan/core/schedule';
import { recall } from './device';

/** The gear and the rules of this kitchen, as kept on the device. */
export const kitchenSlice = createSlice({
  name: 'kitchen',
  initialState: (): Kitchen =>
    recall('kitchen', (value) => kitchenSchema.safeParse(value).data) ?? DEFAULT_KITCHEN,
  reducers: {
    kitchenChanged: (state, action: PayloadAction<Partial<Kitchen>>) => {
      Object.assign(state, action.payload);
    },
  },
});
export const { kitchenChanged } = kitchenSlice.actions;

/** The pan in use on its burner. */
export const panInUse = ({ pans, pan, burner }: Kitchen): PanOnBurner => {
  const { diameter, mass } = pans[pan] ?? DEFAULT_KITCHEN.pans[0];
  return { diameter, mass, burner: burner.kind, power: burner.power };
};

/** The pan and the oven a run is timed on. */
export const gearInUse = (kitchen: Kitchen): RunGear => ({
  pan: panInUse(kitchen),
  oven: { ...DEFAULT_OVEN, offset: kitchen.ovenOffset },
});

/** What a plan in this kitchen is made on. */
export const plannedOn = (kitchen: Kitchen, species: Species): PlannedOn => ({
  pan: panInUse(kitchen),
  minimum: kitchen.locked || kitchen.atRisk ? MINIMUM_TEMPERATURES[species].celsius : undefined,
});
