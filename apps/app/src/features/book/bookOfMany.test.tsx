import type { ReactNode } from 'react';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { CookRecord } from '@crustan/core/formats';
import { lineOf, planOf, recordOf, REQUEST, uuid } from '../../testing';
import { answerWith, json, type Asked } from '../../fakeServer';
import { renderWithStore } from '../../renderWithStore';
import { draftTaken } from '../../store/draftSlice';
import { showIn } from '../../words/show';
import type { Learning } from '../../workers/useLessons';
import { AgainOrAway } from './AgainOrAway';
import { BookScreen } from './BookScreen';
import { cookCurves } from './cookCurves';
import { Tasting } from './Tasting';
import { TrendsScreen } from './TrendsScreen';
import { findingsOf } from './findingsOf';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({
  Link: ({ children }: { readonly children: ReactNode }) => children,
  useRouter: () => ({ push: mockPush, replace: mockPush }),
  usePathname: () => '/book',
}));
let mockLearning: Learning = { kind: 'learning', progress: { done: 1, total: 4 } };
jest.mock('../../workers/useLessons', () => ({ useLessons: () => mockLearning }));

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const show = showIn('metric');
const PLAN = planOf();

let asked: readonly Asked[] = [];
const answer = (respond: Parameters<typeof answerWith>[0]): void => {
  asked = answerWith(respond);
};

const record = (more: Partial<CookRecord> = {}): CookRecord => ({
  id: uuid(70),
  createdAt: T0,
  plan: recordOf(PLAN, T0),
  events: [
    { id: uuid(71), kind: 'in', at: T0 },
    { id: uuid(72), kind: 'pulled', at: T0 + 420_000 },
  ],
  ...more,
});

describe('the search of the logbook', () => {
  it('asks the server for words and filters together, and says how many answer', async () => {
    answer(({ path }) =>
      json(
        path.includes('words=')
          ? { found: 1, cooks: [lineOf(2)] }
          : { found: 2, cooks: [lineOf(1), lineOf(2)] },
      ),
    );
    renderWithStore(<BookScreen />);
    await screen.findByText('2 cooks');
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'smoky rim ' } });
    await screen.findByText('1 cook found');
    fireEvent.click(screen.getByText('Filters'));
    fireEvent.click(within(screen.getByRole('radiogroup', { name: 'Way' })).getByText(/often/));
    await waitFor(() =>
      expect(asked.at(-1)?.path).toMatch(/words=smoky(\+| )rim.*way=often|way=often.*words=/),
    );
    await screen.findByText('Filters: 1');
    fireEvent.click(within(screen.getByRole('radiogroup', { name: 'When' })).getByText('A year'));
    await waitFor(() => expect(asked.at(-1)?.path).toMatch(/from=\d+/));
  });

  it('does not show the count of the search before while the next one is on its way', async () => {
    let release = (): void => undefined;
    const waits = new Promise<void>((resolve) => (release = resolve));
    answer(async ({ path }) => {
      if (!path.includes('words=')) return json({ found: 2, cooks: [lineOf(1), lineOf(2)] });
      await waits;
      return json({ found: 1, cooks: [lineOf(2)] });
    });
    renderWithStore(<BookScreen />);
    await screen.findByText('2 cooks');
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'smoky' } });
    await screen.findByText('Looking…');
    expect(screen.queryByText(/2 cooks/)).toBeNull();
    release();
    await screen.findByText('1 cook found');
  });

  it('reads phrases into conditions, says what they were taken for, and takes them as plain words on request', async () => {
    answer(() => json({ found: 1, cooks: [lineOf(1)] }));
    renderWithStore(<BookScreen />);
    await screen.findByText('Cook 1');
    const say = (value: string): void =>
      void fireEvent.change(screen.getByRole('searchbox'), { target: { value } });
    say('ribeye over 4 cm, too done, for Jo');
    await screen.findByText('ribeye · at least 40 mm · too done · “for Jo”');
    await waitFor(() => expect(asked.at(-1)?.path).toContain('ended=too-done'));
    const { searchParams } = new URL(asked.at(-1)?.path ?? '', 'http://book');
    expect(Object.fromEntries(searchParams)).toEqual({
      ...{ cut: 'ribeye', named: 'ribeye', thicknessFrom: '0.04', ended: 'too-done' },
      words: 'for Jo',
    });
    say('ribeye since october');
    await screen.findByText('ribeye · since 1 Oct');
    say('ribeye, not burnt');
    expect((await screen.findByRole('alert')).textContent).toMatch(/“not burnt” was not used/);
    fireEvent.click(screen.getByText('Plain words'));
    await waitFor(() => expect(asked.at(-1)?.path).toMatch(/words=ribeye(,|%2C)(\+|%20)not/));
    fireEvent.click(screen.getByText('Read them'));
    await waitFor(() => expect(asked.at(-1)?.path).toContain('cut=ribeye'));
  });

  it('says what to do when nothing answers', async () => {
    answer(({ path }) =>
      json(path.includes('words=') ? { found: 0, cooks: [] } : { found: 1, cooks: [lineOf(1)] }),
    );
    renderWithStore(<BookScreen />);
    await screen.findByText('Cook 1');
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'unicorn' } });
    await screen.findByText(/No matches/);
  });
});

describe('the same again', () => {
  it('5 mm thicker weighs as much more, and what was learned then is left out', () => {
    answer(() => json({}));
    const taught = { ...PLAN.request, learned: { thickness: 0.001, contact: 0.9 } };
    const cook = record();
    const { store } = renderWithStore(
      <AgainOrAway
        cook={{ ...cook, plan: { ...cook.plan, plan: { ...cook.plan.plan, request: taught } } }}
      />,
    );
    fireEvent.click(screen.getByText('5 mm thicker'));
    const { request } = store.getState().draft;
    expect(request.thickness).toBeCloseTo(REQUEST.thickness + 0.005, 9);
    expect(request.weight).toBeCloseTo(
      (REQUEST.weight * (REQUEST.thickness + 0.005)) / REQUEST.thickness,
      9,
    );
    expect(request.learned).toBeUndefined();
    expect(mockPush).toHaveBeenCalledWith('/');
  });

  it('deleted, is offered back from the list, and goes back', async () => {
    answer(({ method }) =>
      method === 'DELETE' ? new Response(null, { status: 204 }) : json({ found: 0, cooks: [] }),
    );
    const { store, rerender } = renderWithStore(<AgainOrAway cook={record()} />);
    fireEvent.click(screen.getByText('Delete'));
    await waitFor(() => expect(store.getState().deleted.last?.title).toBe('Strip'));
    answer(({ path }) => json(path.endsWith('put-back') ? record() : { found: 0, cooks: [] }));
    rerender(<BookScreen />);
    fireEvent.click(await screen.findByText('Put it back'));
    await waitFor(() => expect(store.getState().deleted.last).toBeUndefined());
    expect(asked.some(({ path }) => path.endsWith(`/${uuid(70)}/put-back`))).toBe(true);
  });
});

describe('measured beside planned', () => {
  const state = (count: number) => ({
    inAt: T0,
    readings: Array.from({ length: count }, (_, i) => ({
      at: T0 + (count - i) * 30_000,
      celsius: 20 + (count - i),
      by: 'probe' as const,
      planned: undefined,
    })),
  });
  const kept = recordOf(PLAN).plan;

  it('draws few readings as points, many as a line of their own in order of time', () => {
    const few = cookCurves({ plan: kept, state: state(3), replayed: undefined, show });
    expect(few.points).toHaveLength(3);
    expect(few.curves.map(({ label }) => label)).toEqual(['planned']);
    expect(few.says).toContain('Readings: 21.0 °C, 22.0 °C, 23.0 °C.');
    const many = cookCurves({ plan: kept, state: state(30), replayed: PLAN, show });
    expect(many.points).toEqual([]);
    expect(many.curves.map(({ label }) => label)).toEqual([
      'planned',
      'your times, simulated',
      'measured',
    ]);
    const { time } = many.curves[2] ?? { time: [] };
    expect(time).toEqual([...time].toSorted((a, b) => a - b));
    expect(many.says).toContain('Measured 30 times');
  });
});

describe('trends', () => {
  it('say how far plans were off, first and last, and what was liked, lost and paid', async () => {
    answer(() =>
      json({
        cooks: Array.from({ length: 20 }, (_, n) =>
          lineOf(n + 1, {
            pullAt: 600,
            actualPull: n < 10 ? 612 : 720,
            endTemperature: 55,
            again: 'again',
            loss: 0.15,
            paid: 10,
            actualSeconds: 600,
          }),
        ),
      }),
    );
    renderWithStore(<TrendsScreen />);
    await screen.findByText(/Typically 2 min off over the first 8, 0.2 min over the last/);
    screen.getByText(/In the pan, turned once, 25 mm, 220 °C pan, to 54 °C/);
    screen.getByText('20 of 20 cooks');
    screen.getByText(/900 g lost in the 20 that were weighed. 200.00 paid for 6.00 kg in 20/);
  });
});

describe('a trial', () => {
  const arm = (label: string, end: number | undefined, spread = 1.2) => ({
    label,
    cook: record({
      plan: {
        ...recordOf(PLAN, T0),
        spread: { seconds: 20, endTemperature: spread, inputs: [] },
      },
      ...(end === undefined ? {} : { judgement: { endTemperature: end, notes: '' } }),
    }),
  });

  it('draws no conclusion from a difference within the scatter, and one from a larger difference', () => {
    const [within] = findingsOf([arm('once', 54), arm('often', 55.5)], show);
    expect(within).toContain('1.5 °C more often than once');
    expect(within).toContain('it allows no conclusion');
    const [beyond] = findingsOf([arm('once', 54), arm('often', 60)], show);
    expect(beyond).toContain('something did differ, though one pair cannot say that it was this');
    const [unknown] = findingsOf([arm('once', undefined), arm('often', 60)], show);
    expect(unknown).toContain('not measured on both');
    expect(findingsOf([arm('once', 54)], show)).toEqual([]);
  });

  it('counts votes by number, and compares them with guessing', async () => {
    const trial = {
      id: uuid(80),
      createdAt: T0,
      title: 'Salt',
      kind: 'salt',
      arms: [{ label: 'ahead' }, { label: 'at the pan' }],
    } as const;
    answer(({ body }) => json(body));
    const { rerender } = renderWithStore(<Tasting trial={trial} />);
    fireEvent.click(screen.getByText('Draw the order'));
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]?.body).toMatchObject({ tasting: { liked: [], opened: false } });
    const drawn = { order: [1, 0], liked: [0, 0, 0, 0, 0, 0, 0], opened: false };
    rerender(<Tasting trial={{ ...trial, tasting: drawn }} />);
    expect(screen.queryByText('At the pan')).toBeNull();
    screen.getByText(/7 of 7 chose the same; by guessing, as many agree once in 64 times/);
    fireEvent.click(screen.getAllByText('One more likes it best')[1] ?? document.body);
    await waitFor(() =>
      expect(asked.at(-1)?.body).toMatchObject({ tasting: { liked: [0, 0, 0, 0, 0, 0, 0, 1] } }),
    );
    rerender(<Tasting trial={{ ...trial, tasting: { ...drawn, liked: [0, 1], opened: true } }} />);
    screen.getByText('At the pan');
    screen.getByText(/The tasters are split/);
  });
});

it('imports a plan of another kitchen without the calibration of that kitchen', () => {
  const { store } = renderWithStore(null);
  act(() => {
    store.dispatch(
      draftTaken({
        request: { ...REQUEST, learned: { thickness: 0.002, contact: 0.7 } },
        plate: { hour: '19:30' },
      }),
    );
  });
  expect(store.getState().draft.request.learned).toBeUndefined();
});
