import type { ReadingsLog } from '@crustan/core/formats/readingsCsv';
import { kitchenNow } from '../store/clock';
import type { OpenLink } from './deviceLink';

/** Interval at which a replayed log is read, ms of the world's time. */
const EVERY = 500;

/** Replays a temperature log as if it were read now, at the kitchen's own speed. */
export const fileLink =
  ({ readings }: ReadingsLog): OpenLink =>
  (listener) => {
    const begin = kitchenNow();
    let next = 0;
    const timer = setInterval(() => {
      const passed = (kitchenNow() - begin) / 1000;
      for (let row = readings[next]; row && row.seconds <= passed; row = readings[next]) {
        next += 1;
        listener.said({
          by: 'probe',
          celsius: row.celsius,
          at: begin + Math.round(row.seconds * 1000),
        });
      }
      if (next >= readings.length) clearInterval(timer);
    }, EVERY);
    return Promise.resolve(() => clearInterval(timer));
  };
