import { View } from 'react-native';
import { orderFaults, type OrderFault } from '@crustan/core/plan/orderChecks';
import type { PlanRequest } from '@crustan/core/plan/request';
import { Text } from '../../ui/Text';

/** Description of each fault, with its correction. */
const SAY: Readonly<Record<OrderFault, string>> = {
  'cures-fish':
    'Salted that long ahead, fish is cured: firm and salt right through. Salt it a quarter of an hour before, or at the pan.',
  'dried-off-salt':
    'Its brine is out on the face by then, and patting it dry takes the salt along. Salt it at the pan, or three quarters of an hour ahead and more.',
  'no-time-to-dry':
    'It comes wet out of its bag, and nothing dries it in the fridge: leave it open in the fridge overnight, or pat it dry.',
  'towels-take-salt':
    'Salted in its towels, they take the brine and the salt with it: dry it first and salt at the pan, or dry it salted on a rack.',
  'kept-after-quick-thaw':
    'Food thawed outside the fridge must be cooked at once. Thaw it in the fridge, or salt at the pan.',
  'stands-after-warm-thaw':
    'Thawed outside the fridge its outside is warm already: straight in, no more standing.',
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
