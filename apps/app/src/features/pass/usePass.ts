import { useCallback, useMemo, useState } from 'react';
import { cookState, type CookState } from '@crustan/core/cook/cookState';
import { isReading } from '@crustan/core/cook/event';
import type { Forecast } from '@crustan/core/estimate/forecastResult';
import type { KeptDish, PublishedSchedule } from '@crustan/core/formats/serviceSchema';
import { heatNow, type LineNow } from '@crustan/core/pass/lineNow';
import type { GearHeat } from '@crustan/core/pass/dish';
import { gearLeft } from '@crustan/core/pass/gearLeft';
import { serviceGear, type ServiceGear } from '@crustan/core/pass/serviceGear';
import type { ServiceState, TicketPiece } from '@crustan/core/pass/serviceTickets';
import type { ActiveCook } from '../../store/activeCook';
import { UNNAMED_BOOK } from '../../store/logState';
import { selectBook } from '../../store/logSelectors';
import {
  selectBasis,
  selectOpenService,
  selectService,
  selectServiceCooks,
} from '../../store/passSlice';
import { useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { useDishes } from '../../store/useDishes';
import { useGear } from '../../store/useGear';
import { useNow } from '../../ui/useNow';
import { movedPull, useForecasts } from '../../workers/useForecasts';
import { lackedBy, type Lacked } from './lackedBy';
import { placedIn } from './placedIn';
import { useScheduling } from './useScheduling';

/** A piece of the service that has its cook. */
export interface PieceOn {
  readonly cook: ActiveCook;
  readonly state: CookState;
  readonly forecast: Forecast | undefined;
}

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
  readonly schedule: PublishedSchedule | undefined;
  /** ms since 1970 of a second of the service. */
  readonly momentOf: (seconds: number) => number;
}

/** Shift of a forecast that starts a new schedule, ms. */
const MOVED = 15_000;

/** Follows the open service: its pieces forecast, its schedule made in a worker and shared with all pages. */
export const usePass = (): PassNow => {
  const state = useAppSelector(selectService);
  const cooks = useAppSelector(selectServiceCooks);
  const kitchen = useAppSelector((store) => store.kitchen);
  const open = useAppSelector(selectOpenService);
  const schedule = useAppSelector((store) => store.pass.schedule);
  const basis = useAppSelector(selectBasis);
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
  const own = useMemo(() => serviceGear(kitchen), [kitchen]);
  const listed = useMemo(() => JSON.stringify(own), [own]);
  const gear = useMemo(() => gearLeft(own, state), [own, state]);
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
  const watches = useWatches();
  useScheduling(
    {
      ...{ line, schedule, basis, version, lacks, watches, listed },
      book: book ?? UNNAMED_BOOK,
      serviceId: open?.service.id,
    },
    moves,
  );

  const momentOf = useCallback((seconds: number): number => epoch + seconds * 1000, [epoch]);
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
      momentOf,
    }),
    [state, dishes, gear, line, heat, on, schedule, lacks, momentOf],
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
