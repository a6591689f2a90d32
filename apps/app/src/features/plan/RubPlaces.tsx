import { useMemo } from 'react';
import { View } from 'react-native';
import { RUBS } from '@crustan/core/food/rubs';
import type { CookPlan } from '@crustan/core/plan';
import { placeRubs, type PlacedRub, type RubPlace } from '@crustan/core/plan/placeRubs';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';
import { t } from './t';

const WHERE: Readonly<Record<RubPlace, string>> = {
  before: t('on-before-the-heat'),
  oven: t('on-as-it-goes-into-the-oven'),
  after: t('on-once-it-is-out-or-after'),
};

const describeRub = ({ rub, place, before, there }: PlacedRub, show: Show): string => {
  const { name, bittersAt } = RUBS[rub];
  const bears = t('bears-about', { name, degrees: show.degrees(bittersAt) });
  if (place === 'before') {
    return t('it-meets-at-most-and-bears-about', {
      name: capital(name),
      before: WHERE.before,
      degrees: show.degrees(there),
      degrees2: show.degrees(bittersAt),
    });
  }
  return t('in-this-pan-it-would-meet-and', {
    name: capital(name),
    words: WHERE[place],
    degrees: show.degrees(before),
    bears,
  });
};

/** Time for each rub and its reason, from the surface temperature of this plan. */
export const RubPlaces = ({ plan }: { readonly plan: CookPlan }) => {
  const show = useShow();
  const { rubs } = plan.request;
  const placed = useMemo(() => (rubs ? placeRubs(plan, rubs) : []), [plan, rubs]);
  if (placed.length === 0) return null;
  return (
    <View role="list" aria-label={t('rubs-and-spices')} className="gap-1">
      {placed.map((one) => (
        <Text key={one.rub} voice="small" role="listitem">
          {describeRub(one, show)}
        </Text>
      ))}
    </View>
  );
};
