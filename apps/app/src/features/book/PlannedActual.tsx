import { View } from 'react-native';
import type { CookRecord } from '@crustan/core/formats';
import type { CookState } from '@crustan/core/cook';
import type { CookPlan } from '@crustan/core/plan';
import { pullsFromOven } from '@crustan/core/plan/pullsFromOven';
import { palestBrowning } from '@crustan/core/plan/palestBrowning';
import { showDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { describeCrust, describeJudged } from '../../words/judgedWords';
import { t } from './t';

interface Props {
  readonly cook: CookRecord;
  readonly state: CookState;
  readonly replayed: CookPlan | undefined;
  /** ms since 1970. */
  readonly plannedIn: number;
}

interface Row {
  readonly name: string;
  readonly planned: string;
  readonly actual: string;
  readonly note?: string | undefined;
}

const between = (from: number | undefined, to: number | undefined): string =>
  from === undefined || to === undefined ? '–' : showDuration((to - from) / 1000);

/** Planned against actual, times and temperatures. */
export const PlannedActual = ({ cook, state, replayed, plannedIn }: Props) => {
  const show = useShow();
  const { plan } = cook.plan;
  const { inAt, pulledAt, slicedAt, turnedAt } = state;
  const clock = (ms: number | undefined): string =>
    ms === undefined ? '–' : show.clockSeconds(ms);
  const end = cook.judgement?.endTemperature;
  const rows: readonly Row[] = [
    {
      name: t('onto-the-heat'),
      planned: show.clockSeconds(plannedIn),
      actual: clock(inAt),
    },
    plan.turns.length !== 1
      ? { name: t('turns'), planned: `${plan.turns.length}`, actual: `${turnedAt.length}` }
      : {
          name: t('turned-after'),
          planned: showDuration(plan.turns[0] ?? 0),
          actual: between(inAt, turnedAt[0]),
        },
    ...(pullsFromOven(plan)
      ? [
          {
            name: t('out-of-the-oven-after'),
            planned: showDuration(plan.pullAt),
            actual: between(inAt, state.movedAt.at(-1)),
          },
        ]
      : []),
    {
      name: t('on-the-heat-in-all'),
      planned: showDuration(plan.cookSeconds),
      actual: between(inAt, pulledAt),
    },
    {
      name: t('rested'),
      planned: showDuration(plan.restSeconds),
      actual: between(pulledAt, slicedAt),
    },
    {
      name: t('core-at-the-end'),
      planned: show.degrees(plan.request.target, 1),
      actual: end === undefined ? '–' : show.degrees(end, 1),
      note: replayed
        ? t('your-times-on-the-planned-piece-and', {
            temperature: show.temperature(replayed.peakCore, 1),
          })
        : undefined,
    },
    {
      name: t('crust'),
      planned: describeCrust(palestBrowning(plan), plan.request),
      actual: describeJudged(cook.judgement?.crust),
    },
  ];
  return (
    <View role="table" aria-label={t('planned-against-actual')}>
      <View role="row" className="flex-row flex-wrap border-b border-iron-950 pb-1">
        <Text voice="note" role="columnheader" tone="text-iron-500" className="min-w-[5rem] flex-1">
          {t('what')}
        </Text>
        <Text
          voice="note"
          role="columnheader"
          tone="text-iron-500"
          className="w-[6.5rem] max-w-[50%]"
        >
          {t('planned')}
        </Text>
        <Text
          voice="note"
          role="columnheader"
          tone="text-iron-500"
          className="w-[6.5rem] max-w-[50%]"
        >
          {t('actual')}
        </Text>
      </View>
      {rows.map((row) => (
        <View key={row.name} role="row" className="border-b border-salt-200 py-2">
          <View className="flex-row flex-wrap items-baseline">
            <Text role="rowheader" className="min-w-[5rem] flex-1">
              {row.name}
            </Text>
            <Text voice="figure" role="cell" className="w-[6.5rem] max-w-[50%]">
              {row.planned}
            </Text>
            <Text voice="figure" role="cell" className="w-[6.5rem] max-w-[50%]">
              {row.actual}
            </Text>
          </View>
          {row.note === undefined ? null : (
            <Text voice="small" role="cell" tone="text-iron-500">
              {row.note}
            </Text>
          )}
        </View>
      ))}
    </View>
  );
};
