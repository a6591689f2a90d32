import { act, fireEvent, screen } from '@testing-library/react';
import { strips } from '../places';
import { renderWithStore } from '../renderWithStore';
import { attentionChanged } from '../store/attentionSlice';
import { roleFound, unpairedFound } from '../store/reachSlice';
import { cookStarted } from '../store/logSlice';
import type { AppStore } from '../store/store';
import { planOf, recordOf, uuid } from '../testing';
import { beep } from '../ui/calls';
import { KitchenShell } from './KitchenShell';
import { loadNewer } from './loadNewer';
import { ReachNotice } from './ReachNotice';

const mockReplace = jest.fn();
const mockPush = jest.fn();
let mockPath = '/';
jest.mock('expo-router', () => ({
  Link: ({ children, href }: { children: string; href: string }) => <a href={href}>{children}</a>,
  usePathname: () => mockPath,
  useRouter: () => ({ replace: mockReplace, push: mockPush }),
}));
jest.mock('../ui/calls', () => ({ beep: jest.fn(), buzz: jest.fn() }));
jest.mock('../workers/useForecasts', () => ({
  useForecasts: () => ({}),
  movedPull: () => undefined,
}));

const told = (role: 'owner' | 'cook' | 'watcher', server = 'a') =>
  roleFound({ role, here: 'a', server });

describe('notices about the connection', () => {
  it('shows nothing while all is well, and that a phone is not paired', () => {
    const { store, container } = renderWithStore(<ReachNotice />);
    act(() => void store.dispatch(told('cook')));
    expect(container.textContent).toBe('');
    act(() => void store.dispatch(unpairedFound()));
    expect(screen.getByRole('alert').textContent).toContain('Its entries are saved on it.');
    expect(screen.getByText('Pair it')).toBeTruthy();
  });

  it('offers a newer page, but never during a cook', () => {
    const { store, container } = renderWithStore(<ReachNotice />);
    act(() => void store.dispatch(told('cook', 'b')));
    expect(screen.getByText('A newer Crustan is here.')).toBeTruthy();
    const plan = recordOf(planOf());
    const event = { id: uuid(9), kind: 'started', at: plan.createdAt } as const;
    const start = cookStarted({ id: uuid(2), startedAt: plan.createdAt, plan, event });
    act(() => void store.dispatch(start));
    expect(container.textContent).toBe('');
  });

  it('limits a view-only phone to two places, and opens the first', () => {
    mockPath = '/book';
    const { store } = renderWithStore(<KitchenShell>here</KitchenShell>);
    const links = (): readonly string[] =>
      screen.getAllByRole('link').map((link) => link.textContent ?? '');
    expect(links()).toEqual(['Plan', 'Stove', 'Service', 'Logbook', 'Kitchen']);
    expect(mockReplace).not.toHaveBeenCalled();
    act(() => void store.dispatch(told('watcher')));
    expect(links()).toEqual(['Stove', 'Service']);
    expect(mockReplace).toHaveBeenCalledWith('/stove');
    expect(screen.getByText(/^This phone watches/)).toBeTruthy();
  });
});

describe('the next task of another place', () => {
  const start = (store: AppStore): void => {
    const plan = recordOf(planOf());
    const [flip = 0] = plan.plan.legs[0]?.flips ?? [];
    // Its turn is due in a minute.
    const event = { id: uuid(9), kind: 'in', at: Date.now() - (flip - 60) * 1000 } as const;
    act(() => {
      store.dispatch(cookStarted({ id: uuid(2), startedAt: event.at, plan, event }));
    });
  };

  it('shows and calls it on every other place; a tap opens its place', async () => {
    mockPath = '/kitchen';
    const { store } = renderWithStore(<KitchenShell>here</KitchenShell>);
    act(() => void store.dispatch(attentionChanged({ headStart: 120 })));
    expect(screen.queryByTestId('call-strip')).toBeNull();
    start(store);
    const strip = await screen.findByTestId('call-strip');
    expect(strip.textContent).toMatch(/^StoveTurn it\d+(:\d\d| s)$/);
    expect(jest.mocked(beep).mock.calls).toEqual([['soon']]);
    fireEvent.click(strip);
    expect(mockPush).toHaveBeenCalledWith('/stove');
  });

  it('does not show it on its own place', async () => {
    mockPath = '/stove';
    const { store } = renderWithStore(<KitchenShell>here</KitchenShell>);
    start(store);
    await strips.stove.load();
    expect(screen.queryByTestId('call-strip')).toBeNull();
  });
});

describe('a newer page', () => {
  const serviceWorker = (waiting: { postMessage: (message: unknown) => void } | null) => {
    const container = new EventTarget();
    Object.assign(container, {
      getRegistration: () =>
        Promise.resolve({ waiting, installing: null, update: () => Promise.resolve() }),
    });
    Object.defineProperty(navigator, 'serviceWorker', { value: container, configurable: true });
  };

  it('activates the waiting page', async () => {
    const heard: unknown[] = [];
    serviceWorker({ postMessage: (message) => heard.push(message) });
    jest.useFakeTimers();
    await loadNewer();
    expect(heard).toEqual([{ type: 'SKIP_WAITING' }]);
    jest.clearAllTimers();
    jest.useRealTimers();
  });

  it('loads after one tap', async () => {
    const heard: unknown[] = [];
    serviceWorker({ postMessage: (message) => heard.push(message) });
    const { store } = renderWithStore(<ReachNotice />);
    act(() => void store.dispatch(told('cook', 'b')));
    jest.useFakeTimers();
    fireEvent.click(screen.getByText('Load it'));
    await jest.advanceTimersByTimeAsync(10);
    expect(heard).toHaveLength(1);
    jest.clearAllTimers();
    jest.useRealTimers();
  });
});
