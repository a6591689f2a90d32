import type { ReactNode } from 'react';
import { fireEvent, screen, within } from '@testing-library/react';
import type { CookRecord } from '@crustan/core/formats';
import type { LearnedKitchen } from '@crustan/core/learn';
import { burnerOf, DEFAULT_KITCHEN, ovenOf } from '@crustan/core/formats/kitchen';
import { answerWith, json } from '../../fakeServer';
import { planOf, recordOf, REQUEST, uuid } from '../../testing';
import { renderWithStore } from '../../renderWithStore';
import { gearUsed, learnedOfPiece, panInUse, requestHere } from '../../store/kitchenSlice';
import { usedWords } from '../../words/usedWords';
import { showIn } from '../../words/show';
import type { Learning } from '../../workers/useLessons';
import { LearnedScreen } from './LearnedScreen';

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

describe('what the cooks taught', () => {
  const kitchen: LearnedKitchen = {
    cooks: 2,
    oven: { air: 110, over: -8, sigma: 1.2 },
    traits: [
      {
        key: 'oven',
        trait: 'oven',
        value: -12.4,
        deviation: 1.6,
        unknown: 0.11,
        use: 'yes',
        cooks: [{ id: uuid(70), share: 0.6 }],
      },
      {
        key: 'contact:Cast iron, 26 cm',
        trait: 'contact',
        pan: 'Cast iron, 26 cm',
        value: 0.92,
        deviation: 0.1,
        unknown: 0.6,
        use: 'yes',
        cooks: [{ id: uuid(70), share: 1 }],
      },
      {
        key: 'burner',
        trait: 'burner',
        value: 1,
        deviation: 0.18,
        unknown: 1,
        use: 'yes',
        cooks: [],
      },
      {
        key: 'ovenHeat',
        trait: 'ovenHeat',
        value: 2.4,
        deviation: 0.2,
        unknown: 0.9,
        use: 'beyond',
        cooks: [{ id: uuid(70), share: 1 }],
      },
      {
        key: 'thickness',
        trait: 'thickness',
        value: 0.002,
        deviation: 0.001,
        unknown: 0.7,
        use: 'unproved',
        cooks: [{ id: uuid(70), share: 1 }],
      },
    ],
    past: [{ id: uuid(70), before: 3.1, after: -0.4 }],
    evidence: [
      { kind: 'end', cooks: 2, share: 0.7 },
      { kind: 'grey', cooks: 1, share: 0.3 },
    ],
  };
  const open = async () => {
    mockLearning = { kind: 'learned', lessons: { kitchen, lag: undefined, crust: undefined } };
    answerWith(({ path }) =>
      json(path.endsWith('/practice') ? { results: [] } : { cooks: [record()] }),
    );
    const rendered = renderWithStore(<LearnedScreen />);
    await screen.findByText(/foreseen 3.1 °C off with the nominal kitchen, and 0.4 °C off/);
    return rendered;
  };
  const group = (name: RegExp) => within(screen.getByRole('group', { name }));

  it('shows each device’s figure, how sure it is and from which cooks', async () => {
    await open();
    const oven = group(/Oven offset/);
    oven.getByText('−12.4 °C');
    oven.getByText(/± 1.6 °C · well known/);
    oven.getByText(/Strip \(60 %\)/);
    oven.getByText(/set to 110°, it heats like 102° ± 1.2 °C/);
    oven.getByText('Plans use the nominal value: 0.0 °C.');
    group(/Contact.*26 cm/).getByText(/a first idea/);
    group(/Burner/).getByText('No cook has evidence on this figure yet.');
    screen.getByText('Measured end: 70 % of the information, from 2 cooks');
    screen.getByText('Grey band on photographs: 30 % of the information, from 1 cook');
    expect(group(/Burner/).queryByText(/^Use/)).toBeNull();
  });

  it('does not offer an unproved figure or one beyond the range of kitchens', async () => {
    await open();
    const heat = group(/Heat from the oven/);
    heat.getByText(/Something else is wrong/);
    expect(heat.queryByRole('button', { name: /^Use / })).toBeNull();
    const thickness = group(/over the thickness/);
    thickness.getByText(/past cooks are not predicted better/);
    expect(thickness.queryByRole('button', { name: /^Use / })).toBeNull();
    thickness.getByRole('button', { name: 'Set by hand' });
  });

  it('applies an accepted figure to plans, and shows it in them', async () => {
    const { store } = await open();
    fireEvent.click(group(/Oven offset/).getByText('Use −12.4 °C'));
    fireEvent.click(group(/Contact/).getByText('Use 92 %'));
    const now = store.getState().kitchen;
    expect(ovenOf(now).offset).toBe(-12.4);
    expect(now.learned['oven']).toMatchObject({ by: 'cooks', deviation: 1.6, cooks: 1 });
    const planned = requestHere(REQUEST, now);
    expect(planned.learned).toMatchObject({ thickness: 0, contact: 0.92, known: { oven: 1.6 } });
    // The standard deviation of a factor is stored with it, as a share.
    const { contact } = planned.learned?.known ?? {};
    const taken = Object.entries(now.learned).find(([key]) => key.startsWith('contact'))?.[1];
    expect(contact).toBeCloseTo((taken?.deviation ?? NaN) / 0.92, 9);
    expect(planned.learned?.known?.burner).toBeUndefined();
    expect(usedWords(gearUsed(now), { ...planned, way: 'oven-sear' }, show)).toBe(
      'Planned with what was learned or set: the oven 12.4 °C cooler than its dial; the pan’s contact at 92 % of nominal.',
    );
    group(/Oven offset/).getByText('Plans use −12.4 °C, learned.');
    expect(group(/Oven offset/).queryByText(/^Use/)).toBeNull();
  });

  it('sets a figure by hand and resets it to the nominal value; older cooks do not count', async () => {
    const { store } = await open();
    const burner = group(/Burner/);
    fireEvent.click(burner.getByText('Set by hand'));
    fireEvent.change(burner.getByLabelText(/burner.* in %/i), { target: { value: '85' } });
    expect(store.getState().kitchen.learned['burner']).toMatchObject({ by: 'hand', value: 0.85 });
    expect(panInUse(store.getState().kitchen).power).toBeCloseTo(
      0.85 * burnerOf(DEFAULT_KITCHEN).power,
      6,
    );
    burner.getByText('Plans use 85 %, set by hand.');
    fireEvent.click(burner.getByText('Reset'));
    const now = store.getState().kitchen;
    expect(now.learned['burner']).toBeUndefined();
    expect(now.forgotten['burner']).toBeGreaterThan(T0);
    expect(panInUse(now).power).toBe(burnerOf(DEFAULT_KITCHEN).power);
  });

  it('another pan has nothing of this one’s contact', () => {
    const two = {
      ...DEFAULT_KITCHEN,
      pans: [...DEFAULT_KITCHEN.pans, { id: 'other', name: 'Other', diameter: 0.3, mass: 3 }],
      learned: {
        'contact:Cast iron, 26 cm': { value: 0.9, by: 'cooks' as const, at: T0 },
      },
    };
    expect(learnedOfPiece(two)).toEqual({ thickness: 0, contact: 0.9 });
    expect(learnedOfPiece({ ...two, inUse: { ...two.inUse, pan: 'other' } })).toBeUndefined();
  });

  it('says how far the running is, and what to do when nothing was measured', async () => {
    mockLearning = { kind: 'learning', progress: { done: 2, total: 4 } };
    answerWith(({ path }) =>
      json(path.endsWith('/practice') ? { results: [] } : { cooks: [record()] }),
    );
    const { unmount } = renderWithStore(<LearnedScreen />);
    await screen.findByText(/One cook runs through the model again: run 2 of 4 · 50 %/);
    unmount();
    // Earlier results stay on the page while a new cook is added.
    mockLearning = {
      kind: 'learned',
      lessons: { kitchen, lag: undefined, crust: undefined },
      renewing: { done: 1, total: 4 },
    };
    const counting = renderWithStore(<LearnedScreen />);
    await screen.findByText(/run 1 of 4 · 25 %/);
    group(/Oven offset/).getByText('−12.4 °C');
    counting.unmount();
    mockLearning = {
      kind: 'learned',
      lessons: {
        kitchen: { cooks: 0, traits: [], past: [], evidence: [] },
        lag: undefined,
        crust: undefined,
      },
    };
    renderWithStore(<LearnedScreen />);
    await screen.findByText(/No data yet/);
  });
});
