import { useEffect, useRef, useState } from 'react';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import type { Forecast } from '@crustan/core/estimate/forecastResult';
import { kitchenNow } from '../store/clock';
import type { ActiveCook } from '../store/activeCook';
import { useDrillError } from '../store/useDrillError';
import { liveWorker } from './liveWorker';

/** A cook to be followed, with when its plan has it meet the heat, ms since 1970. */
export interface Followed {
  readonly cook: ActiveCook;
  readonly plannedIn: number;
}

/** A forecast moves the steps only when something was read: without, the plan is as good. */
export const movedPull = (forecast: Forecast | undefined): number | undefined =>
  forecast && !forecast.decided && forecast.readings > 0 ? forecast.pullAt : undefined;

/** Looked at again without any news, ms of the world's time. */
const AGAIN = 10_000;

/**
 * Live forecasts of the cooks that are on, from a worker: asked for at every event, one question at
 * a time, so that a burst of readings is answered once. None until a piece has met the heat.
 */
export const useForecasts = (
  followed: readonly Followed[],
  pan: PanOnBurner,
): Readonly<Record<string, Forecast>> => {
  const finger = useDrillError('touch');
  const [forecasts, setForecasts] = useState<Readonly<Record<string, Forecast>>>({});
  const latest = useRef(followed);
  const asking = useRef(false);
  const asked = useRef(new Map<string, unknown>());

  useEffect(() => {
    latest.current = followed;
    const ask = async (all: boolean): Promise<void> => {
      if (all) asked.current.clear();
      if (asking.current) return;
      asking.current = true;
      for (;;) {
        const next = latest.current.find(({ cook }) => asked.current.get(cook.id) !== cook.events);
        if (!next) break;
        const { cook, plannedIn } = next;
        asked.current.set(cook.id, cook.events);
        if (!cook.events.some(({ kind }) => kind === 'in')) continue;
        const { request, legs, pullAt, pullCore, restSeconds, trace } = cook.plan.plan;
        const plan = { request, legs, pullAt, pullCore, restSeconds, trace };
        const input = { plan, plannedIn, pan, finger };
        try {
          const found = await liveWorker().forecast(cook.id, input, cook.events, kitchenNow());
          if (found) setForecasts((before) => ({ ...before, [cook.id]: found }));
        } catch {
          // Without a forecast the plan's own times stand.
        }
      }
      asking.current = false;
    };
    void ask(false);
    const again = setInterval(() => void ask(true), AGAIN);
    return () => clearInterval(again);
  }, [followed, pan, finger]);
  return forecasts;
};
