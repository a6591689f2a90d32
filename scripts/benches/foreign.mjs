// Ends of plans in kitchens of other physics: forty steaks and ten roasts of a seed.
import { runSeeded } from './seeded.mjs';

export const benchForeign = async () => {
  const [figures] = await runSeeded('foreign');
  return figures;
};
