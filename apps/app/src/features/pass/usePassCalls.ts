import { useEffect, useMemo, useState } from 'react';
import type { Thing } from '@crustan/core/pass/thingsToDo';
import { useCalls } from '../../calls/useCalls';
import { useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { useShow } from '../../words/useShow';
import { passCalls } from './passCalls';
import { sayThing } from './passWords';
import { thingsOf } from './thingsOf';
import type { PassNow } from './usePass';

/** A page that is opened waits for its menu before it calls, so that a call names the dish, ms at most. */
const WAITS = 5000;

const NOTHING: readonly Thing[] = [];

/**
 * Calls what is due at this phone's station; a phone that watches is not called.
 * @returns the tasks of the station by due time
 */
export const usePassCalls = (pass: PassNow): readonly Thing[] => {
  const show = useShow();
  const watches = useWatches();
  const station = useAppSelector((state) => state.pass.station);
  const [waited, setWaited] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setWaited(true), WAITS);
    return () => clearTimeout(timer);
  }, []);
  const things = useMemo(
    () => thingsOf(pass).filter((thing) => station === 'all' || thing.station === station),
    [pass, station],
  );
  const calls = useMemo(() => {
    const nameless = pass.lacks === 'menu' && !waited;
    return passCalls(watches || nameless ? NOTHING : things, pass.momentOf, (thing) => {
      const { does, of } = sayThing(thing, pass, show);
      return `${does}: ${of}`;
    });
  }, [pass, things, watches, waited, show]);
  useCalls(calls, pass.line.now);
  return things;
};
