import { View } from 'react-native';
import { orderFaults, type OrderFault } from '@crustan/core/plan/orderChecks';
import type { PlanRequest } from '@crustan/core/plan/request';
import { Text } from '../../ui/Text';
import { t } from './t';

/** Description of each fault, with its correction. */
const SAY: Readonly<Record<OrderFault, string>> = {
  'cures-fish': t('salted-that-long-ahead-fish-is-cured'),
  'dried-off-salt': t('its-brine-is-out-on-the-face'),
  'no-time-to-dry': t('it-comes-wet-out-of-its-bag'),
  'towels-take-salt': t('salted-in-its-towels-they-take-the'),
  'kept-after-quick-thaw': t('food-thawed-outside-the-fridge-must-be'),
  'stands-after-warm-thaw': t('thawed-outside-the-fridge-its-outside-is'),
};

/** Faults in the order of drying, salting, thawing and tempering. */
export const OrderFaults = ({ request }: { readonly request: PlanRequest }) => {
  const faults = orderFaults(request);
  if (faults.length === 0) return null;
  return (
    <View role="note" className="gap-1">
      {faults.map((fault) => (
        <Text key={fault} voice="small">
          {SAY[fault]}
        </Text>
      ))}
    </View>
  );
};
