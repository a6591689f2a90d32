import type { CookState } from '@crustan/core/cook/cookState';
import type { CookPlan } from '@crustan/core/plan';
import type { KeptPlan } from '@crustan/core/formats';
import type { ChartPoint, Curve } from '../../ui/CurveChart';
import type { Show } from '../../words/show';
import { INK } from '../../ui/ink';
import { t } from './t';

interface Input {
  readonly plan: KeptPlan;
  readonly state: Pick<CookState, 'inAt' | 'readings'>;
  readonly replayed: Pick<CookPlan, 'trace' | 'peakCore'> | undefined;
  readonly show: Show;
}

interface Drawn {
  readonly curves: readonly Curve[];
  readonly points: readonly ChartPoint[];
  /** The chart as a sentence. */
  readonly says: string;
}

/** Number of readings from which they are drawn as a line of their own. */
const A_LINE = 8;
/** Points said one by one to who cannot see them. */
const SAID = 6;

/** Planned, simulated with the times kept, and measured: the core over the cook. */
export const cookCurves = ({ plan, state, replayed, show }: Input): Drawn => {
  const { inAt } = state;
  const seen: readonly ChartPoint[] =
    inAt === undefined
      ? []
      : state.readings
          .map(({ at, celsius }) => ({ time: (at - inAt) / 1000, value: celsius }))
          .filter(({ time }) => time >= 0)
          .toSorted((a, b) => a.time - b.time);
  const line = seen.length >= A_LINE;
  const last = seen.at(-1);
  const measured = line
    ? t('measured-times-last', {
        seenCount: seen.length,
        temperature: show.temperature(last?.value ?? 0, 1),
      })
    : t('readings', {
        value:
          seen
            .slice(-SAID)
            .map(({ value }) => show.temperature(value, 1))
            .join(', ') || t('none'),
      });
  return {
    curves: [
      {
        label: t('planned-3'),
        colour: INK.surface,
        dashed: true,
        time: plan.trace.time,
        value: plan.trace.core,
      },
      ...(replayed
        ? [
            {
              label: t('your-times-simulated'),
              colour: INK.iron950,
              time: replayed.trace.time,
              value: replayed.trace.core,
            },
          ]
        : []),
      ...(line
        ? [
            {
              label: t('measured'),
              colour: INK.flameLight,
              time: seen.map(({ time }) => time),
              value: seen.map(({ value }) => value),
            },
          ]
        : []),
    ],
    points: line ? [] : seen,
    says: t('planned-core-curve-to', {
      temperature: show.temperature(plan.peakCore),
      part: replayed
        ? t('with-your-times-the-model-ends-at', {
            temperature: show.temperature(replayed.peakCore),
          })
        : '',
      measured,
    }),
  };
};
