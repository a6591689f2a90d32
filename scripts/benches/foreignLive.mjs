// Live forecasts in kitchens of other physics: sixty cooks of a seed, by probe and by hand.
import { runSeeded } from './seeded.mjs';

export const benchForeignLive = async () => (await runSeeded('foreignLive'))[0];
