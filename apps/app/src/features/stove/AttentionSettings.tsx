import { View } from 'react-native';
import { attentionChanged, type Attention } from '../../store/attentionSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { mayNotify, say } from '../../ui/attention';
import { beep, buzz, type Call } from '../../ui/calls';
import { setVolume, wakeSound } from '../../ui/sound';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Slider } from '../../ui/Slider';
import { Text } from '../../ui/Text';
import { t } from './t';

const HEAD_STARTS = ['0', '5', '15', '30', '60'] as const;

const YES_NO = [
  { value: 'yes', label: t('on') },
  { value: 'no', label: t('off') },
] as const;

type Toggle = Exclude<keyof Attention, 'headStart' | 'volume'>;
const TOGGLES: readonly (readonly [Toggle, string])[] = [
  ['sound', t('sound')],
  ['panSound', t('how-the-pan-should-sound')],
  ['vibration', t('vibration')],
  ['voice', t('say-the-next-thing-aloud')],
  ['notification', t('a-note-when-the-phone-is-locked')],
  ['leftHanded', t('buttons-for-the-left-hand')],
  ['wetHands', t('wet-hands-larger-nothing-to-scroll')],
];

/** Each call to be tried, so that it is known when it comes. */
const TRIED: readonly (readonly [Call, string])[] = [
  ['soon', t('soon')],
  ['turn', t('turn')],
  ['move', t('move')],
  ['out', t('out')],
  ['next', t('next')],
  ['trouble', t('trouble')],
];

/** Settings of calls at the stove: sound, vibration, voice, and lead time. */
export const AttentionSettings = () => {
  const dispatch = useAppDispatch();
  const attention = useAppSelector((state) => state.attention);
  const set = async (key: Toggle, on: boolean): Promise<void> => {
    if (key === 'sound' || key === 'panSound') wakeSound();
    // A browser that says no is believed.
    const granted = key !== 'notification' || !on || (await mayNotify());
    dispatch(attentionChanged({ [key]: on && granted }));
  };
  const tryIt = (call: Call, name: string): void => {
    wakeSound();
    setVolume(attention.volume);
    if (attention.sound) beep(call);
    if (attention.vibration) buzz(call);
    if (attention.voice) say(name);
  };
  return (
    <View className="gap-4">
      {TOGGLES.map(([key, name]) => (
        <View key={key} className="flex-row flex-wrap items-center justify-between gap-3">
          <Text tone="text-salt-50" className="min-w-[8rem] flex-1">
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
      <View className="gap-1">
        <Text tone="text-salt-50">
          {t('volume', { value: Math.round(100 * attention.volume) })}
        </Text>
        <Slider
          label={t('volume-2')}
          value={Math.round(100 * attention.volume)}
          least={0}
          most={100}
          step={5}
          says={t('per-cent', { value: Math.round(100 * attention.volume) })}
          onChange={(share) => dispatch(attentionChanged({ volume: share / 100 }))}
        />
      </View>
      <View className="gap-2">
        <Text tone="text-salt-50">{t('call-me-this-long-before-s')}</Text>
        <Choice
          label={t('head-start')}
          onIron
          value={String(attention.headStart)}
          onChange={(value) => dispatch(attentionChanged({ headStart: Number(value) }))}
          options={HEAD_STARTS.map((value) => ({ value, label: value }))}
        />
      </View>
      <Text tone="text-salt-50">{t('try-the-calls')}</Text>
      <View className="flex-row flex-wrap gap-2">
        {TRIED.map(([call, name]) => (
          <View key={call} className="min-w-[30%] flex-1">
            <Button kind="stovePlain" label={name} onPress={() => tryIt(call, name)} />
          </View>
        ))}
      </View>
    </View>
  );
};
