import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { CUTS } from '@crustan/core/food/cuts';
import { planRequestSchema } from '@crustan/core/formats';
import { cutOf, USUAL, type OwnCut, type PlanRequest } from '@crustan/core/plan/request';
import { waysFor } from '@crustan/core/plan/way';
import type { Side } from '@crustan/core/schedule';
import { recall } from './device';

/** The plan being written: the sentence, and the hour on the plate as the cook says it. */
export interface Draft {
  readonly request: PlanRequest;
  /** Hours and minutes of the day, `19:30`. */
  readonly plate: string;
  /** What else goes on the plate. */
  readonly sides: readonly Side[];
}

const HOUR = /^([01]\d|2[0-3]):[0-5]\d$/;

/** An hour from now, to the next quarter: a plate time nobody has to correct much. */
const nextQuarter = (now: number): string => {
  const quarter = 15 * 60_000;
  const at = new Date(Math.ceil((now + 40 * 60_000) / quarter) * quarter);
  return `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
};

const firstDraft = (): Draft => {
  const { thickness, weight, target } = CUTS['strip-steak'];
  return {
    request: { ...USUAL, cut: 'strip-steak', thickness, weight, target },
    plate: nextQuarter(Date.now()),
    sides: [],
  };
};

/**
 * A request with another piece as it usually comes, and a way that applies to it. The pan stays as
 * it was, unless the new piece or the old one wants its own.
 */
const asItComes = (before: PlanRequest, request: PlanRequest): PlanRequest => {
  const cut = cutOf(request);
  const ways = waysFor(cut);
  const way = ways.includes(request.way) && !cut.skin ? request.way : (ways[0] ?? 'once');
  const { thickness, weight, target } = cut;
  const kept = before.pan === cutOf(before).pan ? USUAL.pan : before.pan;
  return { ...request, thickness, weight, target, pan: cut.pan ?? kept, way };
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
    },
    cutChosen: (state, action: PayloadAction<PlanRequest['cut']>) => {
      const { own: _own, ...request } = state.request;
      state.request = asItComes(state.request, { ...request, cut: action.payload });
    },
    ownChosen: (state, action: PayloadAction<OwnCut>) => {
      state.request = asItComes(state.request, { ...state.request, own: action.payload });
    },
    plateChanged: (state, action: PayloadAction<string>) => {
      if (HOUR.test(action.payload)) state.plate = action.payload;
    },
    sidesChanged: (state, action: PayloadAction<Side[]>) => {
      state.sides = action.payload;
    },
    draftTaken: (state, action: PayloadAction<Pick<Draft, 'request' | 'plate'>>) => {
      // What another kitchen, or this one then, had learned is not tonight's.
      const { learned: _then, ...request } = action.payload.request;
      state.request = request;
      if (HOUR.test(action.payload.plate)) state.plate = action.payload.plate;
    },
  },
});
export const { requestChanged, cutChosen, ownChosen, plateChanged, sidesChanged, draftTaken } =
  draftSlice.actions;

/** The next time the clock shows this hour, ms since 1970. */
export const nextMoment = (hour: string, now: number): number => {
  const at = new Date(now);
  const [h = 0, m = 0] = hour.split(':').map(Number);
  at.setHours(h, m, 0, 0);
  if (at.getTime() < now) at.setDate(at.getDate() + 1);
  return at.getTime();
};
