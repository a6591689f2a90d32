import type { HeatScale, OwnStep } from './ownSteps';

const duration = (seconds: number): string =>
  seconds % 60 === 0 ? `${seconds / 60} min` : `${Math.round(seconds)} s`;

const heat = (celsius: number, scale: HeatScale): string =>
  scale === 'f' ? `${Math.round((celsius * 9) / 5 + 32)} F` : `${Math.round(celsius)} C`;

const wordsOf = (step: OwnStep, scale: HeatScale): string => {
  switch (step.do) {
    case 'turn':
      return 'turn';
    case 'rest':
      return `rest ${duration(step.seconds)}`;
    case 'oven':
      return step.air === undefined
        ? `oven ${duration(step.seconds)}`
        : `oven ${heat(step.air, scale)} ${duration(step.seconds)}`;
    case 'pan': {
      if (step.every !== undefined) {
        return `turn every ${duration(step.every)} for ${duration(step.seconds)}`;
      }
      return step.pan === undefined
        ? duration(step.seconds)
        : `pan ${heat(step.pan, scale)} ${duration(step.seconds)}`;
    }
  }
};

/** Steps as a line that `readOwnSteps` reads as the same steps, whole seconds and degrees. */
export const writeOwnSteps = (steps: readonly OwnStep[], scale: HeatScale = 'c'): string =>
  steps.map((step) => wordsOf(step, scale)).join(', ');
