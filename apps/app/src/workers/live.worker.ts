import { expose } from 'comlink';
import type { PanOnBurner } from '@crustan/core/gear';
import { Forecaster, type Forecast, type ForecastInput } from '@crustan/core/estimate';
import {
  PracticeKitchen,
  practiceScore,
  type HiddenKitchen,
  type PracticePlace,
  type PracticeResult,
  type PracticeScore,
  type Senses,
} from '@crustan/core/simulation';
import {
  replay,
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

/** One for each cook: it goes on from its last answer. */
const forecasters = new Map<string, { readonly key: string; readonly forecaster: Forecaster }>();

/** What a practising cook does. */
export type PracticeDeed =
  | { readonly do: 'burner'; readonly setting: number }
  | { readonly do: 'move'; readonly place: PracticePlace }
  | { readonly do: 'turn' }
  | { readonly do: 'butter' };

/** What a practice shows after some time: what is sensed, and what the thermometers say. */
export interface PracticeSeen {
  readonly senses: Senses;
  readonly core: number;
  readonly pan: number;
}

let practice: { readonly kitchen: PracticeKitchen; readonly pan: PanOnBurner } | undefined;

const service = {
  /** What a cook's events say about its kitchen, its pull and its end. */
  forecast: (
    cook: string,
    input: ForecastInput,
    events: readonly CookEvent[],
    now: number,
  ): Forecast | undefined => {
    const key = JSON.stringify([input.plan.request, input.plannedIn, input.pan]);
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
  /** What the model makes of the times a cook really kept. */
  replay: (
    plan: PlanFigures,
    plannedIn: number,
    events: readonly CookEvent[],
    pan: PanOnBurner,
  ): ReplayedCook | undefined => replay(plan, plannedIn, events, pan),
  practise: (request: PlanRequest, hidden: HiddenKitchen, pan: PanOnBurner): void => {
    practice = { kitchen: new PracticeKitchen(request, hidden, pan, request.hotOven), pan };
  },
  /** Does something, lets time pass, and says what there is to notice. */
  goOn: (deeds: readonly PracticeDeed[], seconds: number): PracticeSeen | undefined => {
    if (!practice) return undefined;
    const { kitchen } = practice;
    for (const deed of deeds) {
      if (deed.do === 'burner') kitchen.setBurner(deed.setting);
      else if (deed.do === 'move') kitchen.move(deed.place);
      else if (deed.do === 'turn') kitchen.turn();
      else kitchen.addButter();
    }
    if (seconds > 0) kitchen.follow(seconds);
    const { panTemperature, core } = kitchen;
    return { senses: kitchen.senses(), core, pan: panTemperature };
  },
  judge: ():
    | {
        readonly result: PracticeResult;
        readonly score: PracticeScore;
        readonly peaks: Float64Array;
        readonly heights: Float64Array;
      }
    | undefined => {
    if (!practice) return undefined;
    const { kitchen, pan } = practice;
    const result = kitchen.finish();
    const { solver, request, hidden } = kitchen;
    return {
      result,
      score: practiceScore(request, hidden, result, pan),
      peaks: solver.peak.slice(),
      heights: solver.section.heights.slice(),
    };
  },
};

export type LiveService = typeof service;
expose(service);
