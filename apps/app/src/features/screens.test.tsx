import type { ReactNode } from 'react';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { renderWithStore } from '../renderWithStore';
import { cookStarted, entriesKept, entriesRefused } from '../store/logSlice';
import { selectCooks } from '../store/logSelectors';
import { lineOf, planOf, recordOf, uuid } from '../testing';
import { BookScreen } from './book/BookScreen';
import { StoveScreen } from './stove/StoveScreen';

jest.mock('expo-router', () => ({
  Link: ({ children }: { readonly children: ReactNode }) => children,
  useRouter: () => ({ push: jest.fn() }),
  usePathname: () => '/book',
}));
jest.mock('../workers/liveWorker', () => ({
  liveWorker: () => ({ forecast: () => Promise.resolve(undefined) }),
}));
jest.mock('expo-keep-awake', () => ({ useKeepAwake: jest.fn() }));

const T0 = Date.UTC(2026, 0, 2, 19, 0);

const answer = (respond: (path: string) => Response | Promise<Response>): void => {
  Object.assign(globalThis, {
    fetch: (request: Request) => {
      const { pathname, search } = new URL(request.url);
      return Promise.resolve(respond(pathname + search));
    },
  });
};
const json = (body: unknown): Response =>
  new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } });

describe('the logbook', () => {
  it('lists cooks as they come, planned beside actual', async () => {
    answer(() =>
      json({
        found: 2,
        cooks: [
          lineOf(1, { actualSeconds: 512, endTemperature: 55.4, crust: 'golden' }),
          lineOf(2, { finished: false }),
        ],
      }),
    );
    renderWithStore(<BookScreen />);
    await screen.findByText('Cook 1');
    const [first, second] = screen.getAllByRole('listitem').map((row) => row.textContent ?? '');
    expect(first).toContain('55°');
    expect(first).toContain('8:32');
    expect(first).toContain('plan 8:20');
    expect(second).toContain('under way');
  });

  it('goes on to older cooks when asked', async () => {
    answer((path) =>
      path.includes('before=')
        ? json({ found: 2, cooks: [lineOf(3)] })
        : json({ found: 2, cooks: [lineOf(1)], next: { before: T0 - 1000, id: uuid(1) } }),
    );
    renderWithStore(<BookScreen />);
    fireEvent.click(await screen.findByText('Older cooks'));
    await screen.findByText('Cook 3');
    expect(screen.queryByText('Older cooks')).toBeNull();
  });

  it('says what to do first when it is empty', async () => {
    answer(() => json({ found: 0, cooks: [] }));
    renderWithStore(<BookScreen />);
    await screen.findByText(/No cooks yet/);
  });

  it('says when the server is away, and tries again', async () => {
    let away = true;
    answer(() =>
      away ? Promise.reject(new TypeError('gone')) : json({ found: 1, cooks: [lineOf(1)] }),
    );
    renderWithStore(<BookScreen />);
    await screen.findByText(/cannot be reached/);
    away = false;
    fireEvent.click(screen.getByText('Try again'));
    await screen.findByText('Cook 1');
  });
});

describe('the stove', () => {
  const start = (plateAt: number) => {
    answer((path) =>
      json(path.startsWith('/api/v1/plans') ? { plans: [] } : { found: 0, cooks: [] }),
    );
    const rendered = renderWithStore(<StoveScreen />);
    const plan = recordOf(planOf(), plateAt);
    const event = { id: uuid(10), kind: 'started', at: Date.now() } as const;
    rendered.store.dispatch(cookStarted({ id: uuid(2), startedAt: event.at, plan, event }));
    return rendered;
  };

  it('walks the cook by its one big button', async () => {
    jest.useFakeTimers({ advanceTimers: true });
    const { store } = start(Date.now() + 30 * 60_000);
    const pressOn = async (label: string): Promise<void> => {
      await waitFor(() => expect(screen.getByTestId('happened').textContent).toBe(label));
      // A second press at once is a bounced thumb, and counts for nothing.
      act(() => jest.advanceTimersByTime(950));
      fireEvent.click(screen.getByTestId('happened'));
      const again = screen.queryByTestId('happened');
      if (again) fireEvent.click(again);
    };
    await pressOn('The pan is on');
    await pressOn('It is in the pan');
    await pressOn('I turned it');
    await pressOn('It is out of the pan');
    await pressOn('I sliced it');
    await screen.findByText('How was it?');
    const kinds = selectCooks(store.getState())[0]?.events.map(({ kind }) => kind);
    expect(kinds).toEqual(['started', 'pan-on', 'in', 'turned', 'pulled', 'sliced']);
    jest.useRealTimers();
  });

  it.each([3 * 3_600_000, 60_000])(
    'has the pan put on before the piece goes in, also when its time is past (plate in %i ms)',
    async (ahead) => {
      jest.useFakeTimers({ advanceTimers: true });
      start(Date.now() + ahead);
      await screen.findByRole('heading', { name: 'Put the pan on' });
      act(() => jest.advanceTimersByTime(950));
      fireEvent.click(screen.getByText('The pan is on'));
      await screen.findByRole('heading', { name: 'Into the pan at 215°' });
      expect(screen.queryByText('Put the pan on')).toBeNull();
      jest.useRealTimers();
    },
  );

  it('says what waits for the server, and what the server refused', async () => {
    const { store } = start(Date.now() + 30 * 60_000);
    await screen.findByText('1 press is kept on this device and will go to the logbook.');
    store.dispatch(entriesKept({ kept: [], notKept: [uuid(10)] }));
    await screen.findByText(/1 press not saved on this device: its storage is full or blocked/);
    store.dispatch(
      entriesRefused({ stream: uuid(2), refused: { [uuid(2)]: 'No: Not like this.' } }),
    );
    await screen.findByText(/The server does not take this cook\. No: Not like this\./);
    // The only copy: it is put away once it has been saved.
    expect(screen.queryByText('Put it away')).toBeNull();
    jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined);
    Object.assign(URL, { createObjectURL: () => 'blob:x', revokeObjectURL: () => undefined });
    fireEvent.click(screen.getByText('Save as a file'));
    fireEvent.click(await screen.findByText('Put it away'));
    await screen.findByText(/Nothing is cooking/);
  });
});
