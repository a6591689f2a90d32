import { readSteps } from '@crustan/core/phrases/readSteps';

/** Longest text that is read, characters. */
const LENGTH = 10_000;
const TIMED = 15;
/** Texts of the grammar's harder parts, over and over. */
const TEXTS = {
  recipe: 'Sear 2 to 3 min a side, then 400F oven 6-8 minutes. Rest under foil for 5 minutes. ',
  filler: 'a ',
  fractions: '1 1/2 ',
  worded: 'a minute and a half each side until 52 in the middle ',
  unknown: 'zzz ',
  sides: "3' x 2 ",
  turns: 'turn every ',
  between: 'between between ',
} as const;

const median = (all: readonly number[]): number =>
  all.toSorted((a, b) => a - b)[Math.floor(all.length / 2)] ?? NaN;

const timed = (read: () => unknown): number => {
  const began = performance.now();
  read();
  return performance.now() - began;
};

const medianMs = (one: string): number => {
  const text = one.repeat(LENGTH).slice(0, LENGTH);
  return median(Array.from({ length: TIMED }, () => timed(() => readSteps(text))));
};

const firstMs = timed(() => readSteps('3 min a side', { isLine: true }));
process.stdout.write(
  JSON.stringify({
    firstMs,
    medianMs: Object.fromEntries(Object.entries(TEXTS).map(([name, one]) => [name, medianMs(one)])),
  }),
);
