import { useEffect, useState } from 'react';
import { kitchenNow } from '../store/clock';

/** The kitchen's time now in ms, renewed `every` ms while the screen is up. */
export const useNow = (every: number): number => {
  const [now, setNow] = useState(kitchenNow);
  useEffect(() => {
    const timer = setInterval(() => setNow(kitchenNow()), every);
    const wake = (): void => setNow(kitchenNow());
    document.addEventListener('visibilitychange', wake);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', wake);
    };
  }, [every]);
  return now;
};
