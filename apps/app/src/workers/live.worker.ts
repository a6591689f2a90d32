import { expose } from 'comlink';
import type { KitchenDeviation, PanOnBurner } from '@crustan/core/gear';
import { Forecaster, type Forecast, type ForecastInput } from '@crustan/core/estimate';
import {
  apartLoss,
  drawnCard,
  PracticeKitchen,
  practiceScore,
  type DrillCard,
  type DrillKind,
  type HiddenKitchen,
  type PracticeLoss,
  type PracticePlace,
  type PracticeResult,
  type PracticeScore,
  type PracticeStart,
  type Readable,
  type Senses,
} from '@crustan/core/simulation';
import {
  replay,
  steamOfCook,
  type SteamCurve,
  type CookEvent,
  type PlanFigures,
  type ReplayedCook,
  type Trouble,
} from '@crustan/core/cook';
import {
  troubleOptions,
  type CookInProgress,
  type TroubleDetail,
  type TroubleOption,
} from '@crustan/core/whatif';
import type { PlanRequest } from '@crustan/core/plan';

/** Forecaster of each cook: it continues from its last answer. */
const forecasters = new Map<string, { readonly key: string; readonly forecaster: Forecaster }>();

/** Action of a practising cook. */
export type PracticeDeed =
  | { readonly do: 'burner'; readonly setting: number }
  | { readonly do: 'oven'; readonly dial: number }
  | { readonly do: 'move'; readonly place: PracticePlace }
  | { readonly do: 'turn' }
  | { readonly do: 'butter' };

/** A piece of a practice, and how its kitchen is found. */
export interface PracticePiece {
  readonly request: PlanRequest;
  readonly hidden: HiddenKitchen;
  /** Oven dial at the start, C. */
  readonly dial: number;
  readonly start: PracticeStart;
}

/** State of a practised piece: its signs, and the thermometer's reading. */
export interface PracticeSeen {
  readonly senses: Senses;
  readonly reads: Readonly<Record<Readable, number>>;
}

/** Result of a practice: of each piece, and in total. */
export interface JudgedPractice {
  readonly pieces: readonly {
    readonly result: PracticeResult;
    readonly score: PracticeScore;
    readonly peaks: Float64Array;
    readonly heights: Float64Array;
  }[];
  readonly apart: PracticeLoss | undefined;
  readonly score: number;
}

const doneIn = (kitchen: PracticeKitchen, deed: PracticeDeed): void => {
  switch (deed.do) {
    case 'burner':
      kitchen.setBurner(deed.setting);
      return;
    case 'oven':
      kitchen.setOven(deed.dial);
      return;
    case 'move':
      kitchen.move(deed.place);
      return;
    case 'turn':
      kitchen.turn();
      return;
    case 'butter':
      kitchen.addButter();
  }
};

let practice:
  { readonly kitchens: readonly PracticeKitchen[]; readonly pan: PanOnBurner } | undefined;

const service = {
  /** Forecast of the kitchen, the pull and the end from a cook's events. */
  forecast: (
    cook: string,
    input: ForecastInput,
    events: readonly CookEvent[],
    now: number,
  ): Forecast | undefined => {
    const key = JSON.stringify([input.plan.request, input.plannedIn, input.pan, input.finger]);
    let found = forecasters.get(cook);
    if (found?.key !== key) {
      found = { key, forecaster: new Forecaster(input) };
      forecasters.set(cook, found);
    }
    return found.forecaster.forecast(events, now);
  },
  options: (
    inProgress: CookInProgress,
    at: number,
    trouble: Trouble,
    detail: TroubleDetail,
  ): readonly TroubleOption[] => troubleOptions(inProgress, at, trouble, detail),
  /** Simulation of a cook with the times that were recorded. */
  replay: (
    plan: PlanFigures,
    plannedIn: number,
    events: readonly CookEvent[],
    pan: PanOnBurner,
  ): ReplayedCook | undefined => replay(plan, plannedIn, events, pan),
  /** Expected sound of the pan over the cook. */
  steam: (
    plan: PlanFigures,
    plannedIn: number,
    events: readonly CookEvent[],
    pan: PanOnBurner,
    kitchen: KitchenDeviation | undefined,
  ): SteamCurve | undefined => steamOfCook(plan, plannedIn, events, pan, kitchen),
  card: (kind: DrillKind, seed: number): DrillCard => drawnCard(kind, seed),
  practise: (pieces: readonly PracticePiece[], pan: PanOnBurner): void => {
    practice = {
      kitchens: pieces.map(
        ({ request, hidden, start, dial }) =>
          new PracticeKitchen(request, hidden, pan, dial, start),
      ),
      pan,
    };
  },
  /** Does things, lets time pass, and says what there is to notice of each piece. */
  goOn: (
    deeds: readonly { readonly piece: number; readonly deed: PracticeDeed }[],
    seconds: number,
  ): readonly PracticeSeen[] => {
    const kitchens = practice?.kitchens ?? [];
    for (const { piece, deed } of deeds) {
      const kitchen = kitchens[piece];
      if (kitchen) doneIn(kitchen, deed);
    }
    return kitchens.map((kitchen) => {
      if (seconds > 0) kitchen.follow(seconds);
      const reads = {
        middle: kitchen.read('middle'),
        pan: kitchen.read('pan'),
        ice: kitchen.read('ice'),
      };
      return { senses: kitchen.senses(), reads };
    });
  },
  judge: (): JudgedPractice | undefined => {
    if (!practice) return undefined;
    const { kitchens, pan } = practice;
    const pieces = kitchens.map((kitchen) => {
      const result = kitchen.finish();
      const { solver, request, hidden } = kitchen;
      return {
        result,
        score: practiceScore(request, hidden, result, pan),
        peaks: solver.peak.slice(),
        heights: solver.section.heights.slice(),
      };
    });
    const apart = apartLoss(pieces.flatMap(({ result: { pulledAt } }) => pulledAt ?? []));
    const mean = pieces.reduce((sum, { score }) => sum + score.score, 0) / pieces.length;
    return { pieces, apart, score: Math.max(0, Math.round(mean - (apart?.points ?? 0))) };
  },
};

export type LiveService = typeof service;
expose(service);
