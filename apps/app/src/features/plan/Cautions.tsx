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

const formatHours = (hours: number): string =>
  hours % 24 === 0 ? `${hours / 24} days` : `${hours} hours`;

/** Log10 reductions, limited to the range that the table supports. */
const logs = (reductions: number): string =>
  reductions > MOST_LOGS ? `over ${MOST_LOGS}` : `about ${reductions.toFixed(1)}`;

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
      <Caution lead="Lid within reach.">
        If the oil flames: heat off, lid on, never water, leave the pan where it is.
      </Caution>
      {coldest < minimum.celsius ? (
        <Caution lead={`Ends under the published ${show.temperature(minimum.celsius, 1)}.`}>
          {`That is the published minimum for ${minimum.food} (${minimum.source}). For anyone pregnant, very young, old or immune-weak, cook to the table. Local codes come first.`}
        </Caution>
      ) : null}
      {intact && mayBeTreated(species) && coldest < MINIMUMS.treated.celsius ? (
        <Text voice="small">
          {`Tenderised, injected or minced meat needs ${show.temperature(MINIMUMS.treated.celsius, 1)}: state it under the cut.`}
        </Text>
      ) : null}
      {frozenFirst(species, plan.peakCore) ? (
        <Caution lead="Only fish that has been frozen.">
          {`Under ${show.temperature(PARASITES_DIE_AT)} parasites live: ${PARASITE_FREEZING.map(
            ({ celsius, hours }) => `${show.temperature(celsius)} for ${formatHours(hours)}`,
          ).join(' or ')} first (FDA Food Code). Some farmed fish is exempt by local code.`}
        </Caution>
      ) : null}
      {kept > keeps.most ? (
        <Caution lead={`${Math.round(kept)} days raw in the fridge.`}>
          {`It keeps ${keeps.least} to ${keeps.most} at ${show.temperature(4)} or under (${keeps.source}). Throw it away on smell, slime or mould.`}
        </Caution>
      ) : null}
      {tied && coldest < minimum.celsius ? (
        <Caution lead="Rolled and tied: the surface is now inside.">
          No sear reaches it there. Codes do not treat it as whole muscle: cook to the published
          minimum.
        </Caution>
      ) : null}
      {plan.thaw && plan.thaw.warm > WARM_THAW ? (
        <Caution
          lead={`${formatDuration(Math.round(plan.thaw.warm / 60) * 60)} warm while it thaws.`}
        >
          {`Its outside is over ${show.temperature(5)} that long before the middle is thawed. In the fridge it is not; under the cold tap cook it at once.`}
        </Caution>
      ) : null}
      {plan.inRange > TWO_HOURS ? (
        <Caution lead={`${formatDuration(Math.round(plan.inRange / 60) * 60)} in the danger zone.`}>
          {`The coldest part is between ${show.temperature(5)} and ${show.temperature(60)} for over the usual two hours. Use a hotter oven or less counter time.`}
        </Caution>
      ) : (
        <Text voice="small">
          {`${formatDuration(Math.max(60, Math.round(plan.inRange / 60) * 60))} between ${show.degrees(5)} and ${show.temperature(60)}, of the two hours usually allowed.`}
        </Text>
      )}
      {(species === 'beef' || species === 'veal') && intact ? (
        <Text voice="small">
          {plan.lethality < 0.1
            ? `No reduction of Salmonella is claimed in the core, which stays under ${show.temperature(NO_CREDIT_BELOW)} or hardly passes it. Whole muscle only, its whole surface seared.`
            : `${capital(logs(plan.lethality))} log10 of Salmonella in the core${rim === undefined ? '' : `, ${logs(rim)} at the rim: sear the edges too`} (by USDA FSIS Appendix A, for whole muscle of beef; other hazards are not covered).`}
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
