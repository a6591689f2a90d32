import { useEffect, useState } from 'react';

/** What shows that somebody wants more than the first view. */
const SIGNS = ['pointerdown', 'keydown', 'wheel'] as const;
/** Without a sign it comes by itself when the first view has long been there, ms. */
const BY_ITSELF = 4000;

/**
 * A part of a page that comes after the first load: at once where it is in view, else at the first
 * touch or key, or by itself some seconds later. Undefined until it is here: unlike a suspended
 * part it is drawn the moment it arrives.
 * @param load must keep its identity
 */
export const useLater = <T extends object>(
  load: () => Promise<T>,
  inView: boolean,
): T | undefined => {
  const [part, setPart] = useState<T>();
  useEffect(() => {
    let live = true;
    const fetchPart = (): void => {
      stop();
      void load().then((loaded) => {
        if (live) setPart(loaded);
      });
    };
    const timer = setTimeout(fetchPart, inView ? 0 : BY_ITSELF);
    const stop = (): void => {
      clearTimeout(timer);
      for (const sign of SIGNS) window.removeEventListener(sign, fetchPart);
    };
    for (const sign of SIGNS) window.addEventListener(sign, fetchPart, { passive: true });
    return () => {
      live = false;
      stop();
    };
  }, [load, inView]);
  return part;
};
