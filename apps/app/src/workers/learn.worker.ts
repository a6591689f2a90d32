import { expose } from 'comlink';
import {
  learnCrust,
  learnKitchen,
  learnLag,
  type Forgotten,
  type LearnedCrust,
  type LearnedKitchen,
  type LearnedLag,
  type LoggedCook,
} from '@crustan/core/learn';

/** What the newest cooks teach of a kitchen. */
export interface Lessons {
  readonly kitchen: LearnedKitchen;
  readonly lag: LearnedLag | undefined;
  readonly crust: LearnedCrust | undefined;
}

let wanted = 0;

/** Lets messages in. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

const service = {
  /** Learns; undefined once another question has come. `tell` hears how many runs were made. */
  learn: async (
    cooks: readonly LoggedCook[],
    forgotten: Forgotten,
    tell: (runs: number) => void,
  ): Promise<Lessons | undefined> => {
    wanted += 1;
    const mine = wanted;
    const search = learnKitchen(cooks, forgotten);
    for (let runs = 0; ; runs += 1) {
      const step = search.next();
      if (step.done === true) {
        const offset = step.value.traits.find(({ key }) => key === 'oven')?.value ?? 0;
        const lag = learnLag(cooks, offset, forgotten['lag']);
        const crust = learnCrust(cooks, step.value.traits, forgotten['crust']);
        return { kitchen: step.value, lag, crust };
      }
      tell(runs);
      await breathe();
      if (mine !== wanted) return undefined;
    }
  },
  /** Takes back what was asked. */
  drop: (): void => {
    wanted += 1;
  },
};

export type LearnService = typeof service;
expose(service);
