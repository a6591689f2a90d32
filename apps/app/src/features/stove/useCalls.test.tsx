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
import { useCalls } from '../../calls/useCalls';
import { stoveCalls } from './stoveCalls';

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
const live = liveCook(cook, GEAR, undefined);
const due = live.current.dueAt;

const Caller = ({ at, of = live }: { readonly at: number; readonly of?: LiveCook }) => {
  useCalls(
    stoveCalls([of], (_live, { kind }) => kind),
    at,
  );
  return null;
};
/** The same cook with a step due at another time, and nothing else to come. */
const withDue = (kind: 'turn' | 'pull', dueAt: number): LiveCook => {
  const step = { kind, dueAt, leg: 0 };
  return { ...live, current: step, state: { ...live.state, current: step, left: [step] } };
};
const beeps = () => jest.mocked(beep).mock.calls.map(([call]) => call);

describe('calling the cook', () => {
  beforeEach(() => jest.clearAllMocks());

  it('calls once at the head start and once when it is due, however often it is looked at', () => {
    const { rerender } = renderWithStore(<Caller at={due - 20_000} />);
    for (const left of [19_000, 16_000]) rerender(<Caller at={due - left} />);
    expect(beep).not.toHaveBeenCalled();
    for (const left of [15_000, 14_000, 9000, 3000, 1000]) rerender(<Caller at={due - left} />);
    expect(beeps()).toEqual(['soon']);
    for (const late of [0, 1000, 2000]) rerender(<Caller at={due + late} />);
    expect(beeps()).toEqual(['soon', 'turn']);
    expect(jest.mocked(buzz).mock.calls).toEqual([['soon'], ['turn']]);
    expect(say).not.toHaveBeenCalled();
  });

  it('does not repeat a call on another screen of the page', () => {
    const { rerender } = renderWithStore(<Caller key="stove" at={due - 14_000} />);
    rerender(<Caller key="stove" at={due} />);
    rerender(<Caller key="plan" at={due + 1000} />);
    rerender(<Caller key="stove" at={due + 2000} />);
    expect(beeps()).toEqual(['soon', 'turn']);
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
    expect(say).toHaveBeenCalledWith('Soon: turn');
    rerender(<Caller at={due + 500} />);
    expect(jest.mocked(notify).mock.calls).toEqual([['Soon: turn'], ['turn']]);
    expect(beep).not.toHaveBeenCalled();
  });

  it('calls again when a reading moves the pull from 19:00 to 19:10, not when it moves by seconds', () => {
    const at = T0;
    const moved = at + 600_000;
    const { rerender } = renderWithStore(<Caller of={withDue('pull', at)} at={at - 10_000} />);
    rerender(<Caller of={withDue('pull', at)} at={at} />);
    rerender(<Caller of={withDue('pull', at + 8000)} at={at + 9000} />);
    expect(beeps()).toEqual(['soon', 'out']);
    for (let t = at + 10_000; t <= moved + 2000; t += 1000) {
      rerender(<Caller of={withDue('pull', moved)} at={t} />);
    }
    expect(beeps()).toEqual(['soon', 'out', 'soon', 'out']);
  });

  it('calls every step of a hidden page that is woken once a minute', () => {
    const { rerender, store } = renderWithStore(
      <Caller of={withDue('turn', T0)} at={T0 - 600_000} />,
    );
    act(() => void store.dispatch(attentionChanged({ notification: true })));
    for (let offset = 0; offset < 60; offset += 7) {
      jest.clearAllMocks();
      const dueAt = T0 + 3_600_000 * (offset + 1);
      for (let t = dueAt - 300_000 + offset * 1000; t < dueAt + 120_000; t += 60_000) {
        rerender(<Caller of={withDue('turn', dueAt)} at={t} />);
      }
      expect(beeps()).toEqual(['soon', 'turn']);
    }
  });

  it('calls a step that a sleeping page missed as it wakes, and says how late it is', () => {
    const { rerender, store } = renderWithStore(<Caller at={due - 300_000} />);
    act(() => void store.dispatch(attentionChanged({ voice: true })));
    rerender(<Caller at={due + 125_000} />);
    expect(jest.mocked(say).mock.calls).toEqual([['Overdue by 2 min 5 s: turn']]);
    rerender(<Caller at={due + 126_000} />);
    expect(beeps()).toEqual(['turn']);
  });

  it('does not repeat a late call for a step that is then put to the present moment', () => {
    const { rerender } = renderWithStore(<Caller of={withDue('turn', T0)} at={T0 - 1_800_000} />);
    rerender(<Caller of={withDue('turn', T0)} at={T0 + 600_000} />);
    rerender(<Caller of={withDue('turn', T0 + 601_000)} at={T0 + 601_000} />);
    expect(beeps()).toEqual(['turn']);
  });

  it('calls the pull although the turn before it was never pressed', () => {
    const pull = live.state.left.find(({ kind }) => kind === 'pull');
    if (!pull) throw new Error('no pull');
    const { rerender } = renderWithStore(<Caller at={due} />);
    for (let t = due; t <= pull.dueAt; t += 1000) rerender(<Caller at={t} />);
    rerender(<Caller at={pull.dueAt} />);
    expect(beeps()).toEqual(['turn', 'soon', 'out']);
  });

  it('does not call a cook that was left hours ago', () => {
    renderWithStore(<Caller of={withDue('pull', T0)} at={T0 + 2 * 3_600_000} />);
    expect(beep).not.toHaveBeenCalled();
  });
});
