import { z } from 'zod';
import {
  CRUNCH_FELT,
  CRUST_SEEN,
  GREY_BAND_SEEN,
  greyDepthsSchema,
  JUICE_SEEN,
  judgementSchema,
  SEASONING_TASTED,
  TENDERNESS_FELT,
  WOULD_COOK_AGAIN,
  type Judgement,
} from '@crustan/core/formats/judgementSchema';
import { UNITS, type UnitSystem } from '@crustan/core/units';
import { t } from '../t';

const figure = (text: string): number => Number(text.trim().replace(',', '.'));

/** Valid range of a line of the form, in words. */
const rangeOf = (name: 'end' | 'before' | 'after' | 'paid', units: UnitSystem): string => {
  const { temperature, weight } = UNITS[units];
  if (name === 'end') {
    return t('an-end-temperature-lies-from-to-or', {
      fromSi: temperature.fromSi(0),
      fromSi2: temperature.fromSi(120),
      symbol: temperature.symbol,
    });
  }
  if (name === 'paid') return t('what-it-cost-is-a-figure-from');
  return t('a-weight-lies-from-to-or-leave', {
    fromSi: weight.fromSi(0.02).toFixed(weight.decimals),
    fromSi2: weight.fromSi(5).toFixed(weight.decimals),
    symbol: weight.symbol,
  });
};

const optional = <const T extends readonly string[]>(values: T) => z.enum(values).optional();

/** The form as typed; parsing turns it into the message, in SI. */
export const judgeSchema = (units: UnitSystem) =>
  z
    .object({
      end: z.string(),
      before: z.string(),
      after: z.string(),
      paid: z.string(),
      doneness: z.string().optional(),
      crust: optional(CRUST_SEEN),
      crunch: optional(CRUNCH_FELT),
      greyBand: optional(GREY_BAND_SEEN),
      greyDepths: greyDepthsSchema.optional(),
      juice: optional(JUICE_SEEN),
      tenderness: optional(TENDERNESS_FELT),
      seasoning: optional(SEASONING_TASTED),
      again: optional(WOULD_COOK_AGAIN),
      notes: z.string().max(2000, t('notes-may-be-2000-letters-long')),
    })
    .transform(({ end, before, after, paid, ...rest }, context): Judgement => {
      const { temperature, weight } = UNITS[units];
      const typed = {
        end: ['endTemperature', temperature.toSi, end],
        before: ['weightBefore', weight.toSi, before],
        after: ['weightAfter', weight.toSi, after],
        paid: ['paid', (value: number) => value, paid],
      } as const;
      const given = Object.values(typed).flatMap(([key, toSi, text]) =>
        text.trim() === '' ? [] : [[key, toSi(figure(text))] as const],
      );
      const words = Object.fromEntries(
        Object.entries(rest).filter(([, value]) => value !== undefined && value !== ''),
      );
      const judged = judgementSchema.safeParse({
        ...words,
        notes: rest.notes,
        ...Object.fromEntries(given),
      });
      if (judged.success) {
        if ((judged.data.weightAfter ?? 0) <= (judged.data.weightBefore ?? Infinity)) {
          return judged.data;
        }
        context.addIssue({
          code: 'custom',
          path: ['after'],
          message: t('it-cannot-weigh-more-rested-than-raw'),
        });
        return z.NEVER;
      }
      const wrong = judged.error.issues[0]?.path[0];
      const line = (['end', 'before', 'after', 'paid'] as const).find(
        (name) => typed[name][0] === wrong,
      );
      context.addIssue({
        code: 'custom',
        path: [line ?? 'notes'],
        message: line ? rangeOf(line, units) : (judged.error.issues[0]?.message ?? ''),
      });
      return z.NEVER;
    });

export type TypedJudgement = z.input<ReturnType<typeof judgeSchema>>;

/** Judgement that was saved before, as typed text. */
export const typedOf = (said: Judgement | undefined, units: UnitSystem): TypedJudgement => {
  const { temperature, weight } = UNITS[units];
  const { endTemperature, weightBefore, weightAfter, paid, ...rest } = said ?? { notes: '' };
  const text = (value: number | undefined, unit: typeof weight, decimals: number): string =>
    value === undefined ? '' : String(Number(unit.fromSi(value).toFixed(decimals)));
  return {
    ...rest,
    end: text(endTemperature, temperature, 1),
    before: text(weightBefore, weight, Math.max(1, weight.decimals)),
    after: text(weightAfter, weight, Math.max(1, weight.decimals)),
    paid: paid === undefined ? '' : String(paid),
  };
};
