import { useEffect, useRef, useState } from 'react';
import type { SizzlePlayer } from './sizzlePlayer';

/** How often what is heard is measured, ms. */
const LISTENS = 250;

/** What is heard of a pan: how loud, 0 to 1; undefined while it does not sound. */
export type Heard = { readonly is: number } | { readonly wrong: string } | undefined;

/**
 * Sounds a pan while it is on, as loud as it is told.
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
    const begin = async (): Promise<SizzlePlayer | undefined> =>
      (await import('./sizzlePlayer')).playSizzle();
    begin().then(
      (made) => {
        if (over || !made) {
          made?.stop();
          if (!over) setHeard({ wrong: 'This browser makes no sound.' });
          return;
        }
        player.current = made;
        made.setLevel(wanted.current);
      },
      () => setHeard({ wrong: 'The sound did not come: reload the page.' }),
    );
    const listening = setInterval(() => {
      if (player.current) setHeard({ is: player.current.heard() });
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
