import type { SaidStep } from '../plan/ownTimes/saidStep';

const figure = (value: number): string => String(Math.round(10 * value) / 10);

const wordOf = (step: SaidStep): string => {
  if (step.do === 'turn') return 't';
  const { time } = step;
  const lasts =
    time === undefined
      ? ''
      : time.least === time.most
        ? figure(time.least)
        : `${figure(time.least)}-${figure(time.most)}`;
  if (step.do === 'rest') return `r${lasts}${step.covered ? 'f' : ''}`;
  const until = step.until === undefined ? '' : `!${figure(step.until)}`;
  if (step.do === 'oven') {
    return `o${lasts}${step.air === undefined ? '' : `@${figure(step.air)}`}${until}`;
  }
  const heat = step.pan === undefined ? '' : `@${figure(step.pan)}`;
  const every = step.every === undefined ? '' : `/${figure(step.every)}`;
  return `p${lasts}${heat}${every}${until}${step.basted ? 'b' : ''}`;
};

/** Steps in the notation of the corpora. */
export const writeMeaning = (steps: readonly SaidStep[]): string => steps.map(wordOf).join(' ');
