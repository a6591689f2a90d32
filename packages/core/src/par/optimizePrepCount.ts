import { expected, type Chances } from './counts';

/** Costs of one piece too few and one too many, in any one currency. */
export interface ParCosts {
  /** One too few: the plate made the lesser way, or lost. */
  readonly tooFew: number;
  /** One kept to the next day. */
  readonly kept: number;
  /** One thrown away. */
  readonly wasted: number;
}

export interface ParQuestion {
  /** Probabilities of the counts on the day, and on the days after it while a piece keeps. */
  readonly demand: readonly [Chances, ...Chances[]];
  readonly costs: ParCosts;
  /** Days that a prepared piece is good for, the first included. */
  readonly shelfDays: number;
  /** Prepared pieces there are already, and the days they have been kept. */
  readonly stock?: { readonly count: number; readonly age: number } | undefined;
}

/** Prep count, and its consequences. */
export interface PrepCount {
  /** To have in all, and of these to prepare. */
  readonly ready: number;
  readonly prepare: number;
  /** Chance that more are ordered. */
  readonly chanceOut: number;
  /** Expected pieces too few, kept to the next day, and thrown away in the end. */
  readonly tooFew: number;
  readonly kept: number;
  readonly wasted: number;
  readonly cost: number;
  /** Additional cost of one more and of one fewer. */
  readonly oneMore: number;
  readonly oneFewer: number | undefined;
}

/** Pieces left over from a day, and their value until they are used or thrown away. */
interface LeftOver {
  readonly cost: number;
  readonly wasted: number;
}

/** Cost and waste of 0, 1, 2 ... pieces left after a day, by the days they have been kept. */
const leftOvers = (
  { demand, costs, shelfDays }: ParQuestion,
  most: number,
  age: number,
): readonly LeftOver[] => {
  const all = Array.from({ length: most + 1 }, (_, left) => left);
  if (age >= shelfDays) {
    return all.map((left) => ({ cost: costs.wasted * left, wasted: left }));
  }
  const next = leftOvers({ demand: shift(demand), costs, shelfDays }, most, age + 1);
  const tomorrow = demand[1] ?? demand[0];
  return all.map((left) => ({
    cost: costs.kept * left + expected(tomorrow, (n) => next[Math.max(0, left - n)].cost),
    wasted: expected(tomorrow, (n) => next[Math.max(0, left - n)].wasted),
  }));
};

const shift = ([first, ...others]: ParQuestion['demand']): ParQuestion['demand'] => {
  const [next, ...later] = others;
  return next === undefined ? [first] : [next, ...later];
};

/**
 * Number of pieces of least expected cost over the days that a piece keeps (newsvendor problem): cost of missed plates, of
 * kept pieces and of wasted pieces. The oldest pieces are used first; pieces left tomorrow replace fresh ones.
 */
export const optimizePrepCount = (question: ParQuestion): PrepCount => {
  const { demand, costs, stock = { count: 0, age: 0 } } = question;
  const [today] = demand;
  const most = Math.max(today.length, stock.count) + 1;
  const fresh = leftOvers(question, most, 1);
  const old = leftOvers(question, most, stock.age + 1);
  const at = (ready: number): Omit<PrepCount, 'oneMore' | 'oneFewer'> => {
    const tooFew = expected(today, (n) => Math.max(0, n - ready));
    const prepare = ready - stock.count;
    const oldLeft = (n: number): LeftOver => old[Math.max(0, stock.count - n)];
    const freshLeft = (n: number): LeftOver => fresh[Math.min(prepare, Math.max(0, ready - n))];
    return {
      ready,
      prepare,
      chanceOut: expected(today, (n) => (n > ready ? 1 : 0)),
      tooFew,
      kept: question.shelfDays > 1 ? expected(today, (n) => Math.max(0, ready - n)) : 0,
      wasted: expected(today, (n) => oldLeft(n).wasted + freshLeft(n).wasted),
      cost: costs.tooFew * tooFew + expected(today, (n) => oldLeft(n).cost + freshLeft(n).cost),
    };
  };
  let best = at(stock.count);
  for (let ready = stock.count + 1; ready < most; ready += 1) {
    const one = at(ready);
    if (one.cost < best.cost) best = one;
  }
  return {
    ...best,
    oneMore: best.ready + 1 <= most ? at(best.ready + 1).cost - best.cost : costs.wasted,
    oneFewer: best.prepare > 0 ? at(best.ready - 1).cost - best.cost : undefined,
  };
};
