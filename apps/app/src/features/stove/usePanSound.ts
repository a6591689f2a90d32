import { useEffect, useMemo, useState } from 'react';
import { steamAt, type SteamCurve } from '@crustan/core/cook/steamCurve';
import { sizzleLevel } from '@crustan/core/heat/sizzle';
import { useAppSelector } from '../../store/store';
import { useGear } from '../../store/useGear';
import { useNow } from '../../ui/useNow';
import { useSizzle, type Heard } from '../../ui/useSizzle';
import { liveWorker } from '../../workers/liveWorker';
import type { LiveCook } from './liveCook';

/** Interval at which the sound level follows the curve, ms. */
const FOLLOWS = 250;

/** Expected sound of the pan now, from the simulated steam; played if the cook has switched it on. */
export interface PanSound {
  /** 0 to 1. */
  readonly level: number;
  readonly heard: Heard;
}

/** Sounds the piece that is looked at while it is in its pan. */
export const usePanSound = ({ cook, state, plannedIn, forecast }: LiveCook): PanSound => {
  const { sound, panSound } = useAppSelector((all) => all.attention);
  const { pan } = useGear();
  const now = useNow(FOLLOWS);
  const inPan = state.place === 'pan';
  const on = sound && panSound;
  const wanted = on && inPan;
  const [found, setFound] = useState<{ readonly of: unknown; readonly curve: SteamCurve }>();
  const { events } = cook;
  const { plan } = cook.plan;
  const asked = useMemo(() => ({ plan, plannedIn, events, pan }), [plan, plannedIn, events, pan]);
  const kitchen = forecast?.kitchen;
  useEffect(() => {
    if (!wanted) return undefined;
    let live = true;
    const { request, legs, pullAt, restSeconds, trace } = asked.plan;
    liveWorker()
      .steam(
        { request, legs, pullAt, restSeconds, trace },
        asked.plannedIn,
        asked.events,
        asked.pan,
        kitchen,
      )
      .then(
        (curve) => live && curve && setFound({ of: asked, curve }),
        // Without the curve the pan is silent; its time and its readings stand.
        () => undefined,
      );
    return () => {
      live = false;
    };
  }, [asked, kitchen, wanted]);
  const since = state.inAt === undefined ? -1 : (now - state.inAt) / 1000;
  const level = inPan && found ? sizzleLevel(steamAt(found.curve, since)) : 0;
  return { level, heard: useSizzle(on, wanted ? level : 0) };
};
