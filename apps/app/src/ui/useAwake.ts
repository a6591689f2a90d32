import { useEffect, useState } from 'react';
import { useKeepAwake } from 'expo-keep-awake';

/** Keeps the screen on, and again after the phone was locked or another page looked at. */
export const useAwake = (): void => {
  const [returns, setReturns] = useState(0);
  useEffect(() => {
    const seen = (): void => {
      if (document.visibilityState === 'visible') setReturns((count) => count + 1);
    };
    document.addEventListener('visibilitychange', seen);
    return () => document.removeEventListener('visibilitychange', seen);
  }, []);
  useKeepAwake(`stove ${returns}`, { suppressDeactivateWarnings: true });
};
