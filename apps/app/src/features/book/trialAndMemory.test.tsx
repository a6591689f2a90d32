import { logBatchSchema } from '@crustan/core/formats/logSchema';
import type { ReactNode } from 'react';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { CookRecord } from '@crustan/core/formats';
import type { Trial } from '@crustan/core/trial/trial';
import { renderWithStore } from '../../renderWithStore';
import { cookStarted } from '../../store/logSlice';
import { selectCooks } from '../../store/logSelectors';
import { lineOf, planOf, recordOf, REQUEST, uuid } from '../../testing';
import { LogImport } from './files/LogImport';
import { PlanTrial } from './PlanTrial';
import { TrialScreen } from './TrialScreen';
import { TrialsScreen } from './TrialsScreen';
import { WriteDownScreen } from './WriteDownScreen';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({
  Link: ({ children }: { readonly children: ReactNode }) => children,
  useRouter: () => ({ push: mockPush, replace: mockPush }),
  usePathname: () => '/book/trials',
}));
jest.mock('../../workers/liveWorker', () => ({
  liveWorker: () => ({ replay: () => Promise.resolve(undefined) }),
}));
// Without the worker's answer pieces are started as they were planned.
jest.mock('../../workers/passWorker', () => ({
  passWorker: () => ({ joined: () => Promise.reject(new Error('no worker')) }),
}));
const mockPlanned = jest.fn();
jest.mock('../../workers/planRecords', () => ({
  planRecordsOf: (requests: unknown) => mockPlanned(requests),
}));

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const PLAN = planOf();
const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json' },
  });
interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}
let asked: Asked[] = [];
const answer = (respond: (one: Asked) => Response): void => {
  asked = [];
  Object.assign(globalThis, {
    fetch: async (request: Request) => {
      const { pathname, search } = new URL(request.url);
      const text = await request.text();
      const body: unknown = text === '' ? undefined : JSON.parse(text);
      const one = { method: request.method, path: pathname + search, body };
      asked.push(one);
      return respond(one);
    },
  });
};
const cook = (n: number, end: number): CookRecord => ({
  id: uuid(n),
  createdAt: T0,
  plan: { ...recordOf(PLAN, T0), spread: { seconds: 25, endTemperature: 1, inputs: [] } },
  events: [
    { id: uuid(n + 100), kind: 'in', at: T0 },
    { id: uuid(n + 200), kind: 'reading', at: T0 + 200_000, celsius: 30 },
    { id: uuid(n + 300), kind: 'pulled', at: T0 + 400_000 },
  ],
  judgement: { endTemperature: end, crunch: 'crisp', notes: '' },
});
const trial: Trial = {
  id: uuid(50),
  createdAt: T0,
  title: 'Open or covered',
  kind: 'cover',
  arms: [
    { label: 'rested open', cook: uuid(1) },
    { label: 'wrapped', cook: uuid(2) },
  ],
};

describe('planning a trial', () => {
  const planned = (requests: readonly (typeof REQUEST)[]) =>
    Promise.resolve(
      requests.map((request) => {
        const plan = { ...PLAN, request };
        return { ok: true, plan, record: { ...recordOf(plan, T0), id: uuid(7) } };
      }),
    );

  it('puts like pieces on together, each named by what differs, and ties them to the trial', async () => {
    mockPlanned.mockImplementation(planned);
    answer(({ body }) => json(body));
    const { store } = renderWithStore(<PlanTrial kind="salt" />);
    expect(screen.getAllByRole('checkbox', { checked: true })).toHaveLength(2);
    fireEvent.click(screen.getByText(/12 h ahead/));
    fireEvent.click(screen.getByText('Start 3 for one plate'));
    await waitFor(() => expect(mockPush).toHaveBeenCalledWith('/stove'));
    const cooks = selectCooks(store.getState());
    expect(cooks).toHaveLength(3);
    expect(new Set(cooks.map(({ plan }) => plan.trial?.id)).size).toBe(1);
    expect(cooks.map(({ plan }) => plan.trial?.arm)).toEqual([0, 1, 2]);
    expect(new Set(cooks.map(({ plan }) => plan.plan.request.saltAhead)).size).toBe(3);
    const kept = asked.find(({ method }) => method === 'PUT')?.body;
    expect(kept).toMatchObject({
      kind: 'salt',
      arms: cooks.map(({ id }) => ({ cook: id })),
    });
  });

  it('says which piece cannot be planned, and starts nothing', async () => {
    mockPlanned.mockImplementation((requests: readonly (typeof REQUEST)[]) =>
      Promise.resolve([
        { ok: false, request: requests[0], obstacle: { reason: 'warm', start: 20 } },
      ]),
    );
    answer(() => json({}));
    const { store } = renderWithStore(<PlanTrial kind="temper" />);
    fireEvent.click(screen.getByText('Start 2 for one plate'));
    expect((await screen.findByRole('alert')).textContent).toMatch(
      /Straight from the fridge: It starts at/,
    );
    expect(selectCooks(store.getState())).toEqual([]);
  });

  it('waits while another cook is on', () => {
    answer(() => json({}));
    const { store, rerender } = renderWithStore(null);
    store.dispatch(
      cookStarted({
        id: uuid(9),
        startedAt: T0,
        plan: recordOf(PLAN, T0),
        event: { id: uuid(10), kind: 'started', at: T0 },
      }),
    );
    rerender(<PlanTrial kind="way" />);
    screen.getByText(/A cook is under way/);
    expect(
      screen
        .getByText(/^Start 2 for/)
        .closest('[role="button"]')
        ?.getAttribute('aria-disabled'),
    ).toBe('true');
  });

  it('lists those there are', async () => {
    answer(() => json({ trials: [trial] }));
    renderWithStore(<TrialsScreen />);
    await screen.findByText('Open or covered');
    screen.getByText(/rested open, or wrapped/);
  });
});

describe('a trial', () => {
  it('shows its cooks side by side, measured and simulated, and restores a deleted comparison', async () => {
    answer(({ path, body }) =>
      path.includes('/trials/')
        ? json(body ?? trial)
        : json(path.endsWith(uuid(1)) ? cook(1, 54.2) : cook(2, 58.4)),
    );
    renderWithStore(<TrialScreen id={trial.id} />);
    const tables = await screen.findAllByRole('table');
    expect(tables.map((table) => table.getAttribute('aria-label'))).toEqual([
      'rested open: measured, and simulated',
      'wrapped: measured, and simulated',
    ]);
    expect(tables[1]?.textContent).toContain('58.4°');
    screen.getByText(/something did differ, though one pair cannot say that it was this/);
    screen.getByText(/How soft a crust is, is felt/);
    fireEvent.click(screen.getByText('Delete the trial'));
    fireEvent.click(await screen.findByText('Put it back'));
    await waitFor(() => expect(asked.at(-1)).toMatchObject({ method: 'PUT', body: trial }));
  });

  it('has nothing to compare while its cooks are not in the logbook', async () => {
    answer(({ path }) =>
      path.includes('/trials/') ? json(trial) : json({ title: 'No such cook' }, 404),
    );
    renderWithStore(<TrialScreen id={trial.id} />);
    await screen.findByText(/Fewer than two of its cooks are in the logbook/);
  });
});

describe('a cook from memory', () => {
  it('makes a plan of the sentence and the stated time, then opens the page of the cook', async () => {
    mockPlanned.mockResolvedValue([{ ok: true, plan: PLAN, record: recordOf(PLAN, T0) }]);
    answer(() => json({ acknowledged: [], book: uuid(900) }));
    renderWithStore(<WriteDownScreen />);
    fireEvent.click(screen.getByText('It took another time than planned'));
    fireEvent.change(screen.getByLabelText('Over heat in all in min'), { target: { value: '9' } });
    fireEvent.change(screen.getByLabelText('When it met the heat'), {
      target: { value: '2026-01-02T19:30' },
    });
    fireEvent.click(screen.getByText('Write it in the logbook'));
    await waitFor(() => expect(mockPush).toHaveBeenCalledWith(expect.stringMatching(/^\/book\//)));
    const { entries } = logBatchSchema.parse(asked.find(({ path }) => path.endsWith('/log'))?.body);
    expect(entries[0]?.event).toMatchObject({ kind: 'opened', id: entries[0]?.stream });
    const times = new Map(entries.map(({ event: { kind, at } }) => [kind, at] as const));
    expect((times.get('pulled') ?? 0) - (times.get('in') ?? 0)).toBe(540_000);
  });

  it('rejects a cook of tomorrow', () => {
    answer(() => json({}));
    renderWithStore(<WriteDownScreen />);
    fireEvent.change(screen.getByLabelText('When it met the heat'), {
      target: { value: '2999-01-02T19:30' },
    });
    screen.getByText('That is not in the past.');
    expect(
      screen
        .getByText('Write it in the logbook')
        .closest('[role="button"]')
        ?.getAttribute('aria-disabled'),
    ).toBe('true');
  });
});

describe('a log of a thermometer', () => {
  const log = {
    readings: [
      { seconds: 0, celsius: 5.1 },
      { seconds: 120, celsius: 22 },
      { seconds: 240, celsius: 900 },
    ],
    columns: { time: 'Zeit', temperature: 'Kern', unit: 'C' as const },
    firstAt: undefined,
    refused: [{ row: 4, why: '“ERR” is no temperature.' }],
  };

  it('says what was taken for what, whose it is, and adds it from when it met the heat', async () => {
    answer(({ path }) =>
      path.endsWith('/log')
        ? json({ acknowledged: [], book: uuid(900) })
        : json(path.endsWith(uuid(1)) ? cook(1, 54) : { found: 1, cooks: [lineOf(1)] }),
    );
    renderWithStore(<LogImport log={log} onOver={jest.fn()} />);
    screen.getByText(/Times were taken from “Zeit”, temperatures from “Kern”, in °C/);
    screen.getByText('Row 4: “ERR” is no temperature.');
    fireEvent.click(await screen.findByText('Cook 1'));
    fireEvent.click(await screen.findByText(/^Add 2 readings/));
    await screen.findByText('2 readings are on the cook’s page.');
    const { entries } = logBatchSchema.parse(asked.find(({ path }) => path.endsWith('/log'))?.body);
    expect(entries.map(({ event }) => event)).toMatchObject([
      { kind: 'reading', at: T0, celsius: 5.1, by: 'probe' },
      { kind: 'reading', at: T0 + 120_000, celsius: 22, by: 'probe' },
    ]);
  });
});
