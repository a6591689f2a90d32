import { z } from 'zod';
import { cookEventSchema } from '@crustan/core/formats/cookEventSchema';
import { cookRecordSchema } from '@crustan/core/formats/messages';
import { serviceEventSchema, toldScheduleSchema } from '@crustan/core/formats/serviceSchema';
import { unsentEvents } from './activeCook';
import { passApi } from './passApi';
import { onChange } from './onChange';
import { PassStore } from './passStore';
import {
  passDelayed,
  passNotKept,
  passRecalled,
  selectService,
  selectServiceCooks,
  serviceAcknowledged,
  serviceGone,
  serviceHeard,
  serviceKept,
  serviceRefused,
  toldHeard,
  waitingServiceEvents,
} from './passSlice';
import { sendOutcome } from './sendOutcome';
import { cookPutAway, cookResumed, eventsHeard } from './stoveSlice';
import type { AppStore } from './store';
import { API } from './apiAddress';
import { reachDoubted } from './reachSlice';

const BATCH = 100;
/** The first wait after a sending failed, and the longest, ms. */
const FIRST_WAIT = 1500;
const LONGEST_WAIT = 30_000;
/** A line that was refused is tried again after, ms. */
const TRIED_AGAIN = 4000;

const saidSchema = z.object({ service: z.string(), events: z.array(serviceEventSchema) });
const pressesSchema = z.object({ cook: z.string(), events: z.array(cookEventSchema) });

const parsed = <T>(schema: z.ZodType<T>, { data }: MessageEvent<string>): T | undefined => {
  try {
    return schema.safeParse(JSON.parse(data)).data;
  } catch {
    return undefined;
  }
};

/** Keeps the open service on the device at every change, and brings it back. @returns stops it */
const keepService = (store: AppStore, kept: PassStore): (() => void) => {
  let writing = false;
  let again = false;
  const write = async (): Promise<void> => {
    again = true;
    if (writing) return;
    writing = true;
    while (again) {
      again = false;
      const { service, serviceKnown, events, known } = store.getState().pass;
      try {
        await kept.keep({ service, serviceKnown, events, known });
        store.dispatch(passNotKept(false));
      } catch {
        store.dispatch(passNotKept(service !== undefined));
      }
    }
    writing = false;
  };
  const begin = async (): Promise<void> => {
    const found = await kept.recall().catch(() => undefined);
    if (found) store.dispatch(passRecalled(found));
  };
  void begin();
  const stops = [
    onChange(
      store,
      ({ pass }) => pass.events,
      () => void write(),
    ),
    onChange(
      store,
      ({ pass }) => pass.known,
      () => void write(),
    ),
    onChange(
      store,
      ({ pass }) => pass.service,
      () => void write(),
    ),
    onChange(
      store,
      ({ pass }) => pass.serviceKnown,
      () => void write(),
    ),
  ];
  return () => stops.forEach((stop) => stop());
};

/** Sends what the book has not acknowledged, the service itself first, until nothing waits. @returns stops it */
const sendService = (store: AppStore): (() => void) => {
  let fails = 0;
  /** Events sent at once: fewer while a batch is refused and which of it is not said. */
  let most = BATCH;
  let busy = false;
  /** Something was said while a sending was on: looked at again before it ends. */
  let said = false;
  let stopped = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const sendOnce = async (): Promise<boolean> => {
    const { pass } = store.getState();
    const { service } = pass;
    const waiting = waitingServiceEvents(pass).slice(0, most);
    if (!service || (pass.serviceKnown && waiting.length === 0)) return false;
    try {
      if (!pass.serviceKnown) {
        await store
          .dispatch(passApi.endpoints.keepService.initiate(service, { track: false }))
          .unwrap();
        store.dispatch(serviceKept());
      } else {
        const said = { id: service.id, events: waiting };
        const acknowledged = await store
          .dispatch(passApi.endpoints.sayInService.initiate(said, { track: false }))
          .unwrap();
        store.dispatch(serviceAcknowledged(acknowledged));
      }
      fails = 0;
      most = BATCH;
      store.dispatch(passDelayed(undefined));
      return true;
    } catch (error) {
      const outcome = sendOutcome(error);
      if (outcome.kind === 'events') {
        const refused = [...outcome.refused].flatMap(([i, why]) => {
          const id = waiting[i]?.id;
          return id === undefined ? [] : [[id, why] as const];
        });
        store.dispatch(serviceRefused(Object.fromEntries(refused)));
        return true;
      }
      const whole = outcome.kind === 'refused' || outcome.kind === 'smaller';
      if (whole && pass.serviceKnown && waiting.length > 1) {
        most = Math.ceil(waiting.length / 2);
        return true;
      }
      if (whole && pass.serviceKnown && waiting[0]) {
        store.dispatch(serviceRefused({ [waiting[0].id]: outcome.why }));
        return true;
      }
      if (outcome.kind === 'gone' && pass.serviceKnown) {
        store.dispatch(serviceGone());
        return true;
      }
      fails += 1;
      store.dispatch(
        passDelayed('why' in outcome ? outcome.why : 'The service is not in the book.'),
      );
      return false;
    }
  };
  const send = async (): Promise<void> => {
    said = true;
    if (busy || stopped) return;
    busy = true;
    clearTimeout(timer);
    while (said && !stopped) {
      said = false;
      while (!stopped && (await sendOnce()));
    }
    busy = false;
    if (fails > 0 && !stopped) {
      timer = setTimeout(() => void send(), Math.min(LONGEST_WAIT, FIRST_WAIT * 2 ** fails));
    }
  };
  const wake = (): void => void send();
  const stops = [
    onChange(store, ({ pass }) => pass.events, wake),
    onChange(store, ({ pass }) => pass.service, wake),
  ];
  window.addEventListener('online', wake);
  document.addEventListener('visibilitychange', wake);
  wake();
  return () => {
    stopped = true;
    clearTimeout(timer);
    stops.forEach((stop) => stop());
    window.removeEventListener('online', wake);
    document.removeEventListener('visibilitychange', wake);
  };
};

/** Follows the open service in the book: its events, its cooks and their presses. @returns stops it */
const followService = (store: AppStore): (() => void) => {
  let line: EventSource | undefined;
  let followed: string | undefined;
  const follow = (): void => {
    const { service, serviceKnown } = store.getState().pass;
    const wanted = serviceKnown ? service?.id : undefined;
    if (wanted === followed && (line === undefined || line.readyState !== EventSource.CLOSED)) {
      return;
    }
    line?.close();
    line = undefined;
    followed = wanted;
    if (wanted === undefined) return;
    line = new EventSource(`${API}/services/${wanted}/stream`);
    line.addEventListener('error', () => store.dispatch(reachDoubted()));
    line.addEventListener('events', (message: MessageEvent<string>) => {
      const said = parsed(saidSchema, message);
      if (said) store.dispatch(serviceHeard(said));
    });
    line.addEventListener('cook', (message: MessageEvent<string>) => {
      const cook = parsed(cookRecordSchema, message);
      const known = store.getState().stove.cooks.ids.includes(cook?.id ?? '');
      const ticket = selectService(store.getState()).tickets.find(
        ({ id }) => id === cook?.together?.id,
      );
      // What was served is in the book and no longer on this page.
      if (cook && !known && ticket?.state !== 'sent') store.dispatch(cookResumed(cook));
    });
    line.addEventListener('presses', (message: MessageEvent<string>) => {
      const said = parsed(pressesSchema, message);
      if (said) store.dispatch(eventsHeard(said));
    });
    line.addEventListener('told', (message: MessageEvent<string>) => {
      const schedule = parsed(toldScheduleSchema, message);
      if (schedule) store.dispatch(toldHeard(schedule));
    });
  };
  const stops = [
    onChange(store, ({ pass }) => pass.service, follow),
    onChange(store, ({ pass }) => pass.serviceKnown, follow),
  ];
  const again = setInterval(follow, TRIED_AGAIN);
  follow();
  return () => {
    stops.forEach((stop) => stop());
    clearInterval(again);
    line?.close();
  };
};

/** Takes the pieces of tables that were sent off this page once the book has every press of them. */
const putServedAway = (store: AppStore): (() => void) => {
  const look = (): void => {
    const state = store.getState();
    const gone = new Set(
      selectService(state)
        .tickets.filter((ticket) => ticket.state === 'sent' || ticket.state === 'cancelled')
        .map(({ id }) => id),
    );
    for (const cook of selectServiceCooks(state)) {
      if (!gone.has(cook.together?.id ?? '') || !cook.startKnown) continue;
      if (unsentEvents(cook).length === 0) store.dispatch(cookPutAway({ cook: cook.id }));
    }
  };
  return onChange(store, selectServiceCooks, look);
};

/** Everything that a page does for the open service beside showing it. @returns stops it */
export const runPass = (store: AppStore): (() => void) => {
  const stops = [
    keepService(store, new PassStore()),
    sendService(store),
    followService(store),
    putServedAway(store),
  ];
  return () => stops.forEach((stop) => stop());
};
