import { tasksNow } from '@crustan/core/pass/lineNow';
import type { Task } from '@crustan/core/pass/task';
import type { PassNow } from './usePass';

/** Board and calls ask for the same service at the same moment. */
const found = new WeakMap<PassNow, readonly Task[]>();

/** Tasks of the service by due time; empty without a schedule. */
export const tasksOf = (pass: PassNow): readonly Task[] => {
  const { line, schedule, heat } = pass;
  if (!schedule) return [];
  const things = found.get(pass) ?? tasksNow(line, schedule, heat);
  found.set(pass, things);
  return things;
};
