import { View } from 'react-native';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import type { LiveCook } from './liveCook';
import { describeAction } from './stoveWords';
import { t } from './t';

/** As many as stand beside a curve. */
const MOST = 6;

/** Remaining steps, if there is room beside the cook. */
export const StepsLeft = ({ live: { state, plan } }: { readonly live: LiveCook }) => {
  const show = useShow();
  const left = state.left.filter(({ kind }) => kind !== 'judge').slice(0, MOST);
  if (left.length === 0) return null;
  return (
    <View className="gap-2">
      <Text voice="head" tone="text-salt-50" heading={2}>
        {t('to-come')}
      </Text>
      <View role="list" aria-label={t('to-come')}>
        {left.map((step) => (
          <View
            key={`${step.kind} ${step.leg ?? ''} ${step.turn ?? ''}`}
            role="listitem"
            className="flex-row flex-wrap gap-x-4 border-t border-iron-700 py-2"
          >
            <Text
              voice="figure"
              tone="text-iron-400"
              className="w-[5.25rem]"
              style={{ fontVariant: ['tabular-nums'] }}
            >
              {show.clockSeconds(step.dueAt)}
            </Text>
            <Text voice="figure" tone="text-salt-50" className="min-w-[6rem] flex-1">
              {describeAction(step, plan, show)}
            </Text>
          </View>
        ))}
      </View>
    </View>
  );
};
