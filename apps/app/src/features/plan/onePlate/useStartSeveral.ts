import { translateName } from '@crustan/messages';
import { useRouter } from 'expo-router';
import { keptPlan } from '@crustan/core/formats/keptPlan';
import { runOf } from '@crustan/core/schedule/run';
import { homeGear } from '../../../store/homeGear';
import { fresh } from '../../../store/freshEvent';
import { gearInUse, gearUsed } from '../../../store/kitchenSlice';
import { cookStarted } from '../../../store/logSlice';
import { newId } from '../../../store/newId';
import { useAppDispatch, useAppStore } from '../../../store/store';
import { useScales } from '../../../store/useScales';
import { useShow } from '../../../words/useShow';
import { batchTitle } from './batchWords';
import type { Several } from './useSeveral';

/** Starts every batch of a plate on Stove: a cook each, connected to the others, at its planned lead time. */
export const useStartSeveral = (): ((several: Several) => void) => {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const router = useRouter();
  const show = useShow();
  const scales = useScales();
  return ({ plate, from }) => {
    const { kitchen, draft } = store.getState();
    const gear = gearInUse(kitchen);
    const pans = homeGear(kitchen, draft.secondPan).gear.pans.map(({ name }) =>
      translateName(name),
    );
    const tie = newId();
    const plateAt = Math.round(from + plate.landsAt * 1000);
    const ids = plate.batches.map(() => newId());
    for (const [nth, batch] of plate.batches.entries()) {
      const { plan, start, pan } = batch;
      const before = plate.batches.slice(0, nth).findLastIndex((other) => other.pan === pan);
      const panAfter = ids[before];
      const waits = Math.max(0, plate.landsAt - start - runOf(plan, gear).panToPlate);
      const event = { ...fresh(), kind: 'started' } as const;
      dispatch(
        cookStarted({
          id: ids[nth] ?? newId(),
          startedAt: event.at,
          plan: {
            id: newId(),
            createdAt: Date.now(),
            title: batchTitle(batch, pans, show, scales),
            plateAt,
            plan: keptPlan(plan),
            gear: gearUsed(kitchen),
            ...(panAfter === undefined ? {} : { panAfter }),
          },
          together: { id: tie, waits },
          event,
        }),
      );
    }
    router.push('/stove');
  };
};
