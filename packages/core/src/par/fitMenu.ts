import { closedDays } from './closedDays';
import { weekdayOf, type DemandDay } from './demandDay';
import { fitDemand, type DemandFit, type DemandPrior } from './fitDemand';

/** Deviation of one dish from the whole house. Estimates. */
const DISH_WEEKDAY_DEVIATION = 0.15;
const DISH_TREND_DEVIATION = 0.03;
/** A dish with fewer days than this is expected to sell as dishes like it, within a deviation of the log. Estimates. */
const NEW_DAYS = 14;
const LIKE_IT_DEVIATION = 0.5;
const ANY_DEVIATION = 0.8;

const mean = (all: readonly number[]): number =>
  all.reduce((sum, value) => sum + value, 0) / all.length;

/**
 * Fits every dish of a house: first the weekdays and the trend of all dishes together, then the deviation of each
 * dish. Closed days are left out, and a closed weekday has no forecast.
 * @param likeIt similar dishes of each dish of the menu: a new dish without past days is fitted from them
 */
export const fitMenu = (
  history: readonly DemandDay[],
  likeIt: ReadonlyMap<string, readonly string[]> = new Map(),
): ReadonlyMap<string, DemandFit> => {
  const closed = closedDays(history);
  const totals = new Map<string, number>();
  const byDish = new Map<string, DemandDay[]>([...likeIt.keys()].map((dish) => [dish, []]));
  for (const day of history) {
    if (closed.dates.has(day.date)) continue;
    totals.set(day.date, (totals.get(day.date) ?? 0) + day.count);
    const mine = byDish.get(day.dish) ?? [];
    mine.push(day);
    byDish.set(day.dish, mine);
  }
  const house = fitDemand([...totals].map(([date, count]) => ({ date, count })));
  const prior: DemandPrior = {
    weekdays: house.weekdays,
    weekdayDeviation: DISH_WEEKDAY_DEVIATION,
    trend: house.trend,
    trendDeviation: DISH_TREND_DEVIATION,
  };
  const known = new Map(
    [...byDish].flatMap(([dish, days]) =>
      days.length < NEW_DAYS ? [] : [[dish, fitDemand(days, prior)] as const],
    ),
  );
  const levelOf = (dish: string): DemandPrior['level'] => {
    const like = (likeIt.get(dish) ?? []).flatMap((one) => known.get(one) ?? []);
    const of = like.length > 0 ? like : [...known.values()];
    if (of.length === 0) return undefined;
    const deviation = like.length > 0 ? LIKE_IT_DEVIATION : ANY_DEVIATION;
    return { centre: mean(of.map(({ level }) => level)), deviation };
  };
  const open = (fit: DemandFit): DemandFit => ({
    ...fit,
    on: (day) => (closed.weekdays[weekdayOf(day)] ? { mean: 0, dispersion: 0 } : fit.on(day)),
  });
  return new Map(
    [...byDish].flatMap(([dish, days]) => {
      const found = known.get(dish);
      if (found) return [[dish, open(found)] as const];
      const level = levelOf(dish);
      // Without past days and without any other dish a dish has no fit.
      if (days.length === 0 && level === undefined) return [];
      return [[dish, open(fitDemand(days, { ...prior, level }))] as const];
    }),
  );
};
