import { thingsToDo } from '@crustan/core/pass/lineNow';
import type { Thing } from '@crustan/core/pass/thingsToDo';
import type { PassNow } from './usePass';

/** What is to be done now and next, once a schedule is there. */
export const thingsOf = ({ line, schedule, heat }: PassNow): readonly Thing[] =>
  schedule ? thingsToDo(line, schedule, heat) : [];
