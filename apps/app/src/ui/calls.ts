import { soundNow } from './sound';

/** Kinds of calls. Each has its own pattern, recognizable without looking. */
export const CALLS = ['soon', 'turn', 'move', 'out', 'next', 'trouble'] as const;
export type Call = (typeof CALLS)[number];

/** One note: Hz, and how long it sounds, ms. */
type Note = readonly [pitch: number, lasts: number];

/**
 * Short and loud between 1.5 and 3.2 kHz: ears are keenest there, and a hood's fan, which is loud under 1 kHz,
 * leaves it free. A turn goes up and down, a move climbs, out is three high ones, trouble falls.
 */
export const PATTERNS: Readonly<Record<Call, readonly Note[]>> = {
  soon: [[1600, 110]],
  turn: [
    [1700, 130],
    [2600, 130],
    [1700, 130],
  ],
  move: [
    [1700, 150],
    [2200, 150],
    [2900, 220],
  ],
  out: [
    [3000, 240],
    [3000, 240],
    [3000, 360],
  ],
  next: [
    [2100, 160],
    [2100, 160],
  ],
  trouble: [
    [2600, 260],
    [1800, 340],
  ],
};

const GAP = 0.05;
/** A few overtones carry further than a pure tone. */
const SHAPE = 'square';
const LOUD = 0.35;

export const beep = (call: Call): void => {
  const sound = soundNow();
  if (!sound) return;
  const { context, out } = sound;
  let at = context.currentTime;
  for (const [pitch, lasts] of PATTERNS[call]) {
    const ends = at + lasts / 1000;
    const tone = context.createOscillator();
    const gain = context.createGain();
    tone.type = SHAPE;
    tone.frequency.value = pitch;
    gain.gain.setValueAtTime(0.0001, at);
    gain.gain.exponentialRampToValueAtTime(LOUD, at + 0.012);
    gain.gain.setValueAtTime(LOUD, ends - 0.03);
    gain.gain.exponentialRampToValueAtTime(0.0001, ends);
    tone.connect(gain).connect(out);
    tone.start(at);
    tone.stop(ends + 0.02);
    at = ends + GAP;
  }
};

/** The same pattern to the hand: on and off, ms. */
export const buzz = (call: Call): void => {
  if (!('vibrate' in navigator)) return;
  const pattern = PATTERNS[call].flatMap(([, lasts], i) => (i === 0 ? [lasts] : [70, lasts]));
  navigator.vibrate(pattern);
};
