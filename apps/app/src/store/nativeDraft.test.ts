import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { CUT_IDS } from '@crustan/core/food/cuts';
import { UNITS } from '@crustan/core/units';
import { cutChosen, pieceTakenBack, requestChanged } from './draftSlice';
import { figuresIn, keepNative } from './nativeDraft';
import { makeStore } from './store';
import { unitsChosen } from './unitsSlice';

const { temperature, thickness } = UNITS.imperial;

describe('figures that nobody chose', () => {
  it('are round in both unit systems, and return unchanged', () => {
    localStorage.clear();
    const store = makeStore();
    keepNative(store);
    const before = store.getState().draft.request;
    store.dispatch(unitsChosen('imperial'));
    const { pan, thickness: high, hotOven } = store.getState().draft.request;
    expect(temperature.fromSi(pan)).toBeCloseTo(420, 6);
    expect(temperature.fromSi(hotOven)).toBeCloseTo(360, 6);
    expect(thickness.fromSi(high)).toBeCloseTo(1, 9);
    store.dispatch(unitsChosen('metric'));
    expect(store.getState().draft.request).toEqual(before);
  });

  it('keep a chosen figure to the last digit in any units', () => {
    localStorage.clear();
    const store = makeStore();
    keepNative(store);
    store.dispatch(requestChanged({ pan: 217, thickness: 0.027 }));
    store.dispatch(unitsChosen('imperial'));
    store.dispatch(unitsChosen('metric'));
    expect(store.getState().draft.request).toMatchObject({ pan: 217, thickness: 0.027 });
  });

  it('come in the units of the kitchen for another piece, and can be taken back', () => {
    localStorage.clear();
    const store = makeStore();
    keepNative(store);
    store.dispatch(unitsChosen('imperial'));
    const before = store.getState().draft.request;
    store.dispatch(cutChosen('duck-breast'));
    const { thickness: high } = store.getState().draft.request;
    expect((thickness.fromSi(high) * 8) % 1).toBeCloseTo(0, 6);
    store.dispatch(pieceTakenBack());
    expect(store.getState().draft.request).toEqual(before);
  });

  it('convert to the other units and back for every cut', () => {
    const store = makeStore();
    fc.assert(
      fc.property(fc.constantFrom(...CUT_IDS), (cut) => {
        store.dispatch(cutChosen(cut));
        const { request } = store.getState().draft;
        const there = { ...request, ...figuresIn(request, 'metric', 'imperial') };
        expect({ ...there, ...figuresIn(there, 'imperial', 'metric') }).toEqual(request);
      }),
    );
  });
});
