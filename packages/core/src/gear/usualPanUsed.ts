import type { PanUsed } from '../heat';
import { BURNER_EFFICIENCY, DEFAULT_PAN } from './pan';

/** The usual pan on its burner as a cook's stages take it, with one piece the size of a strip steak. */
export const USUAL_PAN_USED: PanUsed = {
  mass: DEFAULT_PAN.mass,
  diameter: DEFAULT_PAN.diameter,
  power: DEFAULT_PAN.power * BURNER_EFFICIENCY[DEFAULT_PAN.burner],
  knob: 'up',
  pieces: 1,
  area: 0.011,
};
