export * from './cookedLegs';
export * from './cookState';
export * from './event';
export * from './forecast';
export * from './forecastResult';
export * from './guessedRun';
export * from './heatStep';
export * from './kitchenGuess';
export * from './probeHypotheses';
export {
  PRESS_OF,
  progressOf,
  type PlanFigures,
  type Progress,
  type TimedAction,
} from './progress';
export * from './random';
export * from './standing';
export * from './trueKitchen';
export * from './panSense';
export * from './readingSense';
export * from './replay';
export * from './troubleOptions';
export * from './whatIf';
export * from './practiceKitchen';
export * from './practiceScore';
export * from './hiddenKitchen';
export * from './afterTheFact';
