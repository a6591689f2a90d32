import { configureStore } from '@reduxjs/toolkit';
import { CUTS } from '@crustan/core/food';
import { keep, recall } from './device';
import {
  cutChosen,
  draftSlice,
  draftTaken,
  nextMoment,
  plateChanged,
  requestChanged,
} from './draftSlice';

const make = () =>
  configureStore({
    reducer: { draft: draftSlice.reducer },
    enhancers: (standard) => standard({ autoBatch: { type: 'tick' } }),
  });

beforeEach(() => localStorage.clear());

describe('the draft', () => {
  it('begins with a plan that can be cooked, its plate at a quarter', () => {
    const { request, plate } = make().getState().draft;
    expect(request.cut).toBe('strip-steak');
    expect(plate).toMatch(/^\d\d:(00|15|30|45)$/);
  });

  it('a new cut brings its usual size and end, and leaves the pan as it was', () => {
    const store = make();
    store.dispatch(requestChanged({ pan: 215 }));
    store.dispatch(cutChosen('salmon-fillet'));
    const { request } = store.getState().draft;
    const { thickness, weight, target } = CUTS['salmon-fillet'];
    expect(request).toMatchObject({ cut: 'salmon-fillet', thickness, weight, target, pan: 215 });
  });

  it('takes no hour that is none', () => {
    const store = make();
    store.dispatch(plateChanged('19:05'));
    for (const wrong of ['', '24:00', '19:60', 'soon']) store.dispatch(plateChanged(wrong));
    expect(store.getState().draft.plate).toBe('19:05');
    const { request } = store.getState().draft;
    store.dispatch(draftTaken({ request, plate: 'never' }));
    expect(store.getState().draft.plate).toBe('19:05');
  });

  it('comes back after a reload, unless what was kept is out of range', () => {
    const { request } = make().getState().draft;
    keep('request', { ...request, thickness: 0.031 });
    expect(make().getState().draft.request.thickness).toBe(0.031);
    keep('request', { ...request, thickness: 9 });
    expect(make().getState().draft.request.thickness).toBe(0.025);
  });
});

it('the plate is today, or tomorrow when the hour is past', () => {
  const noon = new Date(2026, 5, 1, 12, 0, 30).getTime();
  expect(nextMoment('19:30', noon)).toBe(new Date(2026, 5, 1, 19, 30).getTime());
  expect(nextMoment('11:00', noon)).toBe(new Date(2026, 5, 2, 11, 0).getTime());
});

describe('the device', () => {
  it('forgets what no longer parses instead of failing', () => {
    localStorage.setItem('crustan.units', '{half');
    expect(recall('units', (value) => value)).toBeUndefined();
  });

  it('says when it cannot keep', () => {
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('quota');
    });
    expect(keep('cook', {})).toBe(false);
    full.mockRestore();
    expect(keep('cook', {})).toBe(true);
  });
});
