import { act, fireEvent, screen } from '@testing-library/react';
import { renderWithStore } from '../renderWithStore';
import { roleTold, unpairedTold } from '../store/reachSlice';
import { cookStarted } from '../store/logSlice';
import { planOf, recordOf, uuid } from '../testing';
import { KitchenShell } from './KitchenShell';
import { loadNewer } from './loadNewer';
import { ReachNotice } from './ReachNotice';

const mockReplace = jest.fn();
let mockPath = '/';
jest.mock('expo-router', () => ({
  Link: ({ children, href }: { children: string; href: string }) => <a href={href}>{children}</a>,
  usePathname: () => mockPath,
  useRouter: () => ({ replace: mockReplace }),
}));

const told = (role: 'owner' | 'cook' | 'watcher', server = 'a') =>
  roleTold({ role, here: 'a', server });

describe('what is said of how a page reaches its kitchen', () => {
  it('is nothing while all is well, and that a phone is not paired when it is not', () => {
    const { store, container } = renderWithStore(<ReachNotice />);
    act(() => void store.dispatch(told('cook')));
    expect(container.textContent).toBe('');
    act(() => void store.dispatch(unpairedTold()));
    expect(screen.getByRole('alert').textContent).toContain('Its entries are saved on it.');
    expect(screen.getByText('Pair it')).toBeTruthy();
  });

  it('a newer page is offered, but never while a cook is on', () => {
    const { store, container } = renderWithStore(<ReachNotice />);
    act(() => void store.dispatch(told('cook', 'b')));
    expect(screen.getByText('A newer Crustan is here.')).toBeTruthy();
    const plan = recordOf(planOf());
    const event = { id: uuid(9), kind: 'started', at: plan.createdAt } as const;
    const start = cookStarted({ id: uuid(2), startedAt: plan.createdAt, plan, event });
    act(() => void store.dispatch(start));
    expect(container.textContent).toBe('');
  });

  it('a phone that watches has two places, and is taken to the first from any other', () => {
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

describe('a newer page', () => {
  const serviceWorker = (waiting: { postMessage: (message: unknown) => void } | null) => {
    const container = new EventTarget();
    Object.assign(container, {
      getRegistration: () =>
        Promise.resolve({ waiting, installing: null, update: () => Promise.resolve() }),
    });
    Object.defineProperty(navigator, 'serviceWorker', { value: container, configurable: true });
  };

  it('that waits on the device is told to take over', async () => {
    const heard: unknown[] = [];
    serviceWorker({ postMessage: (message) => heard.push(message) });
    jest.useFakeTimers();
    await loadNewer();
    expect(heard).toEqual([{ type: 'SKIP_WAITING' }]);
    jest.clearAllTimers();
    jest.useRealTimers();
  });

  it('is asked for by one press', async () => {
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
