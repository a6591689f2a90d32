// Texts of ten thousand characters that are read as cooking times: median times.
import { runSeeded } from './seeded.mjs';

export const benchPhrases = async () => {
  const [figures] = await runSeeded('phrases');
  return figures;
};
