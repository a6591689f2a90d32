import { useMemo } from 'react';
import { View } from 'react-native';
import { RUBS } from '@crustan/core/food/rubs';
import type { CookPlan } from '@crustan/core/plan';
import { placeRubs, type PlacedRub, type RubPlace } from '@crustan/core/plan/placeRubs';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';

const WHERE: Readonly<Record<RubPlace, string>> = {
  before: 'on before the heat',
  oven: 'on as it goes into the oven, or into its tray',
  after: 'on once it is out, or after slicing',
};

const describeRub = ({ rub, place, before, there }: PlacedRub, show: Show): string => {
  const { name, bittersAt } = RUBS[rub];
  const bears = `${name} bears about ${show.degrees(bittersAt)}`;
  if (place === 'before') {
    return `${capital(name)} ${WHERE.before}: it meets ${show.degrees(there)} at most, and bears about ${show.degrees(bittersAt)}.`;
  }
  return `${capital(name)} ${WHERE[place]}: in this pan it would meet ${show.degrees(before)}, and ${bears}.`;
};

/** Time for each rub and its reason, from the surface temperature of this plan. */
export const RubPlaces = ({ plan }: { readonly plan: CookPlan }) => {
  const show = useShow();
  const { rubs } = plan.request;
  const placed = useMemo(() => (rubs ? placeRubs(plan, rubs) : []), [plan, rubs]);
  if (placed.length === 0) return null;
  return (
    <View role="list" aria-label="Rubs and spices" className="gap-1">
      {placed.map((one) => (
        <Text key={one.rub} voice="small" role="listitem">
          {describeRub(one, show)}
        </Text>
      ))}
    </View>
  );
};
