import { createHash } from 'node:crypto';
import { keptPlan, type PlanRecord } from '@crustan/core/formats';
import { inAtFor, runOf } from '@crustan/core/schedule';
import {
  planWay,
  type CookPlan,
  type PlanRequest,
  type PlanSpread,
  type PullWindow,
} from '@crustan/core/plan';
import { cookStore } from '../db/cookStore';
import type { Book } from '../db/openBook';
import { planStore } from '../db/planStore';
import { cookInTrueKitchen } from './cookInTrueKitchen';
import { seededRandom } from '@crustan/core/maths';
import { DEMO_COOKS, DEMO_PLANS, DEMO_TRIAL, TRUE_KITCHEN, type DemoCook } from './scenario';
import { FIRST_GEAR } from '@crustan/core/learn';
import { trialStore } from '../db/trialStore';

interface Computed {
  readonly plan: CookPlan;
  readonly window: PullWindow;
  readonly spread: PlanSpread;
}

const compute = (request: PlanRequest): Computed => {
  let plan: CookPlan | undefined;
  let window: PullWindow | undefined;
  for (const update of planWay(request)) {
    if (update?.kind === 'plan') plan = update.plan;
    if (update?.kind === 'window') window = update.window;
    if (update?.kind === 'spread' && plan && window) return { plan, window, spread: update.spread };
  }
  throw new Error(`The demo's ${request.cut} cannot be planned.`);
};

/** A UUID that is the same for the same words, so that loading twice adds nothing twice. */
const namedId = (name: string): string => {
  const hex = createHash('sha256').update(name).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
};

/** The hour of a day before or after `now`, ms since 1970, local time. */
const hourOf = (now: number, daysAgo: number, hour: number): number => {
  const day = new Date(now);
  day.setDate(day.getDate() - daysAgo);
  day.setHours(Math.floor(hour), Math.round((hour % 1) * 60), 0, 0);
  return day.getTime();
};

/** How many days before `now` a cook of the scenario was. */
const daysAgoOf = ({ daysAgo, sunday }: DemoCook, now: number): number =>
  sunday ? daysAgo + new Date(hourOf(now, daysAgo, 12)).getDay() : daysAgo;

/** What the demo puts in the book, in order; everything is computed before anything is written. */
type Put = () => void;

/**
 * Fills an empty book with the scenario, all of it or nothing: killed on the way, the next start
 * begins it again. A book that holds anything is left alone.
 */
export const loadDemo = (book: Book, now = Date.now()): void => {
  const puts: Put[] = [];
  const plans = planStore(book);
  const cooks = cookStore(book);
  if (plans.list().length > 0 || cooks.list().cooks.length > 0) return;
  const record = (title: string, computed: Computed, plateAt: number): PlanRecord => ({
    id: namedId(`plan ${title}`),
    createdAt: plateAt - 6 * 3600 * 1000,
    title,
    plateAt,
    plan: keptPlan(computed.plan),
    window: computed.window,
    spread: { ...computed.spread, inputs: [...computed.spread.inputs] },
    gear: FIRST_GEAR,
  });

  const trialId = namedId('trial');
  const tried = DEMO_COOKS.filter(({ trial }) => trial !== undefined);
  const idOf = ({ title }: DemoCook): string => namedId(`cook ${title}`);
  puts.push(() =>
    trialStore(book).put({
      id: trialId,
      createdAt: hourOf(now, tried[0]?.daysAgo ?? 0, 18),
      title: DEMO_TRIAL.title,
      kind: DEMO_TRIAL.kind,
      arms: tried.map((cook) => ({ label: cook.trial ?? '', cook: idOf(cook) })),
      tasting: { order: [1, 0], liked: [0, 0, 1, 0], opened: true },
    }),
  );
  for (const cook of DEMO_COOKS) {
    const computed = compute(cook.request);
    const plateAt = hourOf(now, daysAgoOf(cook, now), cook.plate);
    const id = idOf(cook);
    let serial = 0;
    const truth = cookInTrueKitchen(
      computed.plan,
      inAtFor(runOf(computed.plan), plateAt),
      cook.notes,
      { traits: TRUE_KITCHEN, gear: FIRST_GEAR },
      seededRandom(cook.daysAgo * 7919),
      () => namedId(`${id} ${(serial += 1)}`),
    );
    const arm = tried.indexOf(cook);
    const planned = record(cook.title, computed, plateAt);
    puts.push(() => {
      cooks.start(
        id,
        arm === -1 ? planned : { ...planned, trial: { id: trialId, arm } },
        plateAt - 3600 * 1000 + Math.max(0, arm),
      );
      cooks.addEvents(id, truth.events, plateAt);
      cooks.judge(id, truth.judgement, plateAt + 600 * 1000);
    });
  }
  DEMO_PLANS.forEach((plan, i) => {
    // Tonight's, or tomorrow's when the hour is past.
    const tonight = hourOf(now, 0, plan.plate);
    const plateAt = tonight > now + 3600 * 1000 ? tonight : hourOf(now, -1, plan.plate);
    const kept = {
      ...record(plan.title, compute(plan.request), plateAt),
      createdAt: now - i * 60_000,
    };
    puts.push(() => plans.put(kept));
  });
  book.db.transaction(() => puts.forEach((put) => put()));
};
