import { useState } from 'react';
import { Pressable, type GestureResponderEvent } from 'react-native';
import { Text } from './Text';
import { t } from '../t';

interface Props {
  readonly label: string;
  /** Whether a slip would cost: the finger stays on it then. */
  readonly hold: boolean;
  readonly onPress: () => void;
  readonly testID?: string;
}

/** Duration of the hold, ms: longer than an accidental touch, short enough not to delay. */
const HOLDS = 600;

/** A click that no finger made: a key, or a screen reader. */
const byKey = ({ nativeEvent }: GestureResponderEvent): boolean =>
  'detail' in nativeEvent && nativeEvent.detail === 0;

/** The one big button for wet hands; where a slip costs it wants to be held. */
export const HoldButton = ({ label, hold, onPress, testID }: Props) => {
  const [short, setShort] = useState(false);
  return (
    <Pressable
      role="button"
      testID={testID}
      delayLongPress={HOLDS}
      onPress={(event) => {
        if (!hold || byKey(event)) onPress();
        else setShort(true);
      }}
      {...(hold
        ? {
            onLongPress: () => {
              setShort(false);
              onPress();
            },
          }
        : {})}
      className="min-h-[190px] flex-1 select-none items-center justify-center rounded bg-flame-dark px-5 active:opacity-80"
    >
      <Text voice="action" tone="text-iron-950" className="text-center">
        {label}
      </Text>
      {hold ? (
        <Text voice="body" tone="text-iron-950" className="text-center" aria-live="polite">
          {short ? t('longer-keep-the-finger-on-it') : t('hold-it')}
        </Text>
      ) : null}
    </Pressable>
  );
};
