import { act } from '@testing-library/react';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import { DEFAULT_PAN } from '@crustan/core/gear/pan';
import type { CookEvent } from '@crustan/core/cook/event';
import { renderWithStore } from '../../renderWithStore';
import { attentionChanged } from '../../store/attentionSlice';
import { notify, say } from '../../ui/attention';
import { beep, buzz } from '../../ui/calls';
import { planOf, recordOf, uuid } from '../../testing';
import { liveCook, type LiveCook } from './liveCook';
import { useCalls } from './useCalls';

jest.mock('../../ui/calls', () => ({ beep: jest.fn(), buzz: jest.fn() }));
jest.mock('../../ui/attention', () => ({
  notify: jest.fn(),
  say: jest.fn(),
}));

const T0 = Date.UTC(2026, 0, 2, 19, 0);
const plan = planOf();
const GEAR = { pan: DEFAULT_PAN, oven: DEFAULT_OVEN };
const IN: CookEvent = { id: uuid(50), kind: 'in', at: T0 };
const cook = {
  id: uuid(2),
  startedAt: T0,
  plan: recordOf(plan, T0 + 3_600_000),
  events: [IN],
  startKnown: true,
  refused: {},
  known: [],
};
const live = liveCook(cook, GEAR, T0, undefined);
const due = live.current.dueAt;

const Caller = ({ at, of = live }: { readonly at: number; readonly of?: LiveCook }) => {
  useCalls(of, 'Turn it', at);
  return null;
};

describe('calling the cook', () => {
  beforeEach(() => jest.clearAllMocks());

  it('calls once at the head start and once when it is due, however often it is looked at', () => {
    const { rerender } = renderWithStore(<Caller at={due - 60_000} />);
    expect(beep).not.toHaveBeenCalled();
    for (const left of [15_000, 14_000, 9000, 3000]) rerender(<Caller at={due - left} />);
    expect(jest.mocked(beep).mock.calls).toEqual([['soon']]);
    for (const late of [0, 1000, 2000]) rerender(<Caller at={due + late} />);
    expect(jest.mocked(beep).mock.calls).toEqual([['soon'], ['turn']]);
    expect(jest.mocked(buzz).mock.calls).toEqual([['soon'], ['turn']]);
    expect(say).not.toHaveBeenCalled();
  });

  it('says it aloud and as a note only when wanted, as early as wanted', () => {
    const { rerender, store } = renderWithStore(<Caller at={due - 90_000} />);
    act(
      () =>
        void store.dispatch(
          attentionChanged({ voice: true, notification: true, sound: false, headStart: 60 }),
        ),
    );
    rerender(<Caller at={due - 59_000} />);
    expect(say).toHaveBeenCalledWith('Soon: Turn it');
    rerender(<Caller at={due + 500} />);
    expect(jest.mocked(notify).mock.calls).toEqual([['Soon: Turn it'], ['Turn it']]);
    expect(beep).not.toHaveBeenCalled();
  });

  it('is silent about what was due long before the page was opened', () => {
    renderWithStore(<Caller at={due + 120_000} />);
    expect(beep).not.toHaveBeenCalled();
  });
});
