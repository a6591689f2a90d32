// What five cooks teach of kitchens of other physics: twelve kitchens of a seed.
import { runSeeded } from './seeded.mjs';

export const benchForeignLearn = async () => (await runSeeded('foreignLearn'))[0];
