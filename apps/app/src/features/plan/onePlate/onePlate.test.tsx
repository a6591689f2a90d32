import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import type { PlateBatch, PlateFound } from '@crustan/core/pass';
import { heatStartFor, runOf } from '@crustan/core/schedule/run';
import { renderWithStore } from '../../../renderWithStore';
import { requestChanged } from '../../../store/draftSlice';
import { gearInUse } from '../../../store/kitchenSlice';
import { selectCooks } from '../../../store/logSelectors';
import { planOf, REQUEST } from '../../../testing';
import { OnePlate } from './OnePlate';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));
jest.mock('react-native/Libraries/Utilities/useWindowDimensions', () => ({
  __esModule: true,
  default: () => ({ width: 1280, height: 800 }),
}));
let mockFound: PlateFound | undefined;
const mockAsked: { groups: readonly { pieces: number }[]; gear: { pans: readonly unknown[] } }[] =
  [];
jest.mock('../../../workers/passWorker', () => ({
  passWorker: () => ({
    plate: (question: (typeof mockAsked)[number]) => {
      mockAsked.push(question);
      return Promise.resolve(mockFound);
    },
    dropPlate: () => Promise.resolve(),
  }),
}));

const plan = planOf({ ...REQUEST, way: 'once' });
const batch = (start: number, more: Partial<PlateBatch> = {}): PlateBatch => ({
  group: 0,
  count: 2,
  plan,
  pan: 0,
  start,
  readyAt: start + plan.cookSeconds + plan.restSeconds,
  waits: 0,
  overRested: 0,
  ...more,
});
type Plate = Extract<PlateFound, { kind: 'plate' }>;
const found = (more: Partial<Plate['plate']> = {}, changes: Plate['changes'] = []): Plate => ({
  kind: 'plate',
  plate: { batches: [batch(600), batch(1500)], landsAt: 3600, late: 0, apart: 0, ...more },
  changes,
});

const shown = () => {
  localStorage.clear();
  mockAsked.length = 0;
  mockPush.mockClear();
  return renderWithStore(<OnePlate />);
};
/** The width of the page is the browser's. */
const wide = (): void => {
  Object.defineProperty(window, 'innerWidth', { value: 1280, configurable: true });
  Object.defineProperty(document.documentElement, 'clientWidth', {
    value: 1280,
    configurable: true,
  });
  window.dispatchEvent(new Event('resize'));
};

describe('several pieces for one plate', () => {
  it('asks for all of them, shows when each meets the heat, and starts a cook for each batch', async () => {
    mockFound = found();
    const { store } = shown();
    act(wide);
    expect(mockAsked).toEqual([]);
    act(() => void store.dispatch(requestChanged({ pieces: 4 })));
    await waitFor(() => expect(screen.getByText('All for one plate')).toBeTruthy());
    expect(mockAsked.at(-1)?.groups).toMatchObject([{ pieces: 4 }]);
    const list = screen.getByRole('list', { name: 'Onto the heat' });
    expect(list.children).toHaveLength(3);
    fireEvent.click(screen.getByRole('button', { name: 'Start all at the stove' }));
    const cooks = selectCooks(store.getState());
    expect(cooks).toHaveLength(2);
    expect(new Set(cooks.map(({ together }) => together?.id)).size).toBe(1);
    // Each meets the heat when the plate was timed for; the second finds its pan hot.
    const gear = gearInUse(store.getState().kitchen);
    const ins = cooks.map(({ plan: kept, together }) =>
      heatStartFor(runOf(kept.plan, gear), kept.plateAt - (together?.waits ?? 0) * 1000),
    );
    expect(Math.round(((ins[1] ?? 0) - (ins[0] ?? 0)) / 1000)).toBe(900);
    expect(cooks.map((cook) => cook.plan.panAfter)).toEqual([undefined, cooks[0]?.id]);
    expect(mockPush).toHaveBeenCalledWith('/stove');
  });

  it('says what is wrong with the plate, and what is better takes a tap', async () => {
    mockFound = found(
      { late: 900, apart: 300, batches: [batch(0, { overRested: 200 }), batch(900)] },
      [
        {
          kind: 'pan',
          plate: { batches: [batch(0, { waits: 125 })], landsAt: 2000, late: 0, apart: 0 },
        },
      ],
    );
    const { store } = shown();
    act(() => void store.dispatch(requestChanged({ pieces: 4 })));
    await waitFor(() => expect(screen.getByText(/Later than the plate/)).toBeTruthy());
    expect(screen.getByText(/Not together/)).toBeTruthy();
    expect(screen.getByText(/A long rest/)).toBeTruthy();
    expect(screen.getByText(/the longest wait is 2:05/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Use a second pan' }));
    await waitFor(() => expect(mockAsked.at(-1)?.gear.pans).toHaveLength(2));
    fireEvent.click(screen.getByRole('button', { name: /^Plate at/ }));
    expect(store.getState().draft.plate.day).toBeDefined();
  });

  it('shows the plate while changes are looked for', async () => {
    mockFound = { ...found({ late: 900 }), changes: undefined };
    const { store } = shown();
    act(() => void store.dispatch(requestChanged({ pieces: 4 })));
    await waitFor(() => expect(screen.getByText('Looking for a better way…')).toBeTruthy());
    expect(screen.getByRole('list', { name: 'Onto the heat' })).toBeTruthy();
  });

  it('says which piece has no plan, and that there is no pan', async () => {
    mockFound = { kind: 'obstacle', group: 0, obstacle: { reason: 'burner', settles: 180 } };
    const { store } = shown();
    act(() => void store.dispatch(requestChanged({ pieces: 4 })));
    await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/180/));
    mockFound = { kind: 'none', reason: 'pan' };
    act(() => void store.dispatch(requestChanged({ pieces: 3 })));
    await waitFor(() => expect(screen.getByText(/No pan stands on a burner/)).toBeTruthy());
  });

  it('lists the other pieces by what they are, changed and taken off by name', () => {
    mockFound = undefined;
    const { store } = shown();
    fireEvent.click(screen.getByText('One more, cooked differently'));
    act(() => void store.dispatch(requestChanged({ target: 63 })));
    const other = screen.getByRole('listitem').textContent ?? '';
    expect(other).toMatch(/^Strip steak, 25 mm, medium-rare/);
    fireEvent.click(screen.getByRole('button', { name: /^Change Strip steak/ }));
    expect(store.getState().draft.request.target).toBe(54);
    expect(store.getState().draft.others[0]?.target).toBe(63);
    fireEvent.click(screen.getByRole('button', { name: /^Take off Strip steak/ }));
    expect(store.getState().draft.others).toEqual([]);
  });
});
