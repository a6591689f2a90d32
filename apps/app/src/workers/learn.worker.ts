import { expose } from 'comlink';
import {
  learnCrust,
  learnKitchen,
  learnLag,
  type Forgotten,
  type LearnProgress,
  type LearnedCrust,
  type LearnedKitchen,
  type LearnedLag,
  type LoggedCook,
} from '@crustan/core/learn';
import { LatestSearch } from './latestSearch';

/** Calibration of a kitchen from the newest cooks. */
export interface Lessons {
  readonly kitchen: LearnedKitchen;
  readonly lag: LearnedLag | undefined;
  readonly crust: LearnedCrust | undefined;
}

const searches = new LatestSearch();

/** Everything that the newest cooks teach, one after the other. */
function* learnAll(
  cooks: readonly LoggedCook[],
  forgotten: Forgotten,
): Generator<LearnProgress, Lessons> {
  const kitchen = yield* learnKitchen(cooks, forgotten);
  const offset = kitchen.traits.find(({ key }) => key === 'oven')?.value ?? 0;
  const lag = learnLag(cooks, offset, forgotten['lag']);
  return { kitchen, lag, crust: learnCrust(cooks, kitchen.traits, forgotten['crust']) };
}

const service = {
  /** Learns; undefined once another question has come. `tell` hears how far it has come. */
  learn: (
    cooks: readonly LoggedCook[],
    forgotten: Forgotten,
    tell: (progress: LearnProgress) => void,
  ) => searches.finish(learnAll(cooks, forgotten), tell),
  /** Takes back what was asked. */
  drop: (): void => searches.drop(),
};

export type LearnService = typeof service;
expose(service);
