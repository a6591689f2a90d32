import { translateName } from '@crustan/messages';
import { memo } from 'react';
import { View } from 'react-native';
import type { CookPlan } from '@crustan/core/plan';
import { minimumOf } from '@crustan/core/plan/minimumOf';
import { plateAllergens, unstatedSides } from '@crustan/core/plan/plateAllergens';
import { cutOf } from '@crustan/core/plan/request';
import {
  frozenFirst,
  KEEPS_RAW,
  mayBeTreated,
  MINIMUMS,
  MOST_LOGS,
  NO_CREDIT_BELOW,
  PARASITE_FREEZING,
  PARASITES_DIE_AT,
} from '@crustan/core/safety';
import { formatDuration } from '@crustan/core/units';
import { useAppSelector } from '../../store/store';
import { Caution } from '../../ui/Caution';
import { Terms } from '../../ui/Meanings';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { plateAllergenWords } from '../../words/allergenWords';
import { useShow } from '../../words/useShow';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

const formatHours = (hours: number): string =>
  hours % 24 === 0 ? t('days', { value: hours / 24 }) : t('hours', { hours });

/** Log10 reductions, limited to the range that the table supports. */
const logs = (reductions: number): string =>
  reductions > MOST_LOGS
    ? t('over', { mostLogs: MOST_LOGS })
    : t('about', { reductions: formatFixed(reductions, 1) });

/** Time between fridge and hot holding that the two-hour rule allows, s. */
const TWO_HOURS = 7200;
/** Longest time above 5 C during a thaw, s. */
const WARM_THAW = 3600;

/** Days that a request keeps the piece raw in the fridge: salted or dried, whichever is longer. */
const daysKept = ({ saltAhead, surface, airing }: CookPlan['request']): number =>
  Math.max(saltAhead, surface === 'aired' ? (airing?.seconds ?? 0) : 0) / 86_400;

/** Hazards at the plan: fire, the table's minimum, parasites, time, allergens. */
export const Cautions = memo(function Cautions({ plan }: { readonly plan: CookPlan }) {
  const show = useShow();
  const { species, tied } = cutOf(plan.request);
  const minimum = minimumOf(plan.request);
  const sides = useAppSelector((state) => state.draft.sides);
  const intact = plan.request.treated === undefined;
  const allergens = plateAllergenWords(plateAllergens(plan.request, sides), unstatedSides(sides));
  // The rim is mentioned where it had less than the core, and less than the table supports.
  const rim =
    (plan.rimLethality ?? Infinity) < Math.min(plan.lethality, MOST_LOGS)
      ? plan.rimLethality
      : undefined;
  const coldest = Math.min(plan.peakCore, plan.coldestPeak ?? Infinity);
  const keeps = KEEPS_RAW[species];
  const kept = daysKept(plan.request);
  return (
    <View className="gap-2">
      <Caution lead={t('lid-within-reach')}>{t('if-the-oil-flames-heat-off-lid')}</Caution>
      {coldest < minimum.celsius ? (
        <Caution
          lead={t('ends-under-the-published', {
            temperature: show.temperature(minimum.celsius, 1),
          })}
        >
          {t('that-is-the-published-minimum-for-for', {
            food: translateName(minimum.food),
            held:
              minimum.holdSeconds > 0
                ? t('held-there-or-rested-for', { duration: formatDuration(minimum.holdSeconds) })
                : '',
            source: translateName(minimum.source),
          })}
        </Caution>
      ) : null}
      {intact && mayBeTreated(species) && coldest < MINIMUMS.treated.celsius ? (
        <Text voice="small">
          {t('tenderised-injected-or-minced-meat-needs', {
            temperature: show.temperature(MINIMUMS.treated.celsius, 1),
          })}
        </Text>
      ) : null}
      {frozenFirst(species, plan.peakCore) ? (
        <Caution lead={t('only-fish-that-has-been-frozen')}>
          {t('under-parasites-live-first-fda-food-code', {
            temperature: show.temperature(PARASITES_DIE_AT),
            map: PARASITE_FREEZING.map(({ celsius, hours }) =>
              t('for', { temperature: show.temperature(celsius), hours: formatHours(hours) }),
            ).join(t('or')),
          })}
        </Caution>
      ) : null}
      {kept > keeps.most ? (
        <Caution lead={t('days-raw-in-the-fridge', { kept: Math.round(kept) })}>
          {t('it-keeps-to-at-or-under-throw', {
            least: keeps.least,
            most: keeps.most,
            temperature: show.temperature(4),
            source: translateName(keeps.source),
          })}
        </Caution>
      ) : null}
      {tied && coldest < minimum.celsius ? (
        <Caution lead={t('rolled-and-tied-the-surface-is-now')}>
          {t('no-sear-reaches-it-there-codes-do')}
        </Caution>
      ) : null}
      {plan.thaw && plan.thaw.warm > WARM_THAW ? (
        <Caution
          lead={t('warm-while-it-thaws', {
            duration: formatDuration(Math.round(plan.thaw.warm / 60) * 60),
          })}
        >
          {t('its-outside-is-over-that-long-before', { temperature: show.temperature(5) })}
        </Caution>
      ) : null}
      {plan.inRange > TWO_HOURS ? (
        <Caution
          lead={t('in-the-danger-zone', {
            duration: formatDuration(Math.round(plan.inRange / 60) * 60),
          })}
        >
          {t('the-coldest-part-is-between-and-for', {
            temperature: show.temperature(5),
            temperature2: show.temperature(60),
          })}
        </Caution>
      ) : (
        <Text voice="small">
          {t('between-and-of-the-two-hours-usually', {
            duration: formatDuration(Math.max(60, Math.round(plan.inRange / 60) * 60)),
            degrees: show.degrees(5),
            temperature: show.temperature(60),
          })}
        </Text>
      )}
      {(species === 'beef' || species === 'veal') && intact ? (
        <Text voice="small">
          {plan.lethality < 0.1
            ? t('no-reduction-of-salmonella-is-claimed-in', {
                temperature: show.temperature(NO_CREDIT_BELOW),
              })
            : t('log10-of-salmonella-in-the-core-by', {
                logs: capital(logs(plan.lethality)),
                part:
                  rim === undefined ? '' : t('at-the-rim-sear-the-edges-too', { logs: logs(rim) }),
              })}
        </Text>
      ) : null}
      {allergens === undefined ? null : (
        <Text voice="small" testID="allergens">
          {allergens}
        </Text>
      )}
      <Terms of={['minimum', 'lethality']} />
    </View>
  );
});
