import { called } from './callsSlice';
import { makeStore } from './store';

describe('calls of a page', () => {
  it('are remembered by step, and forgotten after two hours', () => {
    const { dispatch, getState } = makeStore();
    const at = 1e12;
    dispatch(called({ calls: { turn: { soon: at } }, at }));
    dispatch(
      called({ calls: { turn: { soon: at, now: at + 15 }, pull: { soon: at + 20 } }, at: at + 20 }),
    );
    expect(getState().calls).toEqual({ turn: { soon: at, now: at + 15 }, pull: { soon: at + 20 } });
    const later = at + 2 * 3_600_000 + 18;
    dispatch(called({ calls: { out: { now: later } }, at: later }));
    expect(getState().calls).toEqual({ pull: { soon: at + 20 }, out: { now: later } });
  });
});
