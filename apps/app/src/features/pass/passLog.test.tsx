import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { answerWith, json } from '../../fakeServer';
import { publishedScheduleSchema } from '@crustan/core/formats/serviceSchema';
import { kitchenNow } from '../../store/clock';
import { renderWithStore } from '../../renderWithStore';
import {
  bookNamed,
  entriesAcknowledged,
  entriesHeard,
  entriesRefused,
  serviceOpened,
  serviceSaid,
} from '../../store/logSlice';
import { selectOpenService, scheduleHeard } from '../../store/passSlice';
import { kitchenChanged } from '../../store/kitchenSlice';
import type { AppStore } from '../../store/store';
import { uuid } from '../../testing';
import { PassScreen } from './PassScreen';
import { passCalls } from './passCalls';
import { OPENS, ordered, STRIP, toldOf } from './testing';

jest.mock('expo-router', () => ({ Link: ({ children }: { children: unknown }) => children }));
const mockJobs: unknown[] = [];
jest.mock('../../workers/passWorker', () => ({
  passWorker: () => ({
    schedule: (job: unknown) => {
      mockJobs.push(job);
      return Promise.resolve({
        ...{ pieces: [], tickets: [], sides: [], unplaced: [], moved: [] },
        late: 0,
      });
    },
    findFixes: () => Promise.resolve([]),
    improve: () => Promise.resolve(undefined),
    stop: () => undefined,
  }),
}));
jest.mock('../../workers/useForecasts', () => ({
  useForecasts: () => ({}),
  movedPull: () => undefined,
}));

const BOOK = uuid(900);
const SERVICE = {
  ...{ id: uuid(2), name: 'Friday', opensAt: OPENS, closesAt: OPENS + 9e7 },
  dishes: [STRIP.id],
};
const ORDER = ordered(100, '7');

/** A Pass page on a service that the logbook has, with an order that the logbook has under `seq`. */
const open = (seq: number) => {
  const shown = renderWithStore(<PassScreen />);
  act(() => {
    const { store } = shown;
    store.dispatch(bookNamed({ name: BOOK, replaces: [] }));
    store.dispatch(serviceOpened({ service: SERVICE, inBook: true }));
    store.dispatch(
      entriesHeard({
        book: BOOK,
        logged: [
          { seq, entry: { of: 'service', stream: SERVICE.id, device: 'other', event: ORDER } },
        ],
      }),
    );
  });
  return shown;
};
const say = (store: AppStore, event: ReturnType<typeof ordered>) =>
  act(() => void store.dispatch(serviceSaid({ service: SERVICE.id, event })));

describe('a page of the Pass', () => {
  beforeEach(() => {
    mockJobs.length = 0;
  });

  it('makes no schedule without the menu, says so, shows what the others tell, and asks again', async () => {
    let down = true;
    const asked = answerWith(({ path, method }) => {
      if (method === 'PUT') return new Response(null, { status: 204 });
      if (!path.includes('/dishes')) return json({});
      return down ? new Response(null, { status: 503 }) : json({ dishes: [STRIP], version: 4 });
    });
    const { store } = open(9);
    await waitFor(() => expect(asked.some(({ path }) => path.includes('/dishes'))).toBe(true));
    expect(screen.getByTestId('lacks-menu').textContent).toContain('could not load the menu');
    const published = () => asked.filter(({ method }) => method === 'PUT');
    const theirs = { ...toldOf([ORDER]), seq: 9, menu: 4 };
    act(() => void store.dispatch(scheduleHeard({ service: SERVICE.id, schedule: theirs })));
    expect(store.getState().pass.schedule).toEqual(theirs);
    expect([published(), mockJobs]).toEqual([[], []]);
    down = false;
    await waitFor(() => expect(screen.queryByTestId('lacks-menu')).toBeNull(), { timeout: 9000 });
    say(store, ordered(300, '9'));
    await waitFor(() => expect(mockJobs.length).toBeGreaterThan(0));
  }, 20_000);

  it('tells no schedule while an order of its own is not in the logbook, and then the one of the logbook’s place', async () => {
    const asked = answerWith(({ path, method }) => {
      if (method === 'PUT') return new Response(null, { status: 204 });
      return json(path.includes('/dishes') ? { dishes: [STRIP], version: 4 } : {});
    });
    const { store } = open(9);
    const published = () => asked.filter(({ method }) => method === 'PUT').map(({ body }) => body);
    await waitFor(() => expect(published().at(-1)).toMatchObject({ seq: 9, menu: 4 }));
    const before = published().length;
    say(store, ordered(300, '9'));
    await waitFor(() => expect(store.getState().pass.unsent).toBe(1));
    expect(published()).toHaveLength(before);
    const made = mockJobs.length;
    const [, mine] = selectOpenService(store.getState())?.events ?? [];
    act(() => {
      const entries = [mine?.id ?? ''];
      store.dispatch(entriesAcknowledged({ stream: SERVICE.id, entries, book: BOOK }));
      if (mine) {
        const entry = { of: 'service', stream: SERVICE.id, device: '', event: mine } as const;
        store.dispatch(entriesHeard({ book: BOOK, logged: [{ seq: 12, entry }] }));
      }
    });
    await waitFor(() => expect(published().at(-1)).toMatchObject({ seq: 12, menu: 4 }));
    expect(store.getState().pass).toMatchObject({ unsent: 0, schedule: { seq: 12 } });
    // It is the schedule that was made with the order, under its place in the log.
    expect(mockJobs).toHaveLength(made);
  });

  it('shares the schedule of a press under its place in the log while the next press is unsent', async () => {
    const asked = answerWith(({ path, method }) => {
      if (method === 'PUT') return new Response(null, { status: 204 });
      return json(path.includes('/dishes') ? { dishes: [STRIP], version: 4 } : {});
    });
    const { store } = open(9);
    const seqs = () =>
      asked
        .filter(({ method }) => method === 'PUT')
        .map(({ body }) => publishedScheduleSchema.parse(body).seq);
    await waitFor(() => expect(seqs().at(-1)).toBe(9));
    const first = ordered(300, '9');
    say(store, first);
    await waitFor(() => expect(store.getState().pass.unsent).toBe(1));
    act(() => {
      const entry = { of: 'service', stream: SERVICE.id, device: '', event: first } as const;
      store.dispatch(entriesHeard({ book: BOOK, logged: [{ seq: 12, entry }] }));
      store.dispatch(serviceSaid({ service: SERVICE.id, event: ordered(400, '10') }));
    });
    await waitFor(() => expect(seqs().at(-1)).toBe(12));
    await waitFor(() => expect(store.getState().pass.unsent).toBe(1));
  });

  it('follows the page that added an entry, and makes a schedule where none comes', async () => {
    answerWith(({ path, method }) => {
      if (method === 'PUT') return new Response(null, { status: 204 });
      return json(path.includes('/dishes') ? { dishes: [STRIP], version: 4 } : {});
    });
    const { store } = open(9);
    await waitFor(() => expect(store.getState().pass.schedule).toMatchObject({ seq: 9 }));
    const made = mockJobs.length;
    const hear = (n: number, seq: number) => {
      const event = ordered(n, String(n));
      const entry = { of: 'service', stream: SERVICE.id, device: 'other', event } as const;
      act(() => void store.dispatch(entriesHeard({ book: BOOK, logged: [{ seq, entry }] })));
      return event;
    };
    const other = hear(310, 13);
    const theirs = { ...toldOf([ORDER, other]), seq: 13, menu: 4, at: kitchenNow() };
    act(() => void store.dispatch(scheduleHeard({ service: SERVICE.id, schedule: theirs })));
    await new Promise((done) => setTimeout(done, 2000));
    expect(mockJobs).toHaveLength(made);
    expect(store.getState().pass.schedule).toEqual(theirs);
    // The page that added the next one is gone before it has shared a schedule.
    hear(320, 14);
    await waitFor(() => expect(store.getState().pass.schedule).toMatchObject({ seq: 14 }), {
      timeout: 4000,
    });
    expect(mockJobs).toHaveLength(made + 1);
  }, 20_000);

  it('makes a schedule for a kitchen that has changed, in the place of the one before', async () => {
    const asked = answerWith(({ path, method }) => {
      if (method === 'PUT') return new Response(null, { status: 204 });
      return json(path.includes('/dishes') ? { dishes: [STRIP], version: 4 } : {});
    });
    const { store } = open(9);
    const published = () =>
      asked
        .filter(({ method }) => method === 'PUT')
        .map(({ body }) => publishedScheduleSchema.parse(body));
    await waitFor(() => expect(published()).toHaveLength(1));
    const [first] = published();
    act(() => void store.dispatch(kitchenChanged({ hands: 3 })));
    await waitFor(() => expect(published()).toHaveLength(2));
    expect(published()[1]).toMatchObject({ seq: 9, improves: first?.at });
    expect(store.getState().pass.schedule?.at).toBe(published()[1]?.at);
  });

  it('shows an order that the logbook refused where it was taken, and sends it corrected', async () => {
    answerWith(({ path, method }) => {
      if (method === 'PUT') return new Response(null, { status: 204 });
      return json(path.includes('/dishes') ? { dishes: [STRIP], version: 4 } : {});
    });
    const { store } = open(9);
    fireEvent.click(screen.getByRole('tab', { name: 'Tickets' }));
    const bad = ordered(300, '9');
    say(store, bad);
    act(() => {
      const refused = { [bad.id]: 'The message is too large.' };
      store.dispatch(entriesRefused({ stream: SERVICE.id, refused }));
    });
    const alert = await screen.findByText(/^The order of table 9 is not in the logbook/);
    expect(alert.textContent).toContain('The message is too large.');
    expect(screen.getByTestId('service-kept').textContent).toBe('All other entries saved.');
    const tables = within(screen.getByRole('list', { name: 'Tickets' }));
    expect(tables.queryByText('Table 9')).toBeNull();
    fireEvent.click(screen.getByText('Correct it'));
    fireEvent.change(screen.getByLabelText('Table'), { target: { value: '19' } });
    fireEvent.click(screen.getByText('Change the order'));
    expect(screen.queryByText(/is not in the logbook, and no other phone/)).toBeNull();
    expect(tables.getByText('Table 19')).toBeTruthy();
    const [, corrected] = selectOpenService(store.getState())?.events ?? [];
    expect(corrected).toMatchObject({ kind: 'ordered', order: { table: '19' } });
    expect(corrected?.id).not.toBe(bad.id);
  });
});

describe('calls of the board', () => {
  it('name a thing once however its time moves, and each with its own pattern', () => {
    const base = { due: 60, seconds: 10, ticket: uuid(100) } as const;
    const touch = { ...base, kind: 'touch', station: 'stove', piece: uuid(101) } as const;
    const things = (due: number) =>
      passCalls(
        [
          { ...touch, action: 'turn', due },
          { ...touch, action: 'pull', due: due + 60 },
          { ...base, kind: 'plate', station: 'plates' },
          { ...base, kind: 'side', station: 'stove', name: 'Greens', plates: 2 },
          { ...base, kind: 'heat', station: 'stove', place: 'pan', index: 0, celsius: 230 },
        ],
        (seconds) => OPENS + seconds * 1000,
        ({ kind }) => kind,
      );
    const [turn, pull, ...others] = things(60);
    expect([turn?.call, pull?.call]).toEqual(['turn', 'out']);
    expect(others.map(({ call }) => call)).toEqual(['next', 'next', 'next']);
    expect(turn?.dueAt).toBe(OPENS + 60_000);
    expect(things(95).map(({ key }) => key)).toEqual(things(60).map(({ key }) => key));
    expect(new Set(things(60).map(({ key }) => key)).size).toBe(5);
  });
});
