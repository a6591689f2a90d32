import { useCallback, useEffect, useRef, useState } from 'react';
import type { CardCell } from '@crustan/core/plan/card';
import type { PlanRequest } from '@crustan/core/plan/request';
import { eachOnce } from '../../../workers/eachOnce';
import type { PlannedOn } from '../../../workers/plan.worker';
import { plannerWorker } from '../../../workers/planner';

/** Names of the parallel workers: each takes the next cell when it is free. */
const WORKERS = ['card a', 'card b'] as const;

/** Cells by their place on the card; those to come are missing. */
export type CardCells = ReadonlyMap<number, CardCell>;

export interface CardWork {
  readonly cells: CardCells;
  /** Cells are being computed. */
  readonly running: boolean;
  /** Reason for an early end, if there was one. */
  readonly broken: string | undefined;
  readonly start: () => void;
  readonly stop: () => void;
}

const NONE: CardCells = new Map();

/** A card's cells, computed cell by cell in workers when asked to; another card begins again. */
export const useCard = (requests: readonly PlanRequest[], on: PlannedOn): CardWork => {
  const [found, setFound] = useState({ requests, cells: NONE });
  const [running, setRunning] = useState(false);
  const [broken, setBroken] = useState<string>();
  // Number of the current run: a stop or another card ends it.
  const current = useRef(0);
  const working = useRef(false);

  const stop = useCallback((): void => {
    if (!working.current) return;
    current.current += 1;
    working.current = false;
    setRunning(false);
    for (const name of WORKERS) void plannerWorker(name).drop();
  }, []);

  const start = useCallback((): void => {
    current.current += 1;
    const mine = current.current;
    const take = eachOnce(requests.length);
    const work = async (name: string): Promise<void> => {
      for (let index = take(); index !== undefined; index = take()) {
        const at = index;
        const request = requests[at];
        const cell = request && (await plannerWorker(name).card(request, on));
        if (mine !== current.current || cell === undefined) return;
        setFound(({ cells, ...before }) => ({ ...before, cells: new Map(cells).set(at, cell) }));
      }
    };
    setFound({ requests, cells: NONE });
    setBroken(undefined);
    working.current = true;
    setRunning(true);
    void Promise.all(WORKERS.map(work)).then(
      () => {
        if (mine !== current.current) return;
        working.current = false;
        setRunning(false);
      },
      (error: unknown) => {
        if (mine !== current.current) return;
        working.current = false;
        setRunning(false);
        setBroken(String(error));
      },
    );
  }, [requests, on]);

  useEffect(() => stop, [requests, on, stop]);
  return { cells: found.requests === requests ? found.cells : NONE, running, broken, start, stop };
};
