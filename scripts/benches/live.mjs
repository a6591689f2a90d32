// Figures of the live forecast in hidden kitchens drawn from a seed; takes some minutes.
import { runSeeded } from './seeded.mjs';

export const benchLive = async () => (await runSeeded('live'))[0];
