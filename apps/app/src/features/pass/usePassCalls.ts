import { useEffect, useMemo, useState } from 'react';
import type { Task } from '@crustan/core/pass/task';
import { useCalls } from '../../calls/useCalls';
import { useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { useShow } from '../../words/useShow';
import { passCalls } from './passCalls';
import { describeTask } from './passWords';
import { tasksOf } from './tasksOf';
import type { PassNow } from './usePass';

/** A page that is opened waits for its menu before it calls, so that a call names the dish, ms at most. */
const WAITS = 5000;

const NOTHING: readonly Task[] = [];

/**
 * Calls what is due at this phone's station; a phone that watches is not called.
 * @returns the tasks of the station by due time
 */
export const usePassCalls = (pass: PassNow): readonly Task[] => {
  const show = useShow();
  const watches = useWatches();
  const station = useAppSelector((state) => state.pass.station);
  const [waited, setWaited] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setWaited(true), WAITS);
    return () => clearTimeout(timer);
  }, []);
  const things = useMemo(
    () => tasksOf(pass).filter((thing) => station === 'all' || thing.station === station),
    [pass, station],
  );
  const calls = useMemo(() => {
    const nameless = pass.lacks === 'menu' && !waited;
    return passCalls(watches || nameless ? NOTHING : things, pass.momentOf, (thing) => {
      const { does, of } = describeTask(thing, pass, show);
      return `${does}: ${of}`;
    });
  }, [pass, things, watches, waited, show]);
  useCalls(calls, pass.line.now);
  return things;
};
