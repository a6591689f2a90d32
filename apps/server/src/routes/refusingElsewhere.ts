import { PROBLEM_TYPES } from '@crustan/core/formats';
import { EventElsewhere } from '../db/cookStore';
import { problem } from '../problems';

/** Adds events; those of the batch that are another's already are named in the problem, and none is stored. */
export const refusingElsewhere = (what: 'cook' | 'service', add: () => void): void => {
  try {
    add();
  } catch (error) {
    if (!(error instanceof EventElsewhere)) throw error;
    const errors = error.indexes.map((i) => ({
      path: `events[${i}].id`,
      message: `is the id of an event of another ${what}`,
    }));
    throw problem(409, `Of another ${what}`, 'None of these events was stored.', {
      type: PROBLEM_TYPES.eventElsewhere,
      errors,
    });
  }
};
