import { useEffect, useState } from 'react';
import { kitchenNow, onClockSet } from '../store/clock';

/** The kitchen's time now in ms, renewed `every` ms while the screen is up. */
export const useNow = (every: number): number => {
  const [now, setNow] = useState(kitchenNow);
  useEffect(() => {
    const timer = setInterval(() => setNow(kitchenNow()), every);
    const wake = (): void => setNow(kitchenNow());
    document.addEventListener('visibilitychange', wake);
    const stop = onClockSet(wake);
    return () => {
      clearInterval(timer);
      stop();
      document.removeEventListener('visibilitychange', wake);
    };
  }, [every]);
  return now;
};
