import { memo, useMemo } from 'react';
import { View } from 'react-native';
import type { CookPlan } from '@crustan/core/plan';
import { plateAllergens, unstatedSides } from '@crustan/core/plan/plateAllergens';
import {
  heatStartFor,
  placeSides,
  runOf,
  sharedBy,
  type PlacedSide,
  type Run,
  type StepKind,
} from '@crustan/core/schedule';
import { formatDuration } from '@crustan/core/units';
import { gearInUse } from '../../store/kitchenSlice';
import { dayOf, daysAhead } from '../../store/plateTime';
import { useAppSelector } from '../../store/store';
import { Terms } from '../../ui/Meanings';
import type { Meaning } from '../../ui/meanings/meanings';
import { Text } from '../../ui/Text';
import { containing, plateAllergenWords } from '../../words/allergenWords';
import { capital } from '../../words/cutWords';
import { formatDay, formatMoment } from '../../words/describePlate';
import type { Show } from '../../words/show';
import { stepWords } from '../../words/stepWords';
import { useShow } from '../../words/useShow';
import { LateSteps } from './LateSteps';
import { OrderFaults } from './OrderFaults';
import { RubPlaces } from './RubPlaces';
import type { RunLine } from './runLine';
import { SidesEditor } from './SidesEditor';
import { TakeAway } from './TakeAway';
import { t } from './t';

interface Props {
  readonly plan: CookPlan;
  /** ms since 1970. */
  readonly plateAt: number;
  readonly now: number;
}

/** The run: one column of clock times counted back from the plate, side dishes in their places. */
export const RunColumn = memo(function RunColumn({ plan, plateAt, now }: Props) {
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const sides = useAppSelector((state) => state.draft.sides);
  const gear = useMemo(() => gearInUse(kitchen), [kitchen]);
  const run = useMemo(() => runOf(plan, gear), [plan, gear]);
  const inAt = heatStartFor(run, plateAt);
  const lines = useMemo((): readonly RunLine[] => {
    const own = run.steps.map((step): RunLine => {
      const { does, why } = stepWords(step, plan, show, gear.pan, gear.oven.offset);
      return { key: `${step.kind}${step.at}`, at: step.at, does, why, hands: step.hands };
    });
    const beside = placeSides(run, sharedBy(plan), sides).map((placed) => sideLine(placed, show));
    return [...own, ...beside].toSorted((a, b) => a.at - b.at);
  }, [run, plan, show, gear, sides]);
  const allergens = plateAllergenWords(plateAllergens(plan.request, sides), unstatedSides(sides));
  const days = byDay(lines, inAt);
  // A run of one evening needs no day at its head, unless the evening is another one.
  const dated = days.length > 1 || daysAhead(dayOf(plateAt), now) > 0;
  return (
    <View className="gap-3">
      <Text voice="head" heading={2}>
        {t('timeline-back-from', {
          part: dated ? formatMoment(plateAt, now, show) : show.clock(plateAt),
        })}
      </Text>
      <Terms of={originsOf(run)} />
      {allergens === undefined ? null : <Text voice="small">{allergens}</Text>}
      <OrderFaults request={plan.request} />
      <RubPlaces plan={plan} />
      <LateSteps run={run} request={plan.request} gear={gear} plateAt={plateAt} now={now} />
      {days.map(({ day, of }) => (
        <View key={day} className="gap-3">
          {dated ? (
            <Text voice="strong" heading={3}>
              {capital(formatDay(inAt + (of[0]?.at ?? 0) * 1000, now))}
            </Text>
          ) : null}
          <View role="list" className="gap-3">
            {of.map((line) => (
              <Step key={line.key} line={line} clock={show.clock(inAt + line.at * 1000)} />
            ))}
          </View>
        </View>
      ))}
      <SidesEditor sides={sides} />
      <TakeAway plan={plan} plateAt={plateAt} lines={lines} inAt={inAt} />
    </View>
  );
});

/** Figures of a timeline's steps. */
const ORIGIN_OF: Partial<Readonly<Record<StepKind, Meaning>>> = {
  thaw: 'thaw',
  dry: 'drying',
  salt: 'saltDepth',
  preheat: 'warmUp',
  slice: 'rest',
  plate: 'plate',
};

/** Figures that can be asked for their origin, in the order of the steps. */
const originsOf = ({ steps }: Run): readonly Meaning[] => [
  ...new Set(steps.flatMap(({ kind }) => ORIGIN_OF[kind] ?? [])),
];

/** Lines in order, parted where another day begins. */
const byDay = (
  lines: readonly RunLine[],
  inAt: number,
): readonly { readonly day: string; readonly of: readonly RunLine[] }[] => {
  const days: { readonly day: string; readonly of: RunLine[] }[] = [];
  for (const line of lines) {
    const day = dayOf(inAt + line.at * 1000);
    const last = days.at(-1);
    if (last?.day === day) last.of.push(line);
    else days.push({ day, of: [line] });
  }
  return days;
};

const Step = ({ line, clock }: { readonly line: RunLine; readonly clock: string }) => {
  const { does, why, hands, conflict } = line;
  return (
    <View role="listitem" className="flex-row gap-3">
      <View className={clock.length > 5 ? 'w-[4.625rem]' : 'w-[3.25rem]'}>
        <Text voice="figure" numberOfLines={1}>
          {clock}
        </Text>
      </View>
      <View className={`w-1 self-stretch ${hands === 'on' ? 'bg-flame-light' : 'bg-salt-200'}`} />
      <View className="flex-1">
        <Text voice="label">{does}</Text>
        <Text voice="small" tone="text-iron-500">
          {hands === 'free' ? t('hands-free', { why }) : why}
        </Text>
        {conflict === undefined ? null : (
          <Text voice="small" role="alert">
            {conflict}
          </Text>
        )}
      </View>
    </View>
  );
};

const sideLine = ({ side, at, conflict }: PlacedSide, show: Show): RunLine => ({
  key: `side ${side.name}`,
  at,
  does: side.name,
  why: t('of-hands-then-by-itself', {
    duration: formatDuration(side.handsOn),
    duration2: formatDuration(side.handsOff),
    containing: containing(side.allergens),
  }),
  hands: 'on',
  conflict: conflict && describeConflict(conflict, show),
});

const BUSY: Readonly<Record<string, string>> = {
  in: t('laying-it-in'),
  turn: t('turning'),
  turns: t('turning'),
  slice: t('slicing'),
  butter: t('basting'),
  plate: t('plating'),
};

const describeConflict = (conflict: NonNullable<PlacedSide['conflict']>, show: Show): string => {
  switch (conflict.reason) {
    case 'hands':
      return t('your-hands-are-busy-then-make-it', {
        words: BUSY[conflict.busy] ?? t('at-the-piece'),
      });
    case 'oven':
      return t('it-wants-the-oven-is-at-for', {
        temperature: show.temperature(conflict.wanted),
        temperature2: show.temperature(conflict.set),
      });
    case 'pan':
      return t('the-pan-is-in-use-then-another');
  }
};
