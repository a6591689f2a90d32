import { View } from 'react-native';
import { attentionChanged } from '../../store/attentionSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Terms } from '../../ui/Meanings';
import { wakeSound } from '../../ui/sound';
import { SoundMeter } from '../../ui/SoundMeter';
import { Text } from '../../ui/Text';
import type { LiveCook } from './liveCook';
import { usePanSound } from './usePanSound';
import { t } from './t';

/** Expected sound of the pan now: a quieter pan is too cool. */
export const PanSound = ({ live }: { readonly live: LiveCook }) => {
  const dispatch = useAppDispatch();
  const { sound, panSound } = useAppSelector((state) => state.attention);
  const { level, heard } = usePanSound(live);
  if (live.state.place !== 'pan' || !sound) return null;
  if (!panSound) {
    return (
      <Button
        kind="stovePlain"
        label={t('hear-how-the-pan-should-sound')}
        onPress={() => {
          wakeSound();
          dispatch(attentionChanged({ panSound: true }));
        }}
      />
    );
  }
  return (
    <View className="gap-2">
      <View className="flex-row items-center gap-3">
        <Text voice="small" tone="text-iron-400">
          {t('the-pan-should-sound-like-this')}
        </Text>
        <View className="flex-1">
          <SoundMeter says={t('how-loud-the-pan-should-be')} level={level} heard={heard} />
        </View>
        <Button
          kind="stovePlain"
          label={t('quiet')}
          onPress={() => void dispatch(attentionChanged({ panSound: false }))}
        />
      </View>
      <Text voice="note" tone="text-iron-400">
        {t('much-quieter-and-the-pan-is-too')}
      </Text>
      <Terms of={['sizzle']} onIron />
    </View>
  );
};
