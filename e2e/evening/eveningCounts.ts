/** Counts of the faults of an evening. */
export interface EveningCounts {
  orders: number;
  /** Open tables that a board neither placed nor said why, for longer than allowed. */
  unscheduled: number;
  /** Things that were due and not called. */
  uncalled: number;
  /** Things that were called again though they were neither done nor put off. */
  calledTwice: number;
  /** Times at which two boards said different things for longer than allowed. */
  disagreed: number;
  lost: number;
  duplicated: number;
  /** Times at which a phone said that everything is in the logbook, and the logbook lacked something. */
  falselySaved: number;
  pageErrors: number;
  /** Layout faults of a screen after a step. */
  layoutFaults: number;
  /** Steps after which the scripts of a page used more memory than allowed. */
  memoryExceeded: number;
  pressMs: number[];
  /** The faults in words. */
  notes: string[];
}

export const noCounts = (): EveningCounts => ({
  ...{ orders: 0, unscheduled: 0, uncalled: 0, calledTwice: 0, disagreed: 0 },
  ...{ lost: 0, duplicated: 0, falselySaved: 0, pageErrors: 0, layoutFaults: 0 },
  ...{ memoryExceeded: 0, pressMs: [], notes: [] },
});
