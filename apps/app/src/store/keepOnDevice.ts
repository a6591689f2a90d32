import { saveLocal } from './device';
import { onChange } from './onChange';
import type { AppState, AppStore } from './store';

/** Values stored on the device, by name. */
const KEPT: Readonly<Record<string, (state: AppState) => unknown>> = {
  attention: ({ attention }) => attention,
  declined: ({ declined }) => declined,
  first: ({ first }) => first,
  kitchen: ({ kitchen }) => kitchen,
  units: ({ units }) => units.system,
  hours: ({ units }) => units.hours,
  light: ({ light }) => light,
  request: ({ draft }) => draft.request,
  others: ({ draft }) => draft.others,
};

/** Writes what must outlive this page to the device, at the moment it changes. */
export const keepOnDevice = (store: AppStore): (() => void) => {
  const stops = Object.entries(KEPT).map(([name, select]) =>
    onChange(store, select, (value) => void saveLocal(name, value)),
  );
  return () => stops.forEach((stop) => stop());
};
