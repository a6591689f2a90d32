import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { CUTS } from '@crustan/core/food/cuts';
import { planRequestSchema } from '@crustan/core/formats/planRequestSchema';
import { cutOf, USUAL, type OwnCut, type PlanRequest } from '@crustan/core/plan/request';
import { waysFor } from '@crustan/core/plan/way';
import type { Side } from '@crustan/core/schedule';
import { recall } from './device';
import { firstPlateTime, type PlateTime } from './plateTime';

/** The plan being written: the sentence, and the time on the plate as the cook says it. */
export interface Draft {
  readonly request: PlanRequest;
  readonly plate: PlateTime;
  /** What else goes on the plate. */
  readonly sides: readonly Side[];
  /** A line of the cook's own times. */
  readonly times: string;
  /** The request as it was before another piece took its place, until something else is changed. */
  readonly before?: PlanRequest | undefined;
}

const firstDraft = (): Draft => {
  const { thickness, weight, target } = CUTS['strip-steak'];
  return {
    request: { ...USUAL, cut: 'strip-steak', thickness, weight, target },
    plate: firstPlateTime(Date.now()),
    sides: [],
    times: '',
  };
};

/** A plan that is taken up; without a plate time it keeps the draft's own. */
export interface TakenDraft {
  readonly request: PlanRequest;
  readonly plate: PlateTime | undefined;
  /** The cook's own times, where these made it. */
  readonly times?: string | undefined;
}

/** What is decided for a piece and goes with it: another piece begins with its own usual. */
const OF_THE_PIECE = [
  'surface',
  'saltAhead',
  'thaw',
  'temper',
  'panAfter',
  'edges',
  'cover',
  'hold',
  'airing',
  'game',
  'treated',
  'carveAfter',
] as const satisfies readonly (keyof PlanRequest)[];
export type OfThePiece = (typeof OF_THE_PIECE)[number] | 'pan';

/** A request with another piece as it usually comes, and a way that applies to it. */
const asItComes = (request: PlanRequest): PlanRequest => {
  const cut = cutOf(request);
  const ways = waysFor(cut);
  const way = ways.includes(request.way) && !cut.skin ? request.way : (ways[0] ?? 'once');
  const { thickness, weight, target, pan = USUAL.pan } = cut;
  const { surface, saltAhead, temper, edges, cover } = USUAL;
  const usual = {
    surface,
    saltAhead,
    temper,
    edges,
    cover,
    panAfter: undefined,
    thaw: undefined,
    hold: undefined,
    airing: undefined,
    game: undefined,
    treated: undefined,
    carveAfter: undefined,
  };
  return { ...request, ...usual, thickness, weight, target, pan, way };
};

/** A usual pan differs by no more than this where it is said in other units, K. */
const SAID_ROUND = 3;

/** What the cook had decided for the piece before, and went with it. */
export const wentWithThePiece = ({ before, request }: Draft): readonly OfThePiece[] => {
  if (before === undefined) return [];
  const chosen = Math.abs(before.pan - (cutOf(before).pan ?? USUAL.pan)) > SAID_ROUND;
  return [
    ...OF_THE_PIECE.filter((key) => before[key] !== request[key]),
    ...(chosen ? (['pan'] as const) : []),
  ];
};

const recalled = (): PlanRequest | undefined =>
  recall('request', (value) => planRequestSchema.safeParse(value).data);

export const draftSlice = createSlice({
  name: 'draft',
  initialState: (): Draft => {
    const first = firstDraft();
    return { ...first, request: recalled() ?? first.request };
  },
  reducers: {
    requestChanged: (state, action: PayloadAction<Partial<PlanRequest>>) => {
      Object.assign(state.request, action.payload);
      state.before = undefined;
    },
    /** Usual figures said in other units: nothing was changed by the cook. */
    requestRounded: (state, action: PayloadAction<Partial<PlanRequest>>) => {
      Object.assign(state.request, action.payload);
    },
    cutChosen: (state, action: PayloadAction<PlanRequest['cut']>) => {
      const { own: _own, ...request } = state.request;
      if (state.request.own === undefined && request.cut === action.payload) return;
      state.before = state.request;
      state.request = asItComes({ ...request, cut: action.payload });
    },
    ownChosen: (state, action: PayloadAction<OwnCut>) => {
      state.before = state.request;
      state.request = asItComes({ ...state.request, own: action.payload });
    },
    /** The piece before, with all that was decided for it. */
    pieceTakenBack: (state) => {
      if (state.before) state.request = state.before;
      state.before = undefined;
    },
    plateChanged: (state, action: PayloadAction<PlateTime>) => {
      state.plate = action.payload;
    },
    plateHourChanged: (state, action: PayloadAction<string>) => {
      state.plate.hour = action.payload;
    },
    plateDayChanged: (state, action: PayloadAction<string>) => {
      state.plate.day = action.payload;
    },
    timesChanged: (state, action: PayloadAction<string>) => {
      state.times = action.payload;
    },
    sidesChanged: (state, action: PayloadAction<Side[]>) => {
      state.sides = action.payload;
    },
    draftTaken: (state, action: PayloadAction<TakenDraft>) => {
      // What another kitchen, or this one then, had learned is not tonight's.
      const { learned: _then, ...request } = action.payload.request;
      state.request = request;
      state.before = undefined;
      if (action.payload.plate) state.plate = action.payload.plate;
      if (action.payload.times !== undefined) state.times = action.payload.times;
    },
  },
});
export const {
  requestChanged,
  requestRounded,
  cutChosen,
  ownChosen,
  pieceTakenBack,
  plateChanged,
  plateHourChanged,
  plateDayChanged,
  timesChanged,
  sidesChanged,
  draftTaken,
} = draftSlice.actions;
