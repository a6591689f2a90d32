import { z } from 'zod';
import { saveLocal, loadLocal } from './device';
import { newId } from './newId';

let known: string | undefined;

/** Name of this device in the log: drawn once and stored; if nothing can be stored, valid for this page only. */
export const deviceName = (): string => {
  known ??= loadLocal('device', (value) => z.string().min(1).max(60).safeParse(value).data);
  if (known === undefined) {
    known = newId();
    saveLocal('device', known);
  }
  return known;
};
