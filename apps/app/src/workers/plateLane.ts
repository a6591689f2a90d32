import { proxy } from 'comlink';
import { useSyncExternalStore } from 'react';
import type { PlateFound } from '@crustan/core/pass/plateTogether';
import { requiredMinimum } from '@crustan/core/plan/minimumOf';
import type { Draft } from '../store/draftSlice';
import { kitchenNow } from '../store/clock';
import { homeGear } from '../store/homeGear';
import { requestHere } from '../store/kitchenSlice';
import { onChange } from '../store/onChange';
import { plateMoment } from '../store/plateTime';
import type { AppState, AppStore } from '../store/store';
import { passWorker } from './passWorker';

/** Present state of all pieces of the draft on one plate. */
export interface PlateView {
  readonly found?: PlateFound | undefined;
  /** Moment that the found seconds count from, ms since 1970. */
  readonly from: number;
  /** It belongs to an earlier draft: a new one is computed. */
  readonly stale: boolean;
  /** The worker itself failed: in its words. */
  readonly broken?: string | undefined;
}

const NOTHING: PlateView = { from: 0, stale: true };
/** A draft that still moves is not asked about yet, ms. */
const SETTLES = 300;
/** Interval at which the time until the plate is updated, ms. */
const AGAIN = 60_000;

let view = NOTHING;
const listeners = new Set<() => void>();
const show = (next: PlateView): void => {
  view = next;
  for (const listener of listeners) listener();
};

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** Current state of the draft's plate. */
export const usePlateView = (): PlateView => useSyncExternalStore(subscribe, () => view);

/** All pieces of a draft; the sentence's first. */
export const piecesOf = ({ request, others }: Pick<Draft, 'request' | 'others'>) => [
  request,
  ...others,
];

const ask = async ({ draft, kitchen }: AppState, wanted: () => boolean): Promise<void> => {
  const from = kitchenNow();
  const plateAt = plateMoment(draft.plate, from);
  const { gear, secondPan } = homeGear(kitchen, draft.secondPan);
  const groups = piecesOf(draft).map((request) => requestHere(request, kitchen));
  const tell = (found: PlateFound | undefined): void => {
    if (found && wanted()) show({ found, from, stale: false });
  };
  try {
    const minimums = groups.map((request) => requiredMinimum(kitchen, request));
    const plateIn = (plateAt - from) / 1000;
    const question = { groups, minimums, gear, secondPan, plateIn };
    tell(await passWorker('plate').plate(question, proxy(tell)));
  } catch (error) {
    if (wanted()) show({ from, stale: false, broken: String(error) });
  }
};

/** Has the draft's plate computed, now and whenever the draft, the kitchen or the minute changes; returns how to stop. */
export const followPlate = (store: AppStore): (() => void) => {
  let asked = 0;
  let due: ReturnType<typeof setTimeout> | undefined;
  const again = (): void => {
    clearTimeout(due);
    asked += 1;
    const mine = asked;
    due = setTimeout(() => void ask(store.getState(), () => asked === mine), SETTLES);
  };
  const changed = (): void => {
    if (!view.stale) show({ ...view, stale: true });
    again();
  };
  changed();
  const stops = [
    onChange(store, ({ draft }) => draft, changed),
    onChange(store, ({ kitchen }) => kitchen, changed),
  ];
  const minutes = setInterval(again, AGAIN);
  return () => {
    asked += 1;
    stops.forEach((stop) => stop());
    clearTimeout(due);
    clearInterval(minutes);
    void passWorker('plate').dropPlate();
    view = NOTHING;
  };
};
