// Errors of plans before and after learning from five cooks, in twelve kitchens of other physics.
import { runSeeded } from './seeded.mjs';

export const benchForeignLearn = async () => (await runSeeded('foreignLearn'))[0];
