import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { CUTS } from '@crustan/core/food/cuts';
import { planRequestSchema } from '@crustan/core/formats/planRequestSchema';
import { cutOf, USUAL, type OwnCut, type PlanRequest } from '@crustan/core/plan/request';
import { waysFor } from '@crustan/core/plan/way';
import type { Side } from '@crustan/core/schedule';
import { loadLocal } from './device';
import { firstPlateTime, type PlateTime } from './plateTime';

/** Plan being written: the sentence, and the plate time as the cook gives it. */
export interface Draft {
  readonly request: PlanRequest;
  /** Other pieces for the same plate. Each says how many alike. */
  readonly others: PlanRequest[];
  /** A second pan is used for them. */
  readonly secondPan: boolean;
  readonly plate: PlateTime;
  /** Sides on the plate. */
  readonly sides: readonly Side[];
  /** A line of the cook's own times. */
  readonly times: string;
  /** Request before the piece was replaced, until something else is changed. */
  readonly before?: PlanRequest | undefined;
  /** Draft before a sentence filled it, until that is undone. */
  readonly beforeSaid?: { readonly request: PlanRequest; readonly plate: PlateTime } | undefined;
}

/** Settings of the draft that a cook's own sentence gives. */
export interface SaidDraft {
  readonly request: Partial<PlanRequest>;
  readonly plate: PlateTime | undefined;
  /** It answers a question about the sentence before: undoing takes both back. */
  readonly answers?: boolean;
}

const firstDraft = (): Draft => {
  const { thickness, weight, target } = CUTS['strip-steak'];
  return {
    request: { ...USUAL, cut: 'strip-steak', thickness, weight, target },
    others: [],
    secondPan: false,
    plate: firstPlateTime(Date.now()),
    sides: [],
    times: '',
  };
};

/** A plan to edit; without a plate time the draft keeps its own. */
export interface TakenDraft {
  readonly request: PlanRequest;
  readonly plate: PlateTime | undefined;
  /** The cook's own times, where these made it. */
  readonly times?: string | undefined;
}

/** Settings that belong to a piece: another piece begins with its own defaults. */
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

/** Largest rounding of a default pan temperature in other units, K. */
const SAID_ROUND = 3;

/** Settings that the cook had chosen for the former piece and that changed with it. */
export const wentWithThePiece = ({ before, request }: Draft): readonly OfThePiece[] => {
  if (before === undefined) return [];
  const chosen = Math.abs(before.pan - (cutOf(before).pan ?? USUAL.pan)) > SAID_ROUND;
  return [
    ...OF_THE_PIECE.filter((key) => before[key] !== request[key]),
    ...(chosen ? (['pan'] as const) : []),
  ];
};

const recalled = (): PlanRequest | undefined =>
  loadLocal('request', (value) => planRequestSchema.safeParse(value).data);

/** Most other pieces on one plate. */
export const MOST_OTHERS = 5;

const othersSchema = planRequestSchema.array().max(MOST_OTHERS);

const recalledOthers = (): PlanRequest[] =>
  loadLocal('others', (value) => othersSchema.safeParse(value).data) ?? [];

export const draftSlice = createSlice({
  name: 'draft',
  initialState: (): Draft => {
    const first = firstDraft();
    return { ...first, request: recalled() ?? first.request, others: recalledOthers() };
  },
  reducers: {
    requestChanged: (state, action: PayloadAction<Partial<PlanRequest>>) => {
      Object.assign(state.request, action.payload);
      state.before = undefined;
    },
    /** Default figures rounded in other units: the cook changed nothing. */
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
    /** A sentence in the cook's own words fills the draft. A piece that it names begins with its own defaults. */
    dinnerSaid: (state, { payload }: PayloadAction<SaidDraft>) => {
      const { cut, ...said } = payload.request;
      const before = { request: state.request, plate: state.plate };
      state.beforeSaid = (payload.answers && state.beforeSaid) || before;
      state.before = undefined;
      const { own, ...request } = state.request;
      if (cut !== undefined && (own !== undefined || request.cut !== cut)) {
        state.request = asItComes({ ...request, cut });
      }
      state.request = { ...state.request, ...said };
      if (payload.plate) state.plate = payload.plate;
    },
    dinnerTakenBack: (state) => {
      if (state.beforeSaid) Object.assign(state, state.beforeSaid);
      state.beforeSaid = undefined;
    },
    /** The piece before, with all that was decided for it. */
    pieceTakenBack: (state) => {
      if (state.before) state.request = state.before;
      state.before = undefined;
    },
    /** Adds the sentence's piece to the plate; the sentence then describes one more like it. */
    pieceAdded: (state) => {
      if (state.others.length >= MOST_OTHERS) return;
      state.others.push({ ...state.request });
      state.request.pieces = 1;
      state.before = undefined;
    },
    /** Half of the pieces alike, or one more, are to be done differently: the sentence says how. */
    donenessSplit: (state) => {
      if (state.others.length >= MOST_OTHERS) return;
      const { pieces } = state.request;
      const left = Math.max(1, Math.ceil(pieces / 2));
      state.others.push({ ...state.request, pieces: left });
      state.request.pieces = Math.max(1, pieces - left);
      state.before = undefined;
    },
    /** The sentence says another of the plate's pieces. */
    otherTakenUp: (state, { payload }: PayloadAction<number>) => {
      const other = state.others.at(payload);
      if (!other) return;
      state.others[payload] = state.request;
      state.request = other;
      state.before = undefined;
    },
    otherTakenOff: (state, { payload }: PayloadAction<number>) => {
      state.others.splice(payload, 1);
    },
    secondPanChosen: (state, { payload }: PayloadAction<boolean>) => {
      state.secondPan = payload;
    },
    /** Every piece that can begin in a low oven does. */
    lowOvenChosen: (state) => {
      for (const request of [state.request, ...state.others]) {
        if (waysFor(cutOf(request)).includes('oven-sear')) request.way = 'oven-sear';
      }
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
      // Calibration of another kitchen, or of this one at that time, is not used now.
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
  dinnerSaid,
  dinnerTakenBack,
  requestRounded,
  cutChosen,
  ownChosen,
  pieceTakenBack,
  pieceAdded,
  donenessSplit,
  otherTakenUp,
  otherTakenOff,
  secondPanChosen,
  lowOvenChosen,
  plateChanged,
  plateHourChanged,
  plateDayChanged,
  timesChanged,
  sidesChanged,
  draftTaken,
} = draftSlice.actions;
