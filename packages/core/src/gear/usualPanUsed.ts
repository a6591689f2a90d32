import type { PanUsed } from '../heat';
import { BURNER_EFFICIENCY, DEFAULT_PAN } from './pan';

/** The default pan on its burner for the stages of a cook, with one piece the size of a strip steak. */
export const USUAL_PAN_USED: PanUsed = {
  mass: DEFAULT_PAN.mass,
  diameter: DEFAULT_PAN.diameter,
  power: DEFAULT_PAN.power * BURNER_EFFICIENCY[DEFAULT_PAN.burner],
  knob: 'up',
  pieces: 1,
  area: 0.011,
};
