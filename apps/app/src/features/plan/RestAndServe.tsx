import { translateName } from '@crustan/messages';
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
import { t } from './t';

const RULES: Readonly<Record<RestRule, string>> = {
  computed: t('what-the-core-wants'),
  none: t('no-rest'),
  fixed: t('the-fixed-minutes'),
  half: t('half-the-cooking-time'),
};

const COVER_COST = {
  open: t('open-on-a-rack-the-crust-stays'),
  loose: t('loosely-tented-a-little-warmer-and-the'),
  wrapped: t('wrapped-warmest-and-the-steam-it-keeps'),
} as const;

/** A whole piece at its carving, and what waiting longer costs. */
const describeCarving = (plan: CookPlan, show: Show): string => {
  const { laterPeak, restSeconds, sliceCore } = plan;
  const carved = t('carved-after-the-heat-its-core-is', {
    duration: formatDuration(restSeconds),
    temperature: show.temperature(sliceCore, 1),
  });
  const cost =
    laterPeak === undefined
      ? t('it-peaked-at-after-the-heat-and', {
          temperature: show.temperature(plan.peakCore, 1),
          duration: formatDuration(Math.round(plan.peakAfter / 60) * 60),
        })
      : t('left-whole-it-rises-to-at-waiting', {
          temperature: show.temperature(laterPeak.celsius, 1),
          duration: formatDuration(Math.round(laterPeak.after / 60) * 60),
          difference: show.difference(laterPeak.celsius - sliceCore),
        });
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
            ? t('the-core-peaks-at-after-the-heat', {
                temperature: show.temperature(plan.peakCore, 1),
                duration: formatDuration(Math.round(plan.peakAfter / 10) * 10),
                duration2: showDuration(plan.restSeconds),
                part:
                  waits < 60
                    ? t('hardly-longer')
                    : t('about-more', { duration: formatDuration(Math.round(waits / 60) * 60) }),
                difference: show.difference(1.5),
                readingSentence: readingSentence(plan, 'slice', show),
              })
            : t('the-core-is-at-its-peak-as')}
      </Text>
      <View role="table" aria-label={t('rules-for-the-rest')}>
        {rules.map((rule) => {
          const { seconds, core, short } = restByRule(plan, rule, restSeconds);
          return (
            <View key={rule} role="row" className="flex-row gap-2 border-b border-salt-200 py-1">
              <Text
                role="rowheader"
                voice={rule === restRule ? 'label' : 'small'}
                className="flex-1"
              >
                {`${RULES[rule]}${rule === restRule && rule !== 'computed' ? t('house-rule') : ''}`}
              </Text>
              <Text role="cell" voice="figure" className="w-[3.25rem]">
                {showDuration(seconds)}
              </Text>
              <Text role="cell" voice="small" className="w-[7.5rem]">
                {core === undefined || short === undefined
                  ? t('past-the-curve')
                  : short < 0.3
                    ? t('core-2', { degrees: show.degrees(core, 1) })
                    : t('core-under', {
                        degrees: show.degrees(core, 1),
                        difference: show.difference(short),
                      })}
              </Text>
            </View>
          );
        })}
      </View>
      <Text voice="small">{COVER_COST[plan.request.cover]}</Text>
      <Text voice="small">
        {t('warm-plates-sliced-note-the-grain-before', {
          slicing: translateName(cutOf(plan.request).slicing),
        })}
      </Text>
      <Text voice="small">{t('keep-raw-and-done-apart')}</Text>
    </View>
  );
});
