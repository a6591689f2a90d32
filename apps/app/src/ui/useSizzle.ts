import { useEffect, useRef, useState } from 'react';
import { canSound, soundWoken } from './sound';
import type { SizzlePlayer } from './sizzlePlayer';
import { t } from '../t';

/** Interval at which the sound is measured, ms. */
const LISTENS = 250;

/** Measured loudness of the pan, 0 to 1; undefined while it is silent. */
export type Heard = { readonly is: number } | { readonly wrong: string } | undefined;

/**
 * Plays the sound of a pan while it is on, at the given level.
 * @param level 0 to 1
 */
export const useSizzle = (on: boolean, level: number): Heard => {
  const [heard, setHeard] = useState<Heard>();
  const player = useRef<SizzlePlayer>(undefined);
  const wanted = useRef(level);
  useEffect(() => {
    wanted.current = level;
    player.current?.setLevel(level);
  }, [level]);
  useEffect(() => {
    if (!on) return undefined;
    let over = false;
    let asked = false;
    const begin = async (): Promise<void> => {
      asked = true;
      try {
        const made = await (await import('./sizzlePlayer')).playSizzle();
        if (over) made?.stop();
        else if (made) {
          player.current = made;
          made.setLevel(wanted.current);
        }
      } catch {
        setHeard({ wrong: t('the-sound-did-not-come-reload-the') });
      }
    };
    const listening = setInterval(() => {
      if (!canSound()) setHeard({ wrong: t('this-browser-makes-no-sound') });
      // A page that was opened again sounds from its first touch on.
      else if (!asked && soundWoken()) void begin();
      else if (player.current) setHeard({ is: player.current.heard() });
    }, LISTENS);
    return () => {
      over = true;
      clearInterval(listening);
      player.current?.stop();
      player.current = undefined;
      setHeard(undefined);
    };
  }, [on]);
  return heard;
};
