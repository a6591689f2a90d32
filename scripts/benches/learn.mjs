// Calibration after five logged cooks of hidden kitchens drawn from a seed; takes some minutes.
import { runSeeded } from './seeded.mjs';

export const benchLearn = async () => (await runSeeded('learn'))[0];
