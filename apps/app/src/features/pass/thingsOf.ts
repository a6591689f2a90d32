import { thingsToDo } from '@crustan/core/pass/lineNow';
import type { Thing } from '@crustan/core/pass/thingsToDo';
import type { PassNow } from './usePass';

/** Board and calls ask for the same service at the same moment. */
const found = new WeakMap<PassNow, readonly Thing[]>();

/** Tasks of the service by due time; empty without a schedule. */
export const thingsOf = (pass: PassNow): readonly Thing[] => {
  const { line, schedule, heat } = pass;
  if (!schedule) return [];
  const things = found.get(pass) ?? thingsToDo(line, schedule, heat);
  found.set(pass, things);
  return things;
};
