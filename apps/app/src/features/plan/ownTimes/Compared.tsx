import { View } from 'react-native';
import { lossOf } from '@crustan/core/heat/drip';
import type { CookPlan } from '@crustan/core/plan';
import { namedBrowning } from '@crustan/core/plan/crustComplaint';
import type { Way } from '@crustan/core/plan/way';
import { showDuration } from '@crustan/core/units';
import { Text } from '../../../ui/Text';
import { describeCrust } from '../../../words/judgedWords';
import type { Show } from '../../../words/show';
import { useShow } from '../../../words/useShow';
import { WAY_NAMES } from '../../../words/wayWords';
import { usePlanView } from '../../../workers/planLane';
import { t } from '../t';

/** Figures by which two methods are compared. */
const ROWS: readonly (readonly [string, (plan: CookPlan, show: Show) => string])[] = [
  [t('ends-at'), (plan, show) => show.degrees(plan.peakCore)],
  [t('in-all'), ({ cookSeconds }) => showDuration(cookSeconds)],
  [t('at-the-stove'), ({ stoveSeconds }) => showDuration(stoveSeconds)],
  [t('crust-2'), (plan) => describeCrust(namedBrowning(plan), plan.request)],
  [t('grey-band'), ({ greyBand }, show) => show.depth(greyBand)],
  [t('even'), ({ evenness }) => `${Math.round(100 * evenness)} %`],
  [t('loss'), (plan) => `${Math.round(100 * lossOf(plan).central)} %`],
];

/** A cook's own times beside the way that is chosen above. */
export const Compared = ({ plan, way }: { readonly plan: CookPlan; readonly way: Way }) => {
  const show = useShow();
  const { plan: other } = usePlanView(way);
  if (!other) return null;
  return (
    <View role="table" aria-label={t('beside-the-computed-way')}>
      <View role="row" className="flex-row gap-2 border-b border-iron-950 pb-1">
        <Text role="columnheader" voice="note" className="w-[5.25rem]" />
        <Text role="columnheader" voice="label" className="flex-1">
          {t('your-times')}
        </Text>
        <Text role="columnheader" voice="label" className="flex-1">
          {WAY_NAMES[way].toLowerCase()}
        </Text>
      </View>
      {ROWS.map(([name, figure]) => (
        <View key={name} role="row" className="flex-row gap-2 border-b border-salt-200 py-1">
          <Text role="rowheader" voice="small" className="w-[5.25rem]">
            {name}
          </Text>
          <Text role="cell" className="flex-1">
            {figure(plan, show)}
          </Text>
          <Text role="cell" className="flex-1">
            {figure(other, show)}
          </Text>
        </View>
      ))}
    </View>
  );
};
