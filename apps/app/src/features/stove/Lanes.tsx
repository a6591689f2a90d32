import { Pressable, View } from 'react-native';
import { showDuration } from '@crustan/core/units';
import { focused } from '../../store/stoveSlice';
import { useAppDispatch } from '../../store/store';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import type { LiveCook } from './liveCook';
import { describeAction } from './stoveWords';
import { t } from './t';

interface Props {
  readonly cooks: readonly LiveCook[];
  readonly shown: LiveCook;
}

/** Several pieces, a lane each: what comes next for it, and when. */
export const Lanes = ({ cooks, shown }: Props) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const now = useNow(1000);
  return (
    <View role="list" aria-label={t('pieces')} className="gap-1">
      {cooks.map(({ cook, plan, current }) => {
        const left = Math.round((current.dueAt - now) / 1000);
        const here = cook.id === shown.cook.id;
        const time = `${left < 0 ? '+' : ''}${showDuration(Math.abs(left))}`;
        return (
          <View key={cook.id} role="listitem">
            <Pressable
              role="button"
              aria-pressed={here}
              aria-label={`${cook.plan.title}: ${describeAction(current, plan, show)}`}
              onPress={() => dispatch(focused(cook.id))}
              className={`min-h-touch flex-row items-center gap-3 border-l-4 py-1 pl-3 ${here ? 'border-flame-dark bg-iron-900' : 'border-iron-700'}`}
            >
              <View className="flex-1">
                <Text voice="label" tone={here ? 'text-salt-50' : 'text-iron-400'}>
                  {cook.plan.title}
                </Text>
                <Text voice="small" tone="text-salt-200">
                  {describeAction(current, plan, show)}
                </Text>
              </View>
              {current.kind === 'judge' ? null : (
                <Text
                  voice="bigFigure"
                  tone={left < 0 ? 'text-flame-dark' : 'text-salt-50'}
                  style={{ fontVariant: ['tabular-nums'] }}
                >
                  {time}
                </Text>
              )}
            </Pressable>
          </View>
        );
      })}
    </View>
  );
};
