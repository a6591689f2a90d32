import { useMemo } from 'react';
import { isCoreReading } from '@crustan/core/cook/event';
import { effectiveEvents } from '@crustan/core/cook/effectiveEvents';
import type { ChartPoint, Curve } from '../../ui/CurveChart';
import { Chart } from '../../ui/Drawn';
import { useShow } from '../../words/useShow';
import type { CookedArm } from './TrialArms';
import { INK } from '../../ui/ink';
import { t } from './t';

/** Inks of lines that differ by more than their colour: pairs of solid and dashed. */
const INKS = [
  INK.iron950,
  INK.flameLight,
  INK.iron500,
  INK.surface,
  INK.iron700,
  INK.flameDark,
] as const;

/** Least number of readings of a line. */
const A_LINE = 3;

/** The cores over time: planned dashed, measured solid. */
export const TrialCurves = ({ arms }: { readonly arms: readonly CookedArm[] }) => {
  const show = useShow();
  const { curves, points } = useMemo(() => {
    const loose: ChartPoint[] = [];
    const lines = arms.flatMap(({ label, cook }, i): Curve[] => {
      const colour = INKS[i % INKS.length] ?? INKS[0];
      const effective = effectiveEvents(cook.events);
      const inAt = effective.find(({ kind }) => kind === 'in')?.at;
      const seen =
        inAt === undefined
          ? []
          : effective.flatMap((event) =>
              event.kind === 'reading' && isCoreReading(event) && event.at >= inAt
                ? [{ time: (event.at - inAt) / 1000, value: event.celsius }]
                : [],
            );
      if (seen.length < A_LINE) loose.push(...seen);
      const { time, core } = cook.plan.plan.trace;
      return [
        { label: t('planned-2', { label }), colour, dashed: true, time, value: core },
        ...(seen.length < A_LINE
          ? []
          : [
              {
                label: t('measured-2', { label }),
                colour,
                time: seen.map((point) => point.time),
                value: seen.map((point) => point.value),
              },
            ]),
      ];
    });
    return { curves: lines, points: loose };
  }, [arms]);
  const target = arms[0]?.cook.plan.plan.request.target ?? 0;
  return (
    <Chart
      height={240}
      curves={curves}
      points={points}
      level={{ value: target, label: t('wanted', { degrees: show.degrees(target) }) }}
      marks={[{ time: 0, label: t('in-2') }]}
      units={show.units}
      showTemperature={(celsius) => show.degrees(celsius)}
      says={t('core-curves-of', {
        map: arms
          .map(({ label, cook }) =>
            t('planned-to-end-at', {
              label,
              temperature: show.temperature(cook.plan.plan.peakCore),
            }),
          )
          .join('; '),
      })}
    />
  );
};
