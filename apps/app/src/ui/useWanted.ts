import { useEffect, useState } from 'react';

/** Events that show interest beyond the first view. */
const SIGNS = ['pointerdown', 'keydown', 'wheel'] as const;
/** Without a sign it comes by itself when the first view has long been there, ms. */
const BY_ITSELF = 4000;

/**
 * Whether a part of a page that comes after the first load is wanted yet: at once where it is in
 * view, else at the first touch or key, or by itself some seconds later.
 */
export const useWanted = (inView: boolean): boolean => {
  const [wanted, setWanted] = useState(false);
  useEffect(() => {
    const want = (): void => {
      stop();
      setWanted(true);
    };
    const timer = setTimeout(want, inView ? 0 : BY_ITSELF);
    const stop = (): void => {
      clearTimeout(timer);
      for (const sign of SIGNS) window.removeEventListener(sign, want);
    };
    for (const sign of SIGNS) window.addEventListener(sign, want, { passive: true });
    return stop;
  }, [inView]);
  return wanted;
};
