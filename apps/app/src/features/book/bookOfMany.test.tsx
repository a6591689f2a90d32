import type { ReactNode } from 'react';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { CookRecord } from '@crustan/core/formats';
import type { LearnedKitchen } from '@crustan/core/learn';
import { DEFAULT_KITCHEN } from '@crustan/core/formats/kitchen';
import { lineOf, planOf, recordOf, REQUEST, uuid } from '../../testing';
import { renderWithStore } from '../../renderWithStore';
import { gearUsed, learnedOfPiece, panInUse, requestHere } from '../../store/kitchenSlice';
import { draftTaken } from '../../store/draftSlice';
import { showIn } from '../../words/show';
import { usedWords } from '../../words/usedWords';
import type { Learning } from '../../workers/useLessons';
import { AgainOrAway } from './AgainOrAway';
import { BookScreen } from './BookScreen';
import { cookCurves } from './cookCurves';
import { LearnedScreen } from './LearnedScreen';
import { Tasting } from './Tasting';
import { TrendsScreen } from './TrendsScreen';
import { findingsOf } from './trialFindings';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({
  Link: ({ children }: { readonly children: ReactNode }) => children,
  useRouter: () => ({ push: mockPush, replace: mockPush }),
  usePathname: () => '/book',
}));
let mockLearning: Learning = { kind: 'learning', runs: 3 };
jest.mock('../../workers/useLessons', () => ({ useLessons: () => mockLearning }));

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const show = showIn('metric');
const PLAN = planOf();

const json = (body: unknown): Response =>
  new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } });
interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}
let asked: Asked[] = [];
const answer = (respond: (request: Asked) => Response): void => {
  asked = [];
  Object.assign(globalThis, {
    fetch: async (request: Request) => {
      const { pathname, search } = new URL(request.url);
      const text = await request.text();
      const one = {
        method: request.method,
        path: decodeURIComponent(pathname + search),
        body: text === '' ? undefined : JSON.parse(text),
      };
      asked.push(one);
      return respond(one);
    },
  });
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

describe('the search of the book', () => {
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
    await screen.findByText('1 cook answer');
    fireEvent.click(screen.getByText('Filters'));
    fireEvent.click(within(screen.getByRole('radiogroup', { name: 'Way' })).getByText(/often/));
    await waitFor(() =>
      expect(asked.at(-1)?.path).toMatch(/words=smoky(\+| )rim.*way=often|way=often.*words=/),
    );
    await screen.findByText('Filters: 1');
    fireEvent.click(within(screen.getByRole('radiogroup', { name: 'When' })).getByText('A year'));
    await waitFor(() => expect(asked.at(-1)?.path).toMatch(/from=\d+/));
  });

  it('says what to do when nothing answers', async () => {
    answer(({ path }) =>
      json(path.includes('words=') ? { found: 0, cooks: [] } : { found: 1, cooks: [lineOf(1)] }),
    );
    renderWithStore(<BookScreen />);
    await screen.findByText('Cook 1');
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'unicorn' } });
    await screen.findByText(/No cook answers that/);
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

describe('what the cooks taught', () => {
  const kitchen: LearnedKitchen = {
    cooks: 2,
    traits: [
      {
        key: 'oven',
        trait: 'oven',
        value: -12.4,
        deviation: 1.6,
        unknown: 0.11,
        cooks: [{ id: uuid(70), share: 0.6 }],
      },
      {
        key: 'contact:Cast iron, 26 cm',
        trait: 'contact',
        pan: 'Cast iron, 26 cm',
        value: 0.92,
        deviation: 0.1,
        unknown: 0.6,
        cooks: [{ id: uuid(70), share: 1 }],
      },
      { key: 'burner', trait: 'burner', value: 1, deviation: 0.18, unknown: 1, cooks: [] },
    ],
    past: [{ id: uuid(70), before: 3.1, after: -0.4 }],
  };
  const open = async () => {
    mockLearning = { kind: 'learned', lessons: { kitchen, lag: undefined } };
    answer(() => json({ cooks: [record()] }));
    const rendered = renderWithStore(<LearnedScreen />);
    await screen.findByText(/foreseen 3.1 °C off with the usual kitchen, and 0.4 °C off/);
    return rendered;
  };
  const group = (name: RegExp) => within(screen.getByRole('group', { name }));

  it('shows each device’s figure, how sure it is and from which cooks', async () => {
    await open();
    const oven = group(/oven’s air/);
    oven.getByText('−12.4 °C');
    oven.getByText(/± 1.6 °C · well known/);
    oven.getByText(/Strip \(60 %\)/);
    oven.getByText('Plans use the usual: 0.0 °C.');
    group(/Contact.*26 cm/).getByText(/a first idea/);
    group(/burner/).getByText('No cook says anything of it yet.');
    expect(group(/burner/).queryByText(/^Use/)).toBeNull();
  });

  it('is used by plans once accepted, and they say so', async () => {
    const { store } = await open();
    fireEvent.click(group(/oven’s air/).getByText('Use −12.4 °C'));
    fireEvent.click(group(/Contact/).getByText('Use 92 %'));
    const now = store.getState().kitchen;
    expect(now.ovenOffset).toBe(-12.4);
    expect(now.learned['oven']).toMatchObject({ by: 'cooks', deviation: 1.6, cooks: 1 });
    const planned = requestHere(REQUEST, now);
    expect(planned.learned).toEqual({ thickness: 0, contact: 0.92 });
    expect(usedWords(gearUsed(now), { ...planned, way: 'oven-sear' }, show)).toBe(
      'Planned with what was learned or set: the oven 12.4 °C cooler than its dial; the pan’s contact at 92 % of the usual.',
    );
    group(/oven’s air/).getByText('Plans use −12.4 °C, learned.');
    expect(group(/oven’s air/).queryByText(/^Use/)).toBeNull();
  });

  it('is set by hand, and forgotten: the usual again, and older cooks say nothing of it', async () => {
    const { store } = await open();
    const burner = group(/burner/);
    fireEvent.click(burner.getByText('Set by hand'));
    fireEvent.change(burner.getByLabelText(/burner.* in %/i), { target: { value: '85' } });
    expect(store.getState().kitchen.learned['burner']).toMatchObject({ by: 'hand', value: 0.85 });
    expect(panInUse(store.getState().kitchen).power).toBeCloseTo(
      0.85 * DEFAULT_KITCHEN.burner.power,
      6,
    );
    burner.getByText('Plans use 85 %, set by hand.');
    fireEvent.click(burner.getByText('Forget it'));
    const now = store.getState().kitchen;
    expect(now.learned['burner']).toBeUndefined();
    expect(now.forgotten['burner']).toBeGreaterThan(T0);
    expect(panInUse(now).power).toBe(DEFAULT_KITCHEN.burner.power);
  });

  it('another pan has nothing of this one’s contact', () => {
    const two = {
      ...DEFAULT_KITCHEN,
      pans: [...DEFAULT_KITCHEN.pans, { name: 'Other', diameter: 0.3, mass: 3 }],
      learned: {
        'contact:Cast iron, 26 cm': { value: 0.9, by: 'cooks' as const, at: T0 },
      },
    };
    expect(learnedOfPiece(two)).toEqual({ thickness: 0, contact: 0.9 });
    expect(learnedOfPiece({ ...two, pan: 1 })).toBeUndefined();
  });

  it('says how far the running is, and what to do when nothing was measured', async () => {
    mockLearning = { kind: 'learning', runs: 4 };
    answer(() => json({ cooks: [record()] }));
    const { unmount } = renderWithStore(<LearnedScreen />);
    await screen.findByText(/Running 1 cooks? through the model again: 4 runs/);
    unmount();
    mockLearning = {
      kind: 'learned',
      lessons: { kitchen: { cooks: 0, traits: [], past: [] }, lag: undefined },
    };
    renderWithStore(<LearnedScreen />);
    await screen.findByText(/Nothing to learn from yet/);
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
    await screen.findByText(/In the middle 2 min off over the first 8, 0.2 min over the last/);
    screen.getByText(/In the pan, turned once, 25 mm, 220 °C pan, to 54 °C/);
    screen.getByText('20 of 20 cooks');
    screen.getByText(/900 g lost in the 20 that were weighed. 200.00 paid for 6000 g in 20/);
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

  it('says what a difference within like pieces shows: nothing; and what one beyond does', () => {
    const [within] = findingsOf([arm('once', 54), arm('often', 55.5)], show);
    expect(within).toContain('1.5 °C more often than once');
    expect(within).toContain('it shows nothing either way');
    const [beyond] = findingsOf([arm('once', 54), arm('often', 60)], show);
    expect(beyond).toContain('something did differ, though one pair cannot say that it was this');
    const [unknown] = findingsOf([arm('once', undefined), arm('often', 60)], show);
    expect(unknown).toContain('not measured on both');
    expect(findingsOf([arm('once', 54)], show)).toEqual([]);
  });

  it('is tasted by number, counted, and worth what guessing is not', async () => {
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
    screen.getByText(/7 of 7 chose the same; by guessing alone so many agree once in 64 times/);
    fireEvent.click(screen.getAllByText('One more likes it best')[1] ?? document.body);
    await waitFor(() =>
      expect(asked.at(-1)?.body).toMatchObject({ tasting: { liked: [0, 0, 0, 0, 0, 0, 0, 1] } }),
    );
    rerender(<Tasting trial={{ ...trial, tasting: { ...drawn, liked: [0, 1], opened: true } }} />);
    screen.getByText('At the pan');
    screen.getByText(/The tasters are split/);
  });
});

it('a plan of another kitchen is taken without what that one had learned', () => {
  const { store } = renderWithStore(null);
  act(() => {
    store.dispatch(
      draftTaken({
        request: { ...REQUEST, learned: { thickness: 0.002, contact: 0.7 } },
        plate: '19:30',
      }),
    );
  });
  expect(store.getState().draft.request.learned).toBeUndefined();
});
