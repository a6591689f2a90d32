import { useEffect, useMemo, useRef, useState } from 'react';
import { cookState, type CookState } from '@crustan/core/cook/cookState';
import { isReading } from '@crustan/core/cook/event';
import type { Forecast } from '@crustan/core/estimate/forecastResult';
import type { KeptDish, ToldSchedule } from '@crustan/core/formats/serviceSchema';
import { heatNow, serviceJob, type LineNow } from '@crustan/core/pass/lineNow';
import type { GearHeat } from '@crustan/core/pass/dish';
import type { ServiceSchedule } from '@crustan/core/pass/serviceSchedule';
import { gearLeft } from '@crustan/core/pass/gearLeft';
import { serviceGear, type ServiceGear } from '@crustan/core/pass/serviceGear';
import type { ServiceState, TicketPiece } from '@crustan/core/pass/serviceTickets';
import type { ActiveCook } from '../../store/activeCook';
import { clockSpeed } from '../../store/clock';
import { UNNAMED_BOOK } from '../../store/logState';
import { selectBook } from '../../store/logSelectors';
import { passApi } from '../../store/passApi';
import {
  entriesKept,
  selectBasis,
  selectOpenService,
  selectService,
  selectServiceCooks,
  told,
} from '../../store/passSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { useDishes } from '../../store/useDishes';
import { useGear } from '../../store/useGear';
import { useNow } from '../../ui/useNow';
import { passWorker } from '../../workers/passWorker';
import { movedPull, useForecasts } from '../../workers/useForecasts';
import { placedIn } from './placedIn';

/** A piece of the service that has its cook. */
export interface PieceOn {
  readonly cook: ActiveCook;
  readonly state: CookState;
  readonly forecast: Forecast | undefined;
}

/** Part of the menu that a page may lack: the whole menu, or a dish that is ordered. */
export type Lacked = 'menu' | 'dish';

const lackedBy = (
  { tickets }: ServiceState,
  dishes: readonly KeptDish[],
  version: number | undefined,
): Lacked | undefined => {
  if (version === undefined) return 'menu';
  const known = new Set(dishes.map(({ id }) => id));
  const going = tickets.filter(({ state }) => state === 'open' || state === 'held');
  const unknown = going.some(({ pieces }) => pieces.some(({ dish }) => !known.has(dish)));
  return unknown ? 'dish' : undefined;
};

/** Present state of the open service. */
export interface PassNow {
  readonly state: ServiceState;
  readonly dishes: readonly KeptDish[];
  readonly gear: ServiceGear;
  readonly line: LineNow;
  readonly heat: GearHeat;
  readonly on: ReadonlyMap<string, PieceOn>;
  /** Part of the menu that is missing for a schedule of this page's own. Until then it shows the shared one. */
  readonly lacks: Lacked | undefined;
  /** Published schedule; undefined until the first one is made. */
  readonly schedule: ToldSchedule | undefined;
  /** ms since 1970 of a second of the service. */
  readonly momentOf: (seconds: number) => number;
}

/** Time after which the schedule is computed again without an event, ms of the kitchen's clock. */
const AGAIN = 30_000;
/** Least time between such computations, ms of the world's clock: a demonstration's clock runs faster. */
const APART = 3000;
/** Durations of the search after a press, ms of the kitchen's clock. A better schedule is published after each. */
const IMPROVED_FOR = [1000, 4000] as const;
/** Shift of a forecast that starts a new schedule, ms. */
const MOVED = 15_000;

/** A schedule in the form that pages share. */
export const asTold = (
  found: ServiceSchedule,
  {
    book,
    seq,
    menu,
    at,
    improves,
  }: Pick<ToldSchedule, 'book' | 'seq' | 'menu' | 'at' | 'improves'>,
): ToldSchedule => ({
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

/** Published pieces by id: input of the next schedule. */
export const toldPieces = (
  schedule: ToldSchedule | undefined,
): ReadonlyMap<string, ToldSchedule['pieces'][number]> =>
  new Map(schedule?.pieces.map((piece) => [piece.id, piece]));

/** Follows the open service: its pieces forecast, its schedule made in a worker and shared with all pages. */
export const usePass = (): PassNow => {
  const dispatch = useAppDispatch();
  const state = useAppSelector(selectService);
  const cooks = useAppSelector(selectServiceCooks);
  const kitchen = useAppSelector((store) => store.kitchen);
  const open = useAppSelector(selectOpenService);
  const schedule = useAppSelector((store) => store.pass.told);
  const shared = useAppSelector((store) => store.pass.shared);
  const { seq, unsent } = useAppSelector(selectBasis);
  const book = useAppSelector((store) => selectBook(store).name);
  const [again, setAgain] = useState(false);
  const { dishes, version } = useDishes(again);
  const lacks = lackedBy(state, dishes, version);
  // Another page's schedule may be of a newer menu than this page has.
  const older = version !== undefined && (schedule?.menu ?? 0) > version;
  const wanted = lacks !== undefined || older;
  if (again !== wanted) setAgain(wanted);
  const { pan } = useGear();
  const now = useNow(1000);
  const gear = useMemo(() => gearLeft(serviceGear(kitchen), state), [kitchen, state]);
  const epoch = open?.service.opensAt ?? 0;
  // Without a reading a forecast is its plan: the board needs none.
  const followed = useMemo(
    () =>
      cooks
        .filter(({ events }) => events.some(isReading))
        .map((cook) => ({ cook, plannedIn: cook.startedAt })),
    [cooks],
  );
  const forecasts = useForecasts(followed, pan);
  const on = useMemo(
    () =>
      new Map(
        cooks.map((cook): [string, PieceOn] => {
          const forecast = forecasts[cook.id];
          const pull = movedPull(forecast);
          const { plan } = cook.plan;
          return [
            cook.id,
            { cook, forecast, state: cookState(plan, cook.startedAt, cook.events, pull) },
          ];
        }),
      ),
    [cooks, forecasts],
  );
  const line = useMemo(
    (): LineNow => ({
      gear,
      dishes,
      state,
      epoch,
      now,
      on: new Map([...on].map(([id, piece]) => [id, piece.state.progress.actions])),
    }),
    [gear, dishes, state, epoch, now, on],
  );
  const heat = useMemo(() => heatNow(line), [line]);

  const moves = [...on.values()]
    .map(({ state: { progress } }) => Math.round(progress.decidedAt / MOVED))
    .join();
  const serviceId = open?.service.id;
  const asked = `${book ?? ''} ${seq} ${unsent} ${version ?? ''} ${lacks ?? ''} ${Math.floor(now / Math.max(AGAIN, APART * clockSpeed()))} ${moves}`;
  const watches = useWatches();
  const latest = useRef({ line, schedule, book, seq, unsent, version, lacks, serviceId, watches });
  useEffect(() => {
    latest.current = { line, schedule, book, seq, unsent, version, lacks, serviceId, watches };
  });
  useEffect(
    () => () => {
      latest.current = { ...latest.current, serviceId: undefined };
    },
    [],
  );
  useEffect(() => {
    if (unsent > 0 || version === undefined) return;
    dispatch(entriesKept({ book: book ?? UNNAMED_BOOK, seq, menu: version }));
  }, [unsent, shared, book, seq, version, dispatch]);
  const making = useRef({ now: false, again: false });
  useEffect(() => {
    const state = making.current;
    state.again = true;
    // One schedule at a time: requests during its computation are answered by one more, from the latest state.
    if (state.now) {
      void passWorker('schedule').stop();
      return;
    }
    const make = async (): Promise<void> => {
      while (state.again) {
        state.again = false;
        const from = latest.current;
        const { line: at, serviceId: id, version: menu } = from;
        // Without a dish that is ordered, a schedule would leave its table out.
        if (id === undefined || menu === undefined || from.lacks !== undefined) return;
        const basis = { book: from.book ?? UNNAMED_BOOK, seq: from.seq, menu };
        // A service that was left, or a restore, makes what was found worth nothing.
        const stands = (): boolean =>
          latest.current.serviceId === id && latest.current.book === from.book;
        const tell = async (schedule: ToldSchedule): Promise<void> => {
          dispatch(told({ schedule, unsent: from.unsent }));
          // Shared once the logbook has all that it was made from; a page that watches follows the cooks' pages.
          if (from.watches || from.unsent > 0) return;
          await dispatch(passApi.endpoints.tell.initiate({ id, schedule }, { track: false }));
        };
        const job = serviceJob(at, toldPieces(from.schedule));
        const first = await passWorker('schedule').schedule(job);
        if (!stands()) continue;
        let made = asTold(first, { ...basis, at: at.now });
        await tell(made);
        for (const ms of IMPROVED_FOR) {
          if (state.again || !stands()) break;
          const better = await passWorker('schedule').improve(ms / clockSpeed());
          // Events since then start a schedule of their own.
          if (!better || state.again || !stands()) continue;
          made = asTold(better, { ...basis, at: made.at + 1, improves: made.at });
          await tell(made);
        }
      }
    };
    state.now = true;
    void make()
      .catch(() => undefined)
      .finally(() => {
        state.now = false;
      });
  }, [asked, serviceId, dispatch]);

  return useMemo(
    () => ({
      state,
      dishes,
      gear,
      line,
      heat,
      on,
      schedule,
      lacks,
      momentOf: (seconds) => epoch + seconds * 1000,
    }),
    [state, dishes, gear, line, heat, on, schedule, lacks, epoch],
  );
};

/** A dish's option by which a piece is or will be cooked. */
export const optionOf = (
  { dishes, schedule }: Pick<PassNow, 'dishes' | 'schedule'>,
  piece: TicketPiece,
): KeptDish['portions'][number]['options'][number] | undefined => {
  const dish = dishes.find(({ id }) => id === piece.dish);
  const portion = dish?.portions.find(({ doneness }) => doneness === piece.doneness);
  const placed = placedIn(schedule).pieces.get(piece.id);
  return portion?.options[piece.begun?.option ?? piece.option ?? placed?.option ?? 0];
};
