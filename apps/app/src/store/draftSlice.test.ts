import { configureStore } from '@reduxjs/toolkit';
import { CUTS, CUT_IDS } from '@crustan/core/food';
import { waysFor } from '@crustan/core/plan/way';
import { saveLocal, loadLocal } from './device';
import {
  cutChosen,
  draftSlice,
  donenessSplit,
  draftTaken,
  lowOvenChosen,
  MOST_OTHERS,
  otherTakenOff,
  otherTakenUp,
  pieceAdded,
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
  it('begins with a feasible plan for the next quarter of an hour', () => {
    const { request, plate } = make().getState().draft;
    expect(request.cut).toBe('strip-steak');
    expect(plate).toEqual({ hour: expect.stringMatching(/^\d\d:(00|15|30|45)$/) });
  });

  it('begins a new piece with its own defaults; no choice for the old one stays', () => {
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
      // The turning habit of this cook does not depend on the piece.
      every: 20,
    });
    expect(wentWithThePiece(draft)).toEqual(['surface', 'saltAhead', 'edges', 'cover', 'pan']);
    store.dispatch(pieceTakenBack());
    expect(store.getState().draft.request).toEqual(before);
    expect(wentWithThePiece(store.getState().draft)).toEqual([]);
  });

  it('splits, adds, continues and removes pieces for one plate, up to a limit', () => {
    const store = make();
    const draft = () => store.getState().draft;
    store.dispatch(requestChanged({ pieces: 5, target: 54 }));
    store.dispatch(donenessSplit());
    store.dispatch(requestChanged({ target: 63 }));
    expect(draft().others).toMatchObject([{ pieces: 3, target: 54 }]);
    expect(draft().request).toMatchObject({ pieces: 2, target: 63 });
    store.dispatch(pieceAdded());
    store.dispatch(cutChosen('duck-breast'));
    expect(draft().others.map(({ cut, pieces }) => [cut, pieces])).toEqual([
      ['strip-steak', 3],
      ['strip-steak', 2],
    ]);
    // The sentence says another; the one that it said takes its place.
    store.dispatch(otherTakenUp(0));
    expect(draft().request).toMatchObject({ cut: 'strip-steak', pieces: 3, target: 54 });
    expect(draft().others[0]).toMatchObject({ cut: 'duck-breast', pieces: 1 });
    store.dispatch(otherTakenUp(7));
    store.dispatch(lowOvenChosen());
    expect(draft().request.way).toBe('oven-sear');
    expect(waysFor(CUTS['duck-breast'])).toContain(draft().others[0]?.way);
    store.dispatch(otherTakenOff(0));
    expect(draft().others).toHaveLength(1);
    for (let i = 0; i < 9; i += 1) store.dispatch(i % 2 === 0 ? pieceAdded() : donenessSplit());
    expect(draft().others).toHaveLength(MOST_OTHERS);
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

  it('shows what changed with the piece until another change', () => {
    const store = make();
    store.dispatch(requestChanged({ saltAhead: 43_200 }));
    store.dispatch(cutChosen('ribeye'));
    expect(wentWithThePiece(store.getState().draft)).toEqual(['saltAhead']);
    store.dispatch(requestChanged({ weight: 0.4 }));
    expect(wentWithThePiece(store.getState().draft)).toEqual([]);
  });

  it('continues a plan with its plate time, or with the present one if it has none', () => {
    const store = make();
    store.dispatch(plateChanged({ hour: '19:05', day: '2026-11-28' }));
    const { request } = store.getState().draft;
    store.dispatch(draftTaken({ request, plate: undefined }));
    expect(store.getState().draft.plate).toEqual({ hour: '19:05', day: '2026-11-28' });
    store.dispatch(draftTaken({ request, plate: { hour: '20:00' } }));
    expect(store.getState().draft.plate).toEqual({ hour: '20:00' });
  });

  it('comes back after a reload unless the stored one is out of range', () => {
    const { request } = make().getState().draft;
    saveLocal('request', { ...request, thickness: 0.031 });
    expect(make().getState().draft.request.thickness).toBe(0.031);
    saveLocal('request', { ...request, thickness: 9 });
    expect(make().getState().draft.request.thickness).toBe(0.025);
  });
});

describe('the device', () => {
  it('forgets what no longer parses instead of failing', () => {
    localStorage.setItem('crustan.units', '{half');
    expect(loadLocal('units', (value) => value)).toBeUndefined();
  });

  it('says when it cannot keep', () => {
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('quota');
    });
    expect(saveLocal('cook', {})).toBe(false);
    full.mockRestore();
    expect(saveLocal('cook', {})).toBe(true);
  });
});
