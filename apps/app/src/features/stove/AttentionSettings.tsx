import { View } from 'react-native';
import { attentionChanged, type Attention } from '../../store/attentionSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { beep, buzz, mayNotify, say, wakeSound } from '../../ui/attention';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';

const HEAD_STARTS = ['0', '5', '15', '30', '60'] as const;

const YES_NO = [
  { value: 'yes', label: 'On' },
  { value: 'no', label: 'Off' },
] as const;

type Toggle = Exclude<keyof Attention, 'headStart'>;
const TOGGLES: readonly (readonly [Toggle, string])[] = [
  ['sound', 'Sound'],
  ['vibration', 'Vibration'],
  ['voice', 'Say the next thing aloud'],
  ['notification', 'A note when the phone is locked away'],
  ['leftHanded', 'Buttons for the left hand'],
];

/** How the stove calls: sound, vibration, voice, and how early. */
export const AttentionSettings = () => {
  const dispatch = useAppDispatch();
  const attention = useAppSelector((state) => state.attention);
  const set = async (key: Toggle, on: boolean): Promise<void> => {
    // A browser that says no is believed.
    const granted = key !== 'notification' || !on || (await mayNotify());
    dispatch(attentionChanged({ [key]: on && granted }));
  };
  return (
    <View className="gap-4">
      {TOGGLES.map(([key, name]) => (
        <View key={key} className="flex-row items-center justify-between gap-3">
          <Text tone="text-salt-50" className="flex-1">
            {name}
          </Text>
          <Choice
            label={name}
            onIron
            value={attention[key] ? 'yes' : 'no'}
            onChange={(value) => void set(key, value === 'yes')}
            options={YES_NO}
          />
        </View>
      ))}
      <View className="gap-2">
        <Text tone="text-salt-50">Call me so long before, s</Text>
        <Choice
          label="Head start"
          onIron
          value={String(attention.headStart)}
          onChange={(value) => dispatch(attentionChanged({ headStart: Number(value) }))}
          options={HEAD_STARTS.map((value) => ({ value, label: value }))}
        />
      </View>
      <Button
        kind="stovePlain"
        label="Try it"
        onPress={() => {
          wakeSound();
          beep('now');
          buzz('now');
          if (attention.voice) say('Turn it');
        }}
      />
    </View>
  );
};
