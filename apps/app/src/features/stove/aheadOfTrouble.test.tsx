import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import type { CookEvent } from '@crustan/core/cook/event';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import { DEFAULT_PAN } from '@crustan/core/gear/pan';
import type { TroubleOption } from '@crustan/core/whatif/troubleOptions';
import { renderWithStore } from '../../renderWithStore';
import type { ActiveCook } from '../../store/activeCook';
import { offerAnswered } from '../../store/declinedSlice';
import { cookStarted } from '../../store/logSlice';
import { selectCooks } from '../../store/logSelectors';
import { planOf, recordOf, REQUEST, uuid } from '../../testing';
import { AheadOfTrouble } from './AheadOfTrouble';
import { liveCook, type LiveCook } from './liveCook';
import { forecastOf } from './testing';
import { WetHands } from './WetHands';

const mockUp: TroubleOption = {
  id: 'oven-up',
  celsius: 130,
  legs: [{ kind: 'oven', seconds: 900, air: 130, flips: [], decides: true }],
  seconds: 1200,
  restSeconds: 300,
  peak: 54.2,
  sliceCore: 54,
  browning: [1.5, 1.6],
};
let mockOptions: readonly TroubleOption[] = [];
const mockAsked = jest.fn();
jest.mock('../../workers/liveWorker', () => ({
  liveWorker: () => ({
    options: (...args: unknown[]) => {
      mockAsked(args[2]);
      return Promise.resolve(mockOptions);
    },
  }),
}));

const T0 = Date.now();
const thick = planOf({ ...REQUEST, thickness: 0.04, weight: 0.45, way: 'oven-sear' });
const IN: CookEvent = { id: uuid(50), kind: 'in', at: T0 };
const cook: ActiveCook = {
  id: uuid(2),
  startedAt: T0,
  plan: recordOf(thick, T0 + (thick.cookSeconds + thick.restSeconds + 200) * 1000),
  events: [IN],
  startKnown: true,
  refused: {},
  known: [],
};
/** A cook whose pull is forecast this many seconds later than planned. */
const liveOf = (late: number): LiveCook =>
  liveCook(
    cook,
    { pan: DEFAULT_PAN, oven: DEFAULT_OVEN },
    forecastOf(T0 + (thick.pullAt + late) * 1000, -20),
  );

describe('a way out that nobody asked for', () => {
  beforeEach(() => {
    mockAsked.mockClear();
    const slicedIn = thick.cookSeconds + thick.restSeconds;
    mockOptions = [
      { ...mockUp, seconds: slicedIn - 300 + 240 },
      { ...mockUp, id: 'as-is', seconds: slicedIn - 300 + 2400 },
    ];
  });
  const shown = (late: number) => {
    const rendered = renderWithStore(<AheadOfTrouble live={liveOf(late)} now={T0 + 60_000} />);
    act(
      () =>
        void rendered.store.dispatch(
          cookStarted({
            id: cook.id,
            startedAt: T0,
            plan: cook.plan,
            together: { id: uuid(9), waits: 0 },
            event: { id: uuid(51), kind: 'started', at: T0 },
          }),
        ),
    );
    return rendered;
  };

  it('says why, what to do and what going on would bring; taken, it changes the course', async () => {
    const { store } = shown(1800);
    const offer = await screen.findByTestId('offer');
    expect(offer.textContent).toMatch(
      /^Your oven is behaving like 90°\. Oven to 130°: the plate is \d+ min late at 54°; without it, \d+ min late at 54°\./,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Oven to 130°' }));
    const [now] = selectCooks(store.getState());
    expect(now?.events.at(-1)).toMatchObject({ kind: 'changed', why: 'late', restSeconds: 300 });
    expect(screen.queryByTestId('offer')).toBeNull();
  });

  it('is not offered or computed again after it was declined', async () => {
    const { store, rerender } = shown(1800);
    await screen.findByTestId('offer');
    fireEvent.click(screen.getByText('Keep the plan'));
    mockAsked.mockClear();
    rerender(<AheadOfTrouble live={liveOf(2400)} now={T0 + 600_000} />);
    expect(screen.queryByTestId('offer')).toBeNull();
    expect(mockAsked).not.toHaveBeenCalled();
    expect(store.getState().declined).toEqual([`${cook.id} late`]);
    // Another trouble of the same cook is another offer.
    rerender(<AheadOfTrouble live={liveOf(-1800)} now={T0 + 600_000} />);
    await waitFor(() => expect(mockAsked).toHaveBeenCalledWith('early'));
  });

  it('offers nothing while the plate is near enough, or if the plan is as good', async () => {
    shown(60);
    await act(() => Promise.resolve());
    expect(mockAsked).not.toHaveBeenCalled();
    mockOptions = mockOptions.map((option) => ({ ...option, id: 'as-is' as const }));
    shown(1800);
    await waitFor(() => expect(mockAsked).toHaveBeenCalledTimes(1));
    await act(() => Promise.resolve());
    expect(screen.queryByTestId('offer')).toBeNull();
  });

  it('remembers the latest fifty answers', () => {
    const { store } = renderWithStore(null);
    for (let n = 0; n < 60; n += 1) store.dispatch(offerAnswered(`cook ${n}`));
    store.dispatch(offerAnswered('cook 59'));
    expect(store.getState().declined).toHaveLength(50);
    expect(store.getState().declined.at(-1)).toBe('cook 59');
  });
});

describe('wet hands', () => {
  const pressing = (live: LiveCook) => {
    const presses = { happened: jest.fn(), takeBack: jest.fn(), other: jest.fn() };
    renderWithStore(
      <WetHands
        live={live}
        only
        onHappened={presses.happened}
        onTakeBack={presses.takeBack}
        onReading={presses.other}
        onTrouble={presses.other}
        onMore={presses.other}
      />,
    );
    return presses;
  };
  // The piece is in its oven: what comes next ends that stage.
  const live = liveOf(0);

  it('ignores a short tap on a costly action and asks to hold it; a key needs no hold', () => {
    expect(['out', 'pull']).toContain(live.current.kind);
    const { happened } = pressing(live);
    const button = screen.getByTestId('happened');
    expect(button.textContent).toContain('Hold it');
    fireEvent.click(button, { detail: 1 });
    expect(happened).not.toHaveBeenCalled();
    expect(button.textContent).toContain('Longer: keep the finger on it');
    fireEvent.click(button, { detail: 0 });
    expect(happened).toHaveBeenCalledTimes(1);
  });

  it('keep the caution before the pan is hot', () => {
    const before = liveCook(
      { ...cook, events: [] },
      { pan: DEFAULT_PAN, oven: DEFAULT_OVEN },
      undefined,
    );
    pressing(before);
    expect(screen.getByRole('note').textContent).toContain('lid on, never water');
  });

  it('has everything else under the big button', () => {
    const { takeBack, other } = pressing(live);
    fireEvent.click(screen.getByText('Take back'));
    expect(takeBack).toHaveBeenCalledTimes(1);
    for (const name of ['Reading', 'Trouble', 'More']) fireEvent.click(screen.getByText(name));
    expect(other).toHaveBeenCalledTimes(3);
  });
});
