import { createHash } from 'node:crypto';
import { keptPlan, type PlanRecord } from '@crustan/core/formats';
import { heatStartFor, runOf } from '@crustan/core/schedule';
import {
  planWay,
  type CookPlan,
  type PlanRequest,
  type PlanSpread,
  type PullWindow,
} from '@crustan/core/plan';
import { cookStore } from '../db/cookStore';
import type { Book } from '../db/book';
import { demandStore } from '../db/demandStore';
import { dishStore } from '../db/dishStore';
import { planStore } from '../db/planStore';
import { serviceStore } from '../db/serviceStore';
import { cookInTrueKitchen, type TrueCook } from './cookInTrueKitchen';
import { demoService, type DemoService } from './demoService';
import { seededRandom } from '@crustan/core/maths';
import { DEMO_COOKS, DEMO_PLANS, DEMO_TRIAL, TRUE_KITCHEN, type DemoCook } from './scenario';
import { FIRST_GEAR } from '@crustan/core/learn';
import type { Trial } from '@crustan/core/trial';
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

/** Number of days before `now` of a cook in the scenario. */
const daysAgoOf = ({ daysAgo, sunday }: DemoCook, now: number): number =>
  sunday ? daysAgo + new Date(hourOf(now, daysAgo, 12)).getDay() : daysAgo;

/** Records that the demo adds to a logbook: values, computed before the first write. */
export interface DemoRecords {
  readonly trial: Trial;
  readonly cooks: readonly DemoCookRecord[];
  readonly plans: readonly PlanRecord[];
  readonly pass: DemoService;
}

interface DemoCookRecord {
  readonly id: string;
  readonly planned: PlanRecord;
  readonly startedAt: number;
  readonly plateAt: number;
  readonly truth: TrueCook;
}

const recordOf = (
  title: string,
  { plan, window, spread }: Computed,
  plateAt: number,
  createdAt: number,
): PlanRecord => ({
  id: namedId(`plan ${title}`),
  createdAt,
  title,
  plateAt,
  plan: keptPlan(plan),
  window,
  spread: { ...spread, inputs: [...spread.inputs] },
  gear: FIRST_GEAR,
});

const idOf = ({ title }: DemoCook): string => namedId(`cook ${title}`);

const cookRecordOf = (
  cook: DemoCook,
  trial: { readonly id: string; readonly arm: number } | undefined,
  now: number,
): DemoCookRecord => {
  const computed = compute(cook.request);
  const plateAt = hourOf(now, daysAgoOf(cook, now), cook.plate);
  const id = idOf(cook);
  let serial = 0;
  const truth = cookInTrueKitchen(
    computed.plan,
    heatStartFor(runOf(computed.plan), plateAt),
    cook.notes,
    { traits: TRUE_KITCHEN, gear: FIRST_GEAR },
    seededRandom(cook.daysAgo * 7919),
    () => namedId(`${id} ${(serial += 1)}`),
  );
  const planned = recordOf(cook.title, computed, plateAt, plateAt - 6 * 3600 * 1000);
  return {
    id,
    planned: trial === undefined ? planned : { ...planned, trial },
    startedAt: plateAt - 3600 * 1000 + (trial?.arm ?? 0),
    plateAt,
    truth,
  };
};

/** Plans and cooks the whole scenario, as of `now`, ms since 1970. */
export const demoRecords = (now: number): DemoRecords => {
  const id = namedId('trial');
  const tried = DEMO_COOKS.filter(({ trial }) => trial !== undefined);
  return {
    trial: {
      id,
      createdAt: hourOf(now, tried[0]?.daysAgo ?? 0, 18),
      title: DEMO_TRIAL.title,
      kind: DEMO_TRIAL.kind,
      arms: tried.map((cook) => ({ label: cook.trial ?? '', cook: idOf(cook) })),
      tasting: { order: [1, 0], liked: [0, 0, 1, 0], opened: true },
    },
    cooks: DEMO_COOKS.map((cook) => {
      const arm = tried.indexOf(cook);
      return cookRecordOf(cook, arm === -1 ? undefined : { id, arm }, now);
    }),
    plans: DEMO_PLANS.map(({ title, plate, request }, i) => {
      // Tonight's, or tomorrow's when the hour is past.
      const tonight = hourOf(now, 0, plate);
      const plateAt = tonight > now + 3600 * 1000 ? tonight : hourOf(now, -1, plate);
      return recordOf(title, compute(request), plateAt, now - i * 60_000);
    }),
    pass: demoService(now, namedId),
  };
};

/** Writes the whole scenario into a logbook in one transaction. */
export const writeDemo = (book: Book, { trial, cooks, plans, pass }: DemoRecords): void => {
  const kept = cookStore(book);
  book.db.transaction(() => {
    trialStore(book).put(trial);
    for (const { id, planned, startedAt, plateAt, truth } of cooks) {
      kept.start(id, planned, startedAt);
      kept.addEvents(id, truth.events, plateAt);
      kept.judge(id, truth.judgement, plateAt + 600 * 1000);
    }
    for (const plan of plans) planStore(book).put(plan);
    for (const dish of pass.dishes) dishStore(book).put(dish);
    pass.demand.forEach(demandStore(book).put);
    const services = serviceStore(book);
    for (const { service, events } of pass.services) {
      services.put(service);
      services.addEvents(service.id, events, service.opensAt);
    }
  });
};

/**
 * Fills an empty logbook with the scenario: killed in between, the next start begins it again. A logbook that contains
 * anything stays unchanged.
 */
export const loadDemo = (book: Book, now = Date.now()): void => {
  if (planStore(book).list().plans.length > 0 || cookStore(book).list().cooks.length > 0) return;
  writeDemo(book, demoRecords(now));
};
