import { useEffect, useState } from 'react';

/** The time now in ms, renewed `every` ms while the screen is up. */
export const useNow = (every: number): number => {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), every);
    const wake = (): void => setNow(Date.now());
    document.addEventListener('visibilitychange', wake);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', wake);
    };
  }, [every]);
  return now;
};
