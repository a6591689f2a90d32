import { translateName } from '@crustan/messages';
import { useCallback, useState } from 'react';
import { pressFor } from '@crustan/core/cook/press';
import type { PlanRecord } from '@crustan/core/formats';
import type { Task } from '@crustan/core/pass/task';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { fresh } from '../../store/freshEvent';
import { gearUsed } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { cookStarted, pressed, serviceSaid } from '../../store/logSlice';
import { optionOf, type PassNow } from './usePass';
import { placedIn } from './placedIn';
import { t } from './t';

/** Events of cooks and of the service from one tap, which one tap undoes. */
interface Done {
  readonly words: string;
  readonly cooks: readonly { readonly cook: string; readonly event: string }[];
  readonly service: readonly string[];
}

export interface Presses {
  /** Says that a thing was done. */
  readonly done: (thing: Task, words: string) => void;
  /** Says something of the service itself. */
  readonly say: (event: DistributiveOmit<ServiceEvent, 'id' | 'at'>, words: string) => void;
  readonly last: Done | undefined;
  readonly takeBack: () => void;
}

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/** Whether a thing can be marked as done on this page: a piece starts with its plan from the menu. */
export const canBeDone = (thing: Task, pass: PassNow): boolean => {
  if (thing.kind !== 'touch' || thing.action !== 'in') return true;
  const ticket = pass.state.tickets.find(({ id }) => id === thing.ticket);
  const piece = ticket?.pieces.find(({ id }) => id === thing.piece);
  return piece !== undefined && optionOf(pass, piece) !== undefined;
};

/** Events that a tap on the board adds: presses of the cooks, and events of the service. */
export const usePressed = (pass: PassNow): Presses => {
  const dispatch = useAppDispatch();
  const kitchen = useAppSelector((state) => state.kitchen);
  const service = useAppSelector((state) => state.pass.open);
  const [last, setLast] = useState<Done>();

  const say = useCallback(
    (event: DistributiveOmit<ServiceEvent, 'id' | 'at'>): string => {
      const said: ServiceEvent = { ...fresh(), ...event };
      if (service !== undefined) dispatch(serviceSaid({ service, event: said }));
      return said.id;
    },
    [dispatch, service],
  );
  const sayOnly = useCallback<Presses['say']>(
    (event, words) => setLast({ words, cooks: [], service: [say(event)] }),
    [say],
  );
  const press = (cook: string, kind: ReturnType<typeof pressFor>): string => {
    const event = { ...fresh(), kind };
    dispatch(pressed({ cook, event }));
    return event.id;
  };

  /** Starts the heat of a piece: its cook begins, with the plan from the menu. */
  const begin = (pieceId: string, ticketId: string): Pick<Done, 'cooks' | 'service'> => {
    const ticket = pass.state.tickets.find(({ id }) => id === ticketId);
    const piece = ticket?.pieces.find(({ id }) => id === pieceId);
    const placed = placedIn(pass.schedule).pieces.get(pieceId);
    const option = piece && optionOf(pass, piece);
    if (!ticket || !piece || !placed || !option) return { cooks: [], service: [] };
    const dish = pass.dishes.find(({ id }) => id === piece.dish);
    const readyAt = placedIn(pass.schedule).tickets.get(ticketId)?.landsAt ?? 0;
    const { id: event, at } = fresh();
    const plan: PlanRecord = {
      id: newId(),
      createdAt: at,
      title: t('table-3', {
        name: dish?.name ?? t('a-piece'),
        doneness: translateName(piece.doneness),
        table: ticket.table,
      }).slice(0, 120),
      plateAt: Math.round(pass.momentOf(readyAt)),
      plan: option.plan,
      gear: gearUsed(kitchen),
    };
    const together = { id: ticketId, waits: Math.max(0, placed.waits) };
    const started = { id: event, kind: 'started', at } as const;
    dispatch(cookStarted({ id: pieceId, startedAt: at, plan, together, event: started }));
    const begun = say({
      kind: 'begun',
      piece: pieceId,
      option: placed.option,
      full: placed.full,
      pan: pass.gear.pans[placed.pan]?.id,
      oven: pass.gear.ovens[placed.oven]?.id,
    });
    return { cooks: [{ cook: pieceId, event: press(pieceId, 'in') }], service: [begun] };
  };

  const done = (thing: Task, words: string): void => {
    switch (thing.kind) {
      case 'heat': {
        const gear = thing.place === 'pan' ? pass.gear.pans : pass.gear.ovens;
        const of = gear[thing.index]?.id;
        if (of === undefined) return;
        const said = say({ kind: 'set', gear: thing.place, of, celsius: thing.celsius });
        setLast({ words, cooks: [], service: [said] });
        return;
      }
      case 'wash': {
        const of = pass.gear.pans[thing.index]?.id;
        if (of === undefined) return;
        setLast({ words, cooks: [], service: [say({ kind: 'washed', of })] });
        return;
      }
      case 'plate': {
        const ticket = pass.state.tickets.find(({ id }) => id === thing.ticket);
        const cooks = (ticket?.pieces ?? []).map(({ id }) => ({
          cook: id,
          event: press(id, 'sliced'),
        }));
        setLast({ words, cooks, service: [say({ kind: 'sent', of: thing.ticket })] });
        return;
      }
      case 'side': {
        const said = say({ kind: 'side', of: thing.ticket, side: thing.name });
        setLast({ words, cooks: [], service: [said] });
        return;
      }
      case 'touch': {
        const { action, piece, ticket } = thing;
        if (!canBeDone(thing, pass)) return;
        const said =
          action === 'in'
            ? begin(piece, ticket)
            : { cooks: [{ cook: piece, event: press(piece, pressFor(action)) }], service: [] };
        setLast({ words, ...said });
      }
    }
  };

  return {
    done,
    say: sayOnly,
    last,
    takeBack: () => {
      if (!last) return;
      for (const { cook, event } of last.cooks) {
        dispatch(pressed({ cook, event: { ...fresh(), kind: 'undo', of: event } }));
      }
      for (const of of last.service) say({ kind: 'undo', of });
      setLast(undefined);
    },
  };
};
