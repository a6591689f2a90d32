import {
  aheadFileSchema,
  cookFileSchema,
  keptPlan,
  planFileSchema,
  problemOf,
  type Problem,
} from '@crustan/core/formats';
import { timesFileSchema } from '@crustan/core/formats/timesFile';
import { aheadOf } from '@crustan/core/formats/aheadResult';
import { PROBLEM_TYPES } from '@crustan/core/formats/problemTypes';
import { crustColour } from '@crustan/core/doneness';
import { lossOf } from '@crustan/core/heat/drip';
import { isTableFor } from '@crustan/core/safety';
import { cookResultOf } from '@crustan/core/formats/cookResult';
import {
  cutOf,
  judgeTimes,
  planWay,
  USUAL,
  waysFor,
  type CookPlan,
  type Obstacle,
  type PlanSpread,
  type PullWindow,
  type Remedy,
} from '@crustan/core/plan';
import { runToEnd } from '@crustan/core/maths';
import { heatStartFor, runOf } from '@crustan/core/schedule';
import { CUT_IDS, CUTS } from '@crustan/core/food';
import { readDinner } from '@crustan/core/phrases/readDinner';
import { z } from 'zod';
import { LANGUAGE, t } from './words';

/** Longer sentences are cut, characters. */
const LONGEST_SAID = 10_000;

/** Result of a command: JSON to print, and whether the file was refused. */
export interface Outcome {
  readonly refused: boolean;
  readonly json: unknown;
}

const withParsed = <T extends z.ZodType>(
  schema: T,
  value: unknown,
  run: (parsed: z.output<T>) => Outcome,
): Outcome => {
  const parsed = schema.safeParse(value);
  return parsed.success
    ? run(parsed.data)
    : { refused: true, json: { ...problemOf(parsed.error), title: t('not-in-range') } };
};

const printed = (json: unknown): Outcome => ({ refused: false, json });

const since = (begin: number): number => Number((performance.now() - begin).toFixed(2));

/** `crustan simulate FILE`: a crustan-cook/1 run through its stages. */
export const simulateCommand = (value: unknown): Outcome =>
  withParsed(cookFileSchema, value, (file) => {
    const begin = performance.now();
    const found = cookResultOf(file);
    if (!found.ok) return stillFrozen(found.core, found.seconds);
    return printed({
      format: 'crustan-cook-result/1',
      elapsedMs: since(begin),
      ...found.result,
    });
  });

const stillFrozen = (core: number, seconds: number): Outcome => {
  const message = t('leave-ice-in-the-middle', {
    core: core.toFixed(1),
    seconds: String(Math.round(seconds)),
  });
  const json: Problem = {
    type: PROBLEM_TYPES.outOfRange,
    title: t('not-in-range'),
    status: 400,
    detail: `stages ${message}`,
    errors: [{ path: 'stages', message }],
  };
  return { refused: true, json };
};

/** `crustan ahead FILE`: what getting a crustan-ahead/1's piece ready takes and costs. */
export const aheadCommand = (value: unknown): Outcome =>
  withParsed(aheadFileSchema, value, ({ format: _format, ...request }) => {
    const begin = performance.now();
    const result = aheadOf({ way: 'once', ...request });
    return printed({ format: 'crustan-ahead-result/1', elapsedMs: since(begin), ...result });
  });

/** Derived results of a finished plan. */
const comesTo = (plan: CookPlan) => ({
  loss: lossOf(plan),
  ...(isTableFor(cutOf(plan.request).species)
    ? { logs: { core: plan.lethality, rim: plan.rimLethality ?? plan.lethality } }
    : {}),
  // It rests with the face that was seared first up.
  crustName: plan.browning.map((index) => crustColour(index, plan.request)),
});

/** A crustan-times/1: a cook's own times judged on a piece. */
const timesOf = (value: unknown): Outcome =>
  withParsed(timesFileSchema, value, ({ format: _format, times, ...request }) => {
    const begin = performance.now();
    // Its way is that of its steps.
    const judged = runToEnd(judgeTimes({ ...request, way: 'once' }, times));
    if (!judged) return printed(undefined);
    const { plan, off, spread, mend, thickness, ranges, ends } = judged;
    return printed({
      format: 'crustan-times-result/1',
      elapsedMs: since(begin),
      steps: plan.ownSteps,
      plan: keptPlan(plan),
      off,
      spread,
      mend,
      thickness,
      ranges,
      ends,
      ...comesTo(plan),
    });
  });

const formatOf = z.looseObject({ format: z.string() });

/**
 * `crustan plan FILE`: a crustan-plan/1 solved, with its run counted back from the plate; or a
 * crustan-times/1 judged.
 */
export const planCommand = (value: unknown): Outcome =>
  formatOf.safeParse(value).data?.format === 'crustan-times/1' ? timesOf(value) : planOf(value);

const planOf = (value: unknown): Outcome =>
  withParsed(planFileSchema, value, ({ format: _format, plateAt, ...request }) => {
    const begin = performance.now();
    let plan: CookPlan | undefined;
    let window: PullWindow | undefined;
    let spread: PlanSpread | undefined;
    let obstacle: Obstacle | undefined;
    let remedies: readonly Remedy[] = [];
    for (const update of planWay(request)) {
      if (update?.kind === 'plan') plan = update.plan;
      if (update?.kind === 'window') window = update.window;
      if (update?.kind === 'spread') spread = update.spread;
      if (update?.kind === 'obstacle') obstacle = update.obstacle;
      if (update?.kind === 'obstacle' || update?.kind === 'remedies') {
        remedies = update.remedies ?? remedies;
      }
    }
    const head = { format: 'crustan-plan-result/1', elapsedMs: since(begin) };
    if (!plan) return printed({ ...head, feasible: false, obstacle, remedies });
    const run = runOf(plan);
    const inAt = plateAt === undefined ? undefined : heatStartFor(run, Date.parse(plateAt));
    const steps = run.steps.map((step) =>
      inAt === undefined ? step : { ...step, clock: new Date(inAt + step.at * 1000).toISOString() },
    );
    return printed({
      ...head,
      feasible: true,
      plan: keptPlan(plan),
      window,
      spread,
      ...comesTo(plan),
      remedies,
      run: steps,
    });
  });

/**
 * `crustan plan --say WORDS`: a dinner in a cook's own words, planned. Words that are not used are printed with the plan; a
 * sentence without a piece is refused.
 */
export const describeCommand = (words: string): Outcome => {
  const { request, hour, day, unread } = readDinner(words.slice(0, LONGEST_SAID), {
    language: LANGUAGE,
  });
  const { cut } = request;
  if (cut === undefined) {
    return withParsed(z.strictObject({ cut: z.enum(CUT_IDS) }), {}, () => printed(undefined));
  }
  const { thickness, weight, target, pan = USUAL.pan } = CUTS[cut];
  const { start, surface, cover } = USUAL;
  const [way = 'once'] = waysFor(CUTS[cut]);
  const defaults = { thickness, weight, target, pan, start, surface, cover, way };
  const asked = { format: 'crustan-plan/1', ...defaults, ...request };
  const { refused, json } = planOf(asked);
  return refused
    ? { refused, json }
    : printed({ said: { request, hour, day, unread }, plan: json });
};

/** Every command that reads a file, by its name. */
export const COMMANDS = {
  simulate: simulateCommand,
  plan: planCommand,
  ahead: aheadCommand,
} as const;

export const isCommandName = (name: string): name is keyof typeof COMMANDS =>
  Object.hasOwn(COMMANDS, name);
