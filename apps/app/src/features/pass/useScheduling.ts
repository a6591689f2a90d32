import { useEffect, useRef } from 'react';
import type { PublishedSchedule } from '@crustan/core/formats/serviceSchema';
import { knowsNoLess } from '@crustan/core/formats/supersedes';
import { serviceJob, type LineNow } from '@crustan/core/pass/lineNow';
import type { ServiceSchedule } from '@crustan/core/pass/serviceSchedule';
import { clockSpeed } from '../../store/clock';
import { passApi } from '../../store/passApi';
import { entriesKept, scheduleMade, type ServiceBasis } from '../../store/passSlice';
import { placedUpTo } from '../../store/placedUpTo';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { passWorker } from '../../workers/passWorker';
import type { Lacked } from './lackedBy';
import { publishedPieces } from './publishedPieces';

/** Time after which the schedule is computed again without an event, ms of the kitchen's clock. */
const AGAIN = 30_000;
/** Least time between such computations, ms of the world's clock: a demonstration's clock runs faster. */
const APART = 3000;
/** Durations of the search after a press, ms of the kitchen's clock. A better schedule is published after each. */
const IMPROVED_FOR = [1000, 4000] as const;
/**
 * Time for which a page waits for the schedule of the page that added an entry, ms of the world's clock: one page
 * schedules each entry, the others follow it.
 */
const FOLLOWS = 1500;
const LOOKS = 50;

/** A schedule in the form that pages share. */
const asTold = (
  found: ServiceSchedule,
  {
    book,
    seq,
    menu,
    at,
    improves,
  }: Pick<PublishedSchedule, 'book' | 'seq' | 'menu' | 'at' | 'improves'>,
): PublishedSchedule => ({
  ...{ book, seq, menu, at: Math.round(at), improves },
  pieces: [...found.pieces],
  tickets: found.tickets.map(({ hindered, ...ticket }) => ({
    ...ticket,
    ...(hindered ? { hindered: { piece: hindered.piece, taken: { ...hindered.taken } } } : {}),
  })),
  sides: found.sides.map(({ taken, ...side }) => ({
    ...side,
    ...(taken ? { taken: { ...taken } } : {}),
  })),
  unplaced: [...found.unplaced],
  moved: found.moved.map(({ id, from, taken }) => ({ id, from, taken: { ...taken } })),
  late: found.late,
});

/** Inputs of a schedule, as this page has them now. */
export interface SchedulingNow {
  readonly line: LineNow;
  /** Published schedule. */
  readonly schedule: PublishedSchedule | undefined;
  readonly book: string;
  readonly basis: ServiceBasis;
  /** Version of the menu; undefined until it is loaded. */
  readonly version: number | undefined;
  readonly lacks: Lacked | undefined;
  readonly serviceId: string | undefined;
  readonly watches: boolean;
  /** Equipment that the kitchen lists, as text: another one starts a schedule. */
  readonly listed: string;
}

interface Making {
  running: boolean;
  again: boolean;
  /** Entries or forecasts of this page are in no published schedule: it makes the next one without waiting for others. */
  own: boolean;
  moves: string;
  /** Equipment that the last schedule was made for. */
  listed: string;
  /** Last schedule of this page, the ids of its entries, and the number of unsent ones. */
  made?: {
    readonly schedule: PublishedSchedule;
    readonly entries: ReadonlySet<string>;
    readonly left: number;
  };
}

/** Longest age of a schedule, ms of the kitchen's clock. */
const oldest = (): number => Math.max(AGAIN, APART * clockSpeed());

const sleep = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** Whether the published schedule is recent and has every entry that this page has. */
const isScheduled = ({ schedule, book, basis, version, line }: SchedulingNow): boolean =>
  schedule !== undefined &&
  version !== undefined &&
  basis.unsent === 0 &&
  schedule.book === book &&
  schedule.at > line.now - oldest() &&
  knowsNoLess(schedule, { book, seq: basis.seq, menu: version });

/**
 * Makes the schedule of the open service in a worker and shares it with all pages: after each entry of this page, when
 * a forecast moves, and where no other page has made one.
 * @param moves forecasts of the pieces: another value starts a schedule
 */
export const useScheduling = (at: SchedulingNow, moves: string): void => {
  const dispatch = useAppDispatch();
  const shared = useAppSelector((store) => store.pass.shared);
  const latest = useRef(at);
  useEffect(() => {
    latest.current = at;
  });
  useEffect(
    () => () => {
      latest.current = { ...latest.current, serviceId: undefined };
    },
    [],
  );
  const { book, basis, version, lacks, line, serviceId } = at;
  const { seq, unsent, entries, places } = basis;
  const making = useRef<Making>({
    running: false,
    again: false,
    own: false,
    moves,
    listed: at.listed,
  });
  const tell = useRef(async (id: string, made: NonNullable<Making['made']>): Promise<void> => {
    const { basis: now, watches } = latest.current;
    // Its entries are in the logbook by now: it is a schedule of their places in the log.
    const { seq: place, left } = placedUpTo(made.entries, now.places);
    const schedule = { ...made.schedule, seq: Math.max(made.schedule.seq, place) };
    making.current.made = { ...made, schedule, left };
    // Shared once the logbook has all that it was made from; a page that watches follows the cooks' pages.
    if (watches || left > 0) {
      dispatch(scheduleMade({ schedule, unsent: left }));
      return;
    }
    if (made.entries.size === now.places.size) making.current.own = false;
    const sent = dispatch(passApi.endpoints.tell.initiate({ id, schedule }, { track: false }));
    // The request leaves before this page draws the schedule, which takes as long as the request.
    await sleep(0);
    // A newer schedule of this page may have been made meanwhile.
    const isLast = making.current.made?.schedule === schedule;
    if (isLast && latest.current.serviceId === id) {
      dispatch(scheduleMade({ schedule, unsent: left }));
    }
    await sent;
  });
  useEffect(() => {
    if (unsent > 0 || version === undefined) return;
    dispatch(entriesKept({ book, seq, menu: version }));
  }, [unsent, shared, book, seq, version, dispatch]);
  useEffect(() => {
    const { made } = making.current;
    if (serviceId === undefined || made?.schedule.book !== book) return;
    const now = placedUpTo(made.entries, places);
    if (now.left > 0 || (now.seq <= made.schedule.seq && made.left === 0)) return;
    void tell.current(serviceId, made);
  }, [book, places, serviceId]);

  const asked = `${book} ${entries} ${version ?? ''} ${lacks ?? ''} ${Math.floor(line.now / oldest())} ${moves}`;
  useEffect(() => {
    const state = making.current;
    state.again = true;
    const isForOther = state.listed !== latest.current.listed;
    if (latest.current.basis.unsent > 0 || state.moves !== moves || isForOther) state.own = true;
    state.moves = moves;
    // One schedule at a time: requests during its computation are answered by one more, from the latest state.
    if (state.running) {
      void passWorker('schedule').stop();
      return;
    }
    /** Waits for the page that added the last entry. @returns whether this page has nothing to make */
    const isFollowing = async (): Promise<boolean> => {
      // Pages that all wait for a schedule that nobody makes do not make one at the same moment.
      const until = performance.now() + FOLLOWS * (1 - Math.random() / 2);
      while (!state.again && !state.own && performance.now() < until) {
        if (isScheduled(latest.current)) return true;
        await sleep(LOOKS);
      }
      return state.again || (!state.own && isScheduled(latest.current));
    };
    const make = async (): Promise<void> => {
      while (state.again) {
        state.again = false;
        if (latest.current.schedule && !state.own && (await isFollowing())) continue;
        const from = latest.current;
        const { line: now, serviceId: id, version: menu } = from;
        // Without a dish that is ordered, a schedule would leave its table out.
        if (id === undefined || menu === undefined || from.lacks !== undefined) return;
        const { seq: place, unsent: left } = from.basis;
        const of = new Set(from.basis.places.keys());
        const known = { book: from.book, seq: place, menu };
        // A service that was left, or a restore, makes what was found worth nothing.
        const stands = (): boolean =>
          latest.current.serviceId === id && latest.current.book === from.book;
        const job = serviceJob(now, publishedPieces(from.schedule));
        const first = await passWorker('schedule').schedule(job);
        if (!stands()) continue;
        // The log is the same after a change of the equipment: the schedule takes the place of the one before it.
        const improves = state.listed === from.listed ? undefined : from.schedule?.at;
        state.listed = from.listed;
        let schedule = asTold(first, { ...known, at: now.now, improves });
        await tell.current(id, { schedule, entries: of, left });
        for (const ms of IMPROVED_FOR) {
          if (state.again || !stands()) break;
          const better = await passWorker('schedule').improve(ms / clockSpeed());
          // Events since then start a schedule of their own.
          if (!better || state.again || !stands()) continue;
          schedule = asTold(better, { ...known, at: schedule.at + 1, improves: schedule.at });
          await tell.current(id, { schedule, entries: of, left });
        }
      }
    };
    state.running = true;
    void make()
      .catch(() => undefined)
      .finally(() => {
        state.running = false;
      });
  }, [asked, serviceId, moves, at.listed]);
};
