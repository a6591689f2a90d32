import { translateName } from '@crustan/messages';
import { memo, useMemo } from 'react';
import type { CookPlan } from '@crustan/core/plan';
import { cutOf } from '@crustan/core/plan/request';
import { actionsOf } from '@crustan/core/schedule';
import { formatDuration } from '@crustan/core/units';
import { useScales } from '../../store/useScales';
import type { ChartPoint } from '../../ui/CurveChart';
import { Chart } from '../../ui/Drawn';
import { useShow } from '../../words/useShow';
import { INK } from '../../ui/ink';
import { t } from './t';

/** Above this the scale is compressed, and marked from a little higher on, C. */
const COMPRESSED = { from: 80, marked: 110 } as const;

interface Props {
  readonly plan: CookPlan;
  readonly inAt: number;
  readonly cursor?: ChartPoint | undefined;
}

/** Moves worth a mark on the curves. */
const MARKED: Readonly<Record<string, string>> = {
  in: t('in-2'),
  'into-oven': t('oven-5'),
  out: t('pan-4'),
};

/** The core and the first face down over the cook and its rest, by the clock. */
export const PlanCurves = memo(function PlanCurves({ plan, inAt, cursor }: Props) {
  const show = useShow();
  const { donenessOf } = useScales();
  const { request, trace, cookSeconds, restSeconds, doneCore, peakCore } = plan;
  const chart = useMemo(() => {
    const moves = actionsOf(plan.legs, restSeconds).flatMap(({ kind, at }) => {
      const label = MARKED[kind];
      return label === undefined
        ? []
        : [{ time: at, label: `${label} ${show.clock(inAt + at * 1000)}` }];
    });
    const hottest = Math.max(...trace.surface, request.target);
    return {
      curves: [
        {
          label: t('first-face-down'),
          colour: INK.surface,
          time: trace.time,
          value: trace.surface,
        },
        { label: t('core-3'), colour: INK.iron950, time: trace.time, value: trace.core },
      ],
      level: {
        value: request.target,
        label: `${show.degrees(request.target)} ${translateName(donenessOf(cutOf(request).species, request.target).name)}`,
      },
      marks: [
        ...moves,
        {
          time: cookSeconds,
          label: t('out', {
            degrees: show.degrees(doneCore),
            clock: show.clock(inAt + cookSeconds * 1000),
          }),
        },
      ],
      shade: [cookSeconds, cookSeconds + restSeconds] as const,
      ticks: [
        [0, COMPRESSED.from, 4],
        [COMPRESSED.marked, Math.max(hottest, 150), 2],
      ] as const,
      units: show.units,
    };
  }, [plan, request, trace, cookSeconds, restSeconds, doneCore, inAt, show, donenessOf]);
  return (
    <Chart
      {...chart}
      height={240}
      cursor={cursor}
      showTemperature={show.degrees}
      says={t('core-from-to-as-it-leaves-the', {
        temperature: show.temperature(request.start),
        temperature2: show.temperature(doneCore),
        duration: formatDuration(cookSeconds),
        temperature3: show.temperature(peakCore),
        temperature4: show.temperature(COMPRESSED.from),
      })}
    />
  );
});
