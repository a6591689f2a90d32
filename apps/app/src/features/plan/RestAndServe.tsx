import { memo } from 'react';
import { View } from 'react-native';
import type { CookPlan } from '@crustan/core/plan';
import { carvingAfter } from '@crustan/core/plan/carving';
import { cutOf } from '@crustan/core/plan/request';
import { mayWait, restByRule, type RestRule } from '@crustan/core/schedule';
import { formatDuration, showDuration } from '@crustan/core/units';
import { useAppSelector } from '../../store/store';
import { Text } from '../../ui/Text';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';
import { readingSentence } from '../../words/kitchenWords';

const RULES: Readonly<Record<RestRule, string>> = {
  computed: 'what the core wants',
  none: 'no rest',
  fixed: 'the fixed minutes',
  half: 'half the cooking time',
};

const COVER_COST = {
  open: 'Open on a rack: the crust stays dry.',
  loose: 'Loosely tented: a little warmer, and the crust softens some in the moist air.',
  wrapped: 'Wrapped: warmest, and the steam it keeps in softens the crust.',
} as const;

/** A whole piece at its carving, and what waiting longer costs. */
const describeCarving = (plan: CookPlan, show: Show): string => {
  const { laterPeak, restSeconds, sliceCore } = plan;
  const carved = `Carved ${formatDuration(restSeconds)} after the heat, its core is at ${show.temperature(sliceCore, 1)}.`;
  const cost =
    laterPeak === undefined
      ? `It peaked at ${show.temperature(plan.peakCore, 1)} ${formatDuration(Math.round(plan.peakAfter / 60) * 60)} after the heat, and cools from then on.`
      : `Left whole, it rises to ${show.temperature(laterPeak.celsius, 1)} at ${formatDuration(Math.round(laterPeak.after / 60) * 60)}: waiting costs ${show.difference(laterPeak.celsius - sliceCore)}.`;
  return `${carved} ${cost} ${readingSentence(plan, 'slice', show)}`;
};

/** The computed peak, when to slice and how long it may wait, against the house's rule. */
export const RestAndServe = memo(function RestAndServe({ plan }: { readonly plan: CookPlan }) {
  const show = useShow();
  const { restRule, restSeconds } = useAppSelector((state) => state.kitchen);
  const rules: readonly RestRule[] = ['computed', 'none', 'fixed', 'half'];
  const waits = mayWait(plan);
  const carve = carvingAfter(plan.request);
  return (
    <View className="gap-3">
      <Text>
        {carve !== undefined
          ? describeCarving(plan, show)
          : plan.peakAfter > 20
            ? `The core peaks at ${show.temperature(plan.peakCore, 1)}, ${formatDuration(Math.round(plan.peakAfter / 10) * 10)} after the heat. Slice from ${showDuration(plan.restSeconds)}; it may wait ${waits < 60 ? 'hardly longer' : `about ${formatDuration(Math.round(waits / 60) * 60)} more`} before it has lost ${show.difference(1.5)}. ${readingSentence(plan, 'slice', show)}`
            : `The core is at its peak as it leaves the heat: little or no rest is wanted.`}
      </Text>
      <View role="table" aria-label="Rules for the rest">
        {rules.map((rule) => {
          const { seconds, core, short } = restByRule(plan, rule, restSeconds);
          return (
            <View key={rule} role="row" className="flex-row gap-2 border-b border-salt-200 py-1">
              <Text
                role="rowheader"
                voice={rule === restRule ? 'label' : 'small'}
                className="flex-1"
              >
                {`${RULES[rule]}${rule === restRule && rule !== 'computed' ? ' (house rule)' : ''}`}
              </Text>
              <Text role="cell" voice="figure" className="w-[3.25rem]">
                {showDuration(seconds)}
              </Text>
              <Text role="cell" voice="small" className="w-[7.5rem]">
                {core === undefined || short === undefined
                  ? 'past the curve'
                  : short < 0.3
                    ? `core ${show.degrees(core, 1)}`
                    : `core ${show.degrees(core, 1)}, ${show.difference(short)} under`}
              </Text>
            </View>
          );
        })}
      </View>
      <Text voice="small">{COVER_COST[plan.request.cover]}</Text>
      <Text voice="small">
        {`Warm plates. Sliced ${cutOf(plan.request).slicing}: note the grain before the crust hides it. Finishing salt after slicing.`}
      </Text>
    </View>
  );
});
