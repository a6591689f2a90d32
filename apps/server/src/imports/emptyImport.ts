import type { BookImport } from '@crustan/core/formats';

/** An import that has received nothing yet. */
export const emptyImport = (id: string): BookImport => ({
  id,
  phase: 'receiving',
  progress: 0,
  cooks: 0,
  readings: 0,
  plans: 0,
  trials: 0,
  dishes: 0,
  services: 0,
  demand: 0,
  practice: 0,
  here: 0,
  back: 0,
  kitchen: false,
  problems: [],
  problemCount: 0,
  truncated: false,
});
