import { INSTRUMENT_LIMITS } from '@crustan/core/formats/cookEventSchema';
import type { Instrument } from '@crustan/core/cook/event';
import {
  deviceFailed,
  deviceLinked,
  deviceSaid,
  deviceUnlinked,
  rubbishSaid,
  type DeviceSaid,
  type DeviceSource,
} from '../store/devicesSlice';
import { kitchenNow } from '../store/clock';
import { newId } from '../store/newId';
import { pressed } from '../store/logSlice';
import type { AppStore } from '../store/store';
import type { OpenLink } from './deviceLink';
import { t } from '../t';

/**
 * Interval after which a reading is stored in the logbook, ms of the kitchen's time, or the change after which it is,
 * K.
 */
const NOTED_EVERY: Readonly<Record<Instrument, number>> = {
  typed: 0,
  probe: 20_000,
  gun: 60_000,
  oven: 60_000,
};
const NOTED_MOVE = 12;
/** A reading's time may not be ahead of or behind the kitchen's by more, ms. */
const SAME_DAY = 24 * 3600 * 1000;

let close: (() => void) | undefined;

const sensible = ({ by, celsius, at }: DeviceSaid): boolean => {
  const { least, most } = INSTRUMENT_LIMITS[by];
  const dated = Math.abs(at - kitchenNow()) <= SAME_DAY;
  return Number.isFinite(celsius) && celsius >= least && celsius <= most && dated;
};

/** Stops what is linked. */
export const unlinkDevice = (store: Pick<AppStore, 'dispatch'>): void => {
  close?.();
  close = undefined;
  store.dispatch(deviceUnlinked());
};

/**
 * Links a device to a cook: its readings are shown at once, and stored in the cook's events at intervals. An invalid
 * temperature is counted, and not stored.
 */
export const linkDevice = async (
  store: Pick<AppStore, 'dispatch'>,
  source: DeviceSource,
  cook: string,
  open: OpenLink,
): Promise<void> => {
  close?.();
  store.dispatch(deviceLinked({ source, cook }));
  const noted = new Map<Instrument, DeviceSaid>();
  try {
    close = await open({
      said: (reading) => {
        if (!sensible(reading)) {
          store.dispatch(rubbishSaid());
          return;
        }
        store.dispatch(deviceSaid(reading));
        const { by, celsius, at } = reading;
        const last = noted.get(by);
        const moved = last === undefined || Math.abs(celsius - last.celsius) >= NOTED_MOVE;
        if (last && at - last.at < NOTED_EVERY[by] && !(moved && at - last.at > 2000)) return;
        noted.set(by, reading);
        const event = { id: newId(), kind: 'reading', at: Math.round(at), celsius, by } as const;
        store.dispatch(pressed({ cook, event }));
      },
      rubbish: () => store.dispatch(rubbishSaid()),
      failed: (why) => store.dispatch(deviceFailed(why)),
    });
  } catch (error) {
    store.dispatch(deviceUnlinked());
    store.dispatch(
      deviceFailed(error instanceof Error ? error.message : t('it-could-not-be-linked')),
    );
  }
};
