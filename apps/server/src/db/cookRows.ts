import {
  cookLineSchema,
  judgementSchema,
  weighedLoss,
  type CookLine,
  type Judgement,
  type PlanRecord,
} from '@crustan/core/formats';
import { progressOf, effectiveEvents, type CookEvent } from '@crustan/core/cook';
import { cutOf } from '@crustan/core/plan';
import type { cooks, judgements } from './schema';

export type CookRow = typeof cooks.$inferSelect;
export type JudgementRow = typeof judgements.$inferSelect;

export const toJudgement = (row: JudgementRow): Judgement => {
  const detail: unknown = row.detail === null ? {} : JSON.parse(row.detail);
  const { endTemperature, crust, again, weightBefore, weightAfter, paid, notes } = row;
  const said = { endTemperature, crust, again, weightBefore, weightAfter, paid };
  return judgementSchema.parse({
    ...Object.fromEntries(Object.entries(said).filter(([, value]) => value !== null)),
    ...(typeof detail === 'object' ? detail : {}),
    notes,
  });
};

export const judgementRow = (cookId: string, judgement: Judgement, at: number): JudgementRow => {
  const { endTemperature, crust, again, weightBefore, weightAfter, paid, notes, ...rest } =
    judgement;
  const detail = JSON.stringify(rest);
  return {
    cookId,
    endTemperature: endTemperature ?? null,
    crust: crust ?? null,
    notes,
    judgedAt: at,
    again: again ?? null,
    weightBefore: weightBefore ?? null,
    weightAfter: weightAfter ?? null,
    paid: paid ?? null,
    detail: detail === '{}' ? null : detail,
  };
};

/** Columns of a plan that lists need. */
export const plannedColumns = ({ plan, trial }: PlanRecord) => {
  const { request, cookSeconds, pullAt } = plan;
  return {
    target: request.target,
    cookSeconds,
    pullAt,
    cut: request.cut,
    own: request.own?.name ?? null,
    way: request.way,
    thickness: request.thickness,
    weight: request.weight,
    pan: request.pan,
    learned: request.learned !== undefined,
    trial: trial?.id ?? null,
  };
};

/** Frequent kinds of events; they change no column of lists. */
export const SAYS_NOTHING_TO_LISTS: readonly CookEvent['kind'][] = ['reading', 'note'];
export const tellsLists = ({ kind }: CookEvent): boolean => !SAYS_NOTHING_TO_LISTS.includes(kind);

/** Columns of events that lists need, from the events that affect them. */
export const happenedColumns = (plan: PlanRecord['plan'], made: readonly CookEvent[]) => {
  const effective = effectiveEvents(made);
  const first = (kind: CookEvent['kind']): number | undefined =>
    effective.find((event) => event.kind === kind)?.at;
  const [inAt, pulledAt, slicedAt] = [first('in'), first('pulled'), first('sliced')];
  const cooked = inAt !== undefined && pulledAt !== undefined && pulledAt >= inAt;
  const decided = cooked ? progressOf(plan, inAt, effective).decidedAt : undefined;
  return {
    actualSeconds: cooked ? (pulledAt - inAt) / 1000 : null,
    actualPull: cooked && decided !== undefined ? (decided - inAt) / 1000 : null,
    slicedAt: slicedAt ?? null,
  };
};

/** Text by which a cook is found, in small letters. */
export const searchOf = ({ title, plan }: PlanRecord, notes = ''): string =>
  [title, cutOf(plan.request).name, plan.request.cut, notes].join('\n').toLowerCase();

type Listed = Omit<CookRow, 'plan' | 'waits' | 'search' | 'deletedAt' | 'pending'>;

/** One line of the logbook; null columns are left out. */
export const toLine = (
  row: Listed,
  judged: JudgementRow | null | undefined,
  hasPhoto: boolean,
): CookLine => {
  const { slicedAt, learned, ...line } = row;
  const loss = judged
    ? weighedLoss({
        ...(judged.weightBefore === null ? {} : { weightBefore: judged.weightBefore }),
        ...(judged.weightAfter === null ? {} : { weightAfter: judged.weightAfter }),
      })
    : undefined;
  const found = {
    ...line,
    endTemperature: judged?.endTemperature,
    crust: judged?.crust,
    again: judged?.again,
    paid: judged?.paid,
    loss,
    learned: learned === true ? true : undefined,
    photo: hasPhoto ? true : undefined,
  };
  return cookLineSchema.parse({
    ...Object.fromEntries(
      Object.entries(found).filter(([, value]) => value !== null && value !== undefined),
    ),
    finished: slicedAt !== null,
  });
};
