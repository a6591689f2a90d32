import type { PracticeResultRecord } from '@crustan/core/formats/practiceSchema';

/** The best score of a lesson; undefined before it was tried. */
export const bestOf = (
  results: readonly PracticeResultRecord[],
  lesson: string,
): number | undefined => {
  const scores = results.filter((result) => result.of === lesson).map(({ score }) => score);
  return scores.length === 0 ? undefined : Math.max(...scores);
};
