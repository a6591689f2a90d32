import { configureStore } from '@reduxjs/toolkit';
import { CUTS, CUT_IDS } from '@crustan/core/food';
import { waysFor } from '@crustan/core/plan/way';
import { keep, recall } from './device';
import {
  cutChosen,
  draftSlice,
  draftTaken,
  pieceTakenBack,
  plateChanged,
  requestChanged,
  wentWithThePiece,
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
    expect(plate).toEqual({ hour: expect.stringMatching(/^\d\d:(00|15|30|45)$/) });
  });

  it('a new piece begins with its own usual: nothing that was decided for the old one stays', () => {
    const store = make();
    const salted = { saltAhead: 172_800, surface: 'aired', pan: 250, cover: 'wrapped' } as const;
    store.dispatch(requestChanged({ ...salted, target: 58, edges: 'both', every: 20 }));
    const before = store.getState().draft.request;
    store.dispatch(cutChosen('salmon-fillet'));
    const { thickness, weight, target } = CUTS['salmon-fillet'];
    const { draft } = store.getState();
    expect(draft.request).toMatchObject({
      cut: 'salmon-fillet',
      thickness,
      weight,
      target,
      saltAhead: 0,
      surface: 'dry',
      pan: CUTS['salmon-fillet'].pan ?? 215,
      cover: 'open',
      edges: 'none',
      // How this cook turns has nothing to do with the piece.
      every: 20,
    });
    expect(wentWithThePiece(draft)).toEqual(['surface', 'saltAhead', 'edges', 'cover', 'pan']);
    store.dispatch(pieceTakenBack());
    expect(store.getState().draft.request).toEqual(before);
    expect(wentWithThePiece(store.getState().draft)).toEqual([]);
  });

  it.each(CUT_IDS)('%s begins as it usually is, whatever was planned before', (cut) => {
    const store = make();
    store.dispatch(requestChanged({ saltAhead: 43_200, surface: 'aired', temper: 3600 }));
    if (cut === 'strip-steak') store.dispatch(cutChosen('scallop'));
    store.dispatch(cutChosen(cut));
    const { request } = store.getState().draft;
    expect(request).toMatchObject({ surface: 'dry', saltAhead: 0, temper: 0 });
    expect(request.target).toBe(CUTS[cut].target);
    expect(waysFor(CUTS[cut])).toContain(request.way);
  });

  it('what went with the piece is said until something else is changed', () => {
    const store = make();
    store.dispatch(requestChanged({ saltAhead: 43_200 }));
    store.dispatch(cutChosen('ribeye'));
    expect(wentWithThePiece(store.getState().draft)).toEqual(['saltAhead']);
    store.dispatch(requestChanged({ weight: 0.4 }));
    expect(wentWithThePiece(store.getState().draft)).toEqual([]);
  });

  it('takes up a plan with its plate time, and keeps its own where that has none', () => {
    const store = make();
    store.dispatch(plateChanged({ hour: '19:05', day: '2026-11-28' }));
    const { request } = store.getState().draft;
    store.dispatch(draftTaken({ request, plate: undefined }));
    expect(store.getState().draft.plate).toEqual({ hour: '19:05', day: '2026-11-28' });
    store.dispatch(draftTaken({ request, plate: { hour: '20:00' } }));
    expect(store.getState().draft.plate).toEqual({ hour: '20:00' });
  });

  it('comes back after a reload, unless what was kept is out of range', () => {
    const { request } = make().getState().draft;
    keep('request', { ...request, thickness: 0.031 });
    expect(make().getState().draft.request.thickness).toBe(0.031);
    keep('request', { ...request, thickness: 9 });
    expect(make().getState().draft.request.thickness).toBe(0.025);
  });
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
