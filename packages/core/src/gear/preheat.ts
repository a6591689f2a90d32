import type { PanOnBurner } from './pan';
import { PanBody } from './panBody';

/** Longest a pan is watched while it comes up, s. */
const MOST_SECONDS = 3600;
const STEP = 1;

export type Preheat =
  | { readonly reached: true; readonly seconds: number }
  /** The burner cannot bring this pan there: it settles at `settles`, C. */
  | { readonly reached: false; readonly settles: number };

/** Answers by their input: the same pan is asked about at every drawing of a plan. */
const known = new Map<string, Preheat>();
const MOST_KNOWN = 200;

/**
 * Time for an empty pan to come up on a burner at full, from the kitchen's temperature or, between
 * pieces, from where the last one left it.
 * @param target C
 */
export const preheat = (
  pan: PanOnBurner,
  target: number,
  kitchen = 22,
  from = kitchen,
): Preheat => {
  const key = [pan.diameter, pan.mass, pan.burner, pan.power, target, kitchen, from].join();
  const found = known.get(key) ?? comingUp(pan, target, kitchen, from);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, found);
  return found;
};

const comingUp = (pan: PanOnBurner, target: number, kitchen: number, from: number): Preheat => {
  const body = new PanBody(pan, kitchen, from);
  if (from >= target) return { reached: true, seconds: 0 };
  for (let seconds = 0; seconds < MOST_SECONDS; seconds += STEP) {
    const before = body.temperature;
    body.follow(STEP, 0);
    if (body.temperature >= target) {
      const share = (target - before) / (body.temperature - before);
      return { reached: true, seconds: seconds + STEP * share };
    }
  }
  return { reached: false, settles: body.temperature };
};

/** The curve of an empty pan coming up on its burner at full: C at every `every` seconds. */
export const preheatCurve = (
  pan: PanOnBurner,
  seconds: number,
  every = 10,
  kitchen = 22,
): readonly number[] => {
  const body = new PanBody(pan, kitchen);
  const curve = [body.temperature];
  for (let t = every; t <= seconds + 1e-9; t += every) {
    body.follow(every, 0);
    curve.push(body.temperature);
  }
  return curve;
};

/** The temperature an empty pan settles at on its burner at full, C. */
export const hottestPan = (pan: PanOnBurner): number => {
  const warming = preheat(pan, Infinity);
  return warming.reached ? Infinity : warming.settles;
};
