import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import {
  burnerOf,
  DEFAULT_KITCHEN,
  kitchenSchema,
  ovenOf,
  panOf,
  withChanged,
  type Kitchen,
  type UsedFigure,
} from '@crustan/core/formats/kitchen';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import type { GearUsed } from '@crustan/core/learn/loggedCook';
import type { LearnedDeviation, PlanRequest } from '@crustan/core/plan/request';
import { requiredMinimum } from '@crustan/core/plan/minimumOf';
import type { PlannedOn } from '../workers/plan.worker';
import type { RunGear } from '@crustan/core/schedule';
import { loadLocal } from './device';

/** Sets what the air of the oven in use has over its dial, C. */
const setOffset = (kitchen: Kitchen, offset: number): void => {
  kitchen.ovens = withChanged(kitchen.ovens, ovenOf(kitchen).id, { offset });
};

/** The gear and the rules of this kitchen, as kept on the device. */
export const kitchenSlice = createSlice({
  name: 'kitchen',
  initialState: (): Kitchen =>
    loadLocal('kitchen', (value) => kitchenSchema.safeParse(value).data) ?? DEFAULT_KITCHEN,
  reducers: {
    kitchenChanged: (state, action: PayloadAction<Partial<Kitchen>>) => {
      Object.assign(state, action.payload);
    },
    /** Plans use this figure of a device from now on. */
    traitUsed: (state, { payload }: PayloadAction<{ key: string; used: UsedFigure }>) => {
      const { key, used } = payload;
      state.learned[key] = used;
      if (key === 'oven') setOffset(state, used.value);
    },
    /** Plans use the nominal value again, and cooks before `at` are not used for it. */
    traitForgotten: (state, { payload }: PayloadAction<{ key: string; at: number }>) => {
      const { key, at } = payload;
      state.learned = Object.fromEntries(
        Object.entries(state.learned).filter(([known]) => known !== key),
      );
      state.forgotten[key] = at;
      if (key === 'oven') setOffset(state, DEFAULT_OVEN.offset);
    },
    /** The kitchen as the logbook has it: changed on another phone. */
    kitchenBrought: (_state, { payload }: PayloadAction<Kitchen>) => payload,
  },
});
export const { kitchenChanged, traitUsed, traitForgotten, kitchenBrought } = kitchenSlice.actions;

const used = ({ learned }: Kitchen, key: string): number | undefined => learned[key]?.value;

/** Equipment in use, with its calibration. */
export const gearUsed = (kitchen: Kitchen): GearUsed => {
  const { kind, power } = burnerOf(kitchen);
  return {
    pan: panOf(kitchen),
    burner: { kind, power, share: used(kitchen, 'burner') ?? 1 },
    oven: {
      offset: ovenOf(kitchen).offset,
      lag: used(kitchen, 'lag') ?? DEFAULT_OVEN.timeConstant,
    },
  };
};

/** The pan in use on its burner, which gives what it was found to give. */
export const panInUse = (kitchen: Kitchen): PanOnBurner => {
  const { pan, burner } = gearUsed(kitchen);
  const { diameter, mass } = pan;
  return { diameter, mass, burner: burner.kind, power: burner.power * burner.share };
};

/** The pan and the oven a run is timed on. */
export const gearInUse = (kitchen: Kitchen): RunGear => {
  const { offset, lag } = gearUsed(kitchen).oven;
  return { pan: panInUse(kitchen), oven: { ...DEFAULT_OVEN, offset, timeConstant: lag } };
};

/** Standard deviation of a calibrated figure in use; of a factor, as a share. */
const doubtOf = ({ learned }: Kitchen, key: string, factor: boolean): number | undefined => {
  const figure = learned[key];
  if (figure?.deviation === undefined) return undefined;
  return factor ? figure.deviation / figure.value : figure.deviation;
};

/** Standard deviations of the learned figures in use; undefined if none is in use. */
const knownOf = (kitchen: Kitchen): LearnedDeviation['known'] => {
  const known = {
    oven: doubtOf(kitchen, 'oven', false),
    ovenHeat: doubtOf(kitchen, 'ovenHeat', true),
    burner: doubtOf(kitchen, 'burner', true),
    contact: doubtOf(kitchen, `contact:${panOf(kitchen).id}`, true),
    thickness: doubtOf(kitchen, 'thickness', false),
  };
  return Object.values(known).every((one) => one === undefined) ? undefined : known;
};

/** Calibration from past cooks that a request carries; undefined: none is used. */
export const learnedOfPiece = (kitchen: Kitchen): LearnedDeviation | undefined => {
  const thickness = used(kitchen, 'thickness');
  const contact = used(kitchen, `contact:${panOf(kitchen).id}`);
  const ovenHeat = used(kitchen, 'ovenHeat');
  const crust = used(kitchen, 'crust');
  const known = knownOf(kitchen);
  if ([thickness, contact, ovenHeat, crust, known].every((one) => one === undefined)) {
    return undefined;
  }
  return {
    thickness: thickness ?? 0,
    contact: contact ?? 1,
    ...(known === undefined ? {} : { known }),
    ...(ovenHeat === undefined ? {} : { ovenHeat }),
    ...(crust === undefined ? {} : { crust }),
  };
};

/** Request for a plan in this kitchen: by the kitchen model, with this kitchen's calibration and none of another. */
export const requestHere = (
  { learned: _elsewhere, ...request }: PlanRequest,
  kitchen: Kitchen,
): PlanRequest => {
  const learned = learnedOfPiece(kitchen);
  const gear = { pan: panOf(kitchen).id, burner: burnerOf(kitchen).id, oven: ovenOf(kitchen).id };
  return { ...request, model: 'kitchen', gear, ...(learned === undefined ? {} : { learned }) };
};

/** Equipment and rules on which a plan in this kitchen is made. */
export const plannedOn = (
  kitchen: Kitchen,
  request: Pick<PlanRequest, 'cut' | 'own' | 'game' | 'treated'>,
): PlannedOn => ({
  pan: panInUse(kitchen),
  minimum: requiredMinimum(kitchen, request),
});
