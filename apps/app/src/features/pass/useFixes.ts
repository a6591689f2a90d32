import { useEffect, useRef, useState } from 'react';
import { serviceJob } from '@crustan/core/pass/lineNow';
import { serviceGear } from '@crustan/core/pass/serviceGear';
import type { PublishedSchedule } from '@crustan/core/formats/serviceSchema';
import type { Fix } from '@crustan/core/pass/findFixes';
import type { Kitchen } from '@crustan/core/formats/kitchen';
import { useAppSelector } from '../../store/store';
import { oneAtATime } from '../../workers/oneAtATime';
import { passWorker } from '../../workers/passWorker';
import { publishedPieces } from './publishedPieces';
import type { PassNow } from './usePass';
import { t } from './t';

const NONE: readonly Fix[] = [];
/** Each answer takes several schedules: a question that a newer one replaces by then is not asked. */
const inTurn = oneAtATime();

/**
 * A kitchen with one more pan, as wide as the narrowest in use: it stands last in the line, so that the
 * others keep their burners.
 */
export const withAnotherPan = (kitchen: Kitchen, id: string): Kitchen => {
  const narrowest = serviceGear(kitchen).pans.at(-1);
  const like = kitchen.pans.find((pan) => pan.id === narrowest?.id);
  if (!like) return kitchen;
  return { ...kitchen, pans: [...kitchen.pans, { ...like, id, name: t('another-pan') }] };
};

/** Shift of a late table's time after which its fixes are computed again, s. */
const SHIFT = 60;

/** Time without another entry after which fixes are computed, ms: presses come in groups. */
const PAUSE = 1000;

/**
 * Fixes for a late table, found in a worker. They are found again when an entry is added or the table's time shifts,
 * not with each schedule: most schedules leave it where it is.
 * @param piece the piece that delays the table; undefined: no fixes are wanted
 */
export const useFixes = (
  pass: PassNow,
  { id: ticket, landsAt }: Pick<PublishedSchedule['tickets'][number], 'id' | 'landsAt'>,
  piece: string | undefined,
): readonly Fix[] => {
  const kitchen = useAppSelector((state) => state.kitchen);
  const [found, setFound] = useState(NONE);
  const latest = useRef(pass);
  useEffect(() => {
    latest.current = pass;
  });
  const shift = Math.round(landsAt / SHIFT);
  useEffect(() => {
    if (piece === undefined) return undefined;
    let stale = false;
    const ask = (): Promise<readonly Fix[]> => {
      const { line, schedule } = latest.current;
      const published = publishedPieces(schedule);
      const gear = serviceGear(withAnotherPan(kitchen, 'another'));
      const more =
        gear.pans.length > line.gear.pans.length
          ? serviceJob({ ...line, gear }, published)
          : undefined;
      return passWorker('menu').findFixes(serviceJob(line, published), { ticket, piece }, more);
    };
    const pause = setTimeout(() => {
      inTurn(() => !stale, ask).then(
        (ways) => {
          if (!stale && ways) setFound(ways);
        },
        // Without an answer the table is shown without fixes.
        () => undefined,
      );
    }, PAUSE);
    return () => {
      stale = true;
      clearTimeout(pause);
    };
  }, [shift, pass.state, ticket, piece, kitchen]);
  return piece === undefined ? NONE : found;
};
