/** The page's one way to make sound: a gain that everything goes through, so that one volume holds. */

interface Sound {
  readonly context: AudioContext;
  readonly out: GainNode;
}

let sound: Sound | undefined;
let volume = 1;

/** Whether the browser can make sound at all. */
export const canSound = (): boolean => typeof AudioContext !== 'undefined';

/** Sounds need a first touch on the page: call it from one. */
export const wakeSound = (): void => {
  if (!canSound()) return;
  if (!sound) {
    const context = new AudioContext();
    const out = context.createGain();
    out.gain.value = volume;
    out.connect(context.destination);
    sound = { context, out };
  }
  void sound.context.resume();
};

/** Audio output; undefined before the first touch, or if the browser has none. */
export const soundNow = (): Sound | undefined =>
  sound?.context.state === 'running' ? sound : undefined;

/** The same, once it has been woken: a context resumes a moment after the touch. */
export const soundWoken = (): Sound | undefined => sound;

/** @param share of full, 0 to 1 */
export const setVolume = (share: number): void => {
  volume = Math.min(1, Math.max(0, share));
  if (sound) sound.out.gain.value = volume;
};
