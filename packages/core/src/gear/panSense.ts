import { preheat } from './preheat';
import { fatOf, type FatId } from './fats';
import type { PanOnBurner } from './pan';

/** Judgement of the pan's temperature. */
export type PanSense =
  /** Too cool to sear: silence. Time at full power until it is hot, s; undefined: never. */
  | { readonly kind: 'cool'; readonly under: number; readonly seconds: number | undefined }
  /** Within this of where the fat begins to smoke, K; below zero it smokes. */
  | { readonly kind: 'smoke'; readonly margin: number }
  | { readonly kind: 'right' };

/** A pan this far under its planned temperature sears too slowly, K. */
const TOO_COOL = 25;
/** Nearer to smoking than this and the burner goes down, K. */
const NEAR_SMOKE = 10;

/**
 * @param celsius of the iron, by an infrared thermometer or as judged
 * @param wanted C
 */
export const panSense = (
  celsius: number,
  wanted: number,
  fat: FatId,
  pan: PanOnBurner,
): PanSense => {
  const [smokes] = fatOf(fat).smokes;
  if (celsius > smokes - NEAR_SMOKE) return { kind: 'smoke', margin: smokes - celsius };
  if (celsius > wanted - TOO_COOL) return { kind: 'right' };
  const back = preheat(pan, wanted, undefined, celsius);
  return {
    kind: 'cool',
    under: wanted - celsius,
    seconds: back.reached ? back.seconds : undefined,
  };
};
