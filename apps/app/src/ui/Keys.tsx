import { useEffect, useRef, useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { Button } from './Button';
import { WIDE } from './wide';
import { Text } from './Text';
import { t } from '../t';

/** Something that is done by a key. */
export interface Key {
  /** Values of `KeyboardEvent.key` that trigger the action. */
  readonly keys: readonly string[];
  /** Text of the keys in the list. */
  readonly shown: string;
  readonly says: string;
  readonly act: () => void;
}

/** “That is done”: what keyboards, foot pedals and, where a browser gives it, a volume key send. */
export const NEXT_KEYS = [
  'n',
  ' ',
  'Enter',
  'PageDown',
  'MediaTrackNext',
  'AudioVolumeUp',
] as const;

/** Elements that use keys themselves: a button is pressed by a key, a field typed into, a region scrolled. */
const TAKES_KEYS = 'a, button, input, textarea, select, [tabindex="0"]';

interface Props {
  readonly keys: readonly Key[];
  /** Position of the list; default: in the flow of the page. */
  readonly place?: string;
}

/**
 * Listens for keys while it is there, and lists them on “?”; on a wide screen it says so. A key that is
 * held down counts once, and one that a control takes is not taken here.
 */
export const Keys = ({ keys, place = '' }: Props) => {
  const [listed, setListed] = useState(false);
  const wide = useWindowDimensions().width >= WIDE;
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const hear = (event: KeyboardEvent): void => {
      const { key, repeat, ctrlKey, metaKey, altKey, target } = event;
      if (repeat || ctrlKey || metaKey || altKey) return;
      if (target instanceof Element && target.closest(TAKES_KEYS)) return;
      if (key === '?') {
        setListed((before) => !before);
        return;
      }
      if (key === 'Escape') setListed(false);
      const found = latest.current.find(({ keys: all }) => all.includes(key));
      if (!found) return;
      event.preventDefault();
      found.act();
    };
    window.addEventListener('keydown', hear);
    return () => window.removeEventListener('keydown', hear);
  }, []);
  if (!listed) {
    return wide ? (
      <Text voice="note" tone="text-iron-400">
        {t('lists-the-keys')}
      </Text>
    ) : null;
  }
  return (
    <View
      role="group"
      aria-label={t('keys')}
      className={`gap-1 border-t border-iron-700 bg-iron-950 pt-2 ${place}`}
    >
      {keys.map(({ shown, says }) => (
        <View key={says} className="flex-row gap-3">
          <Text voice="figure" tone="text-salt-50" className="w-[11.875rem]">
            {shown}
          </Text>
          <Text tone="text-salt-200">{says}</Text>
        </View>
      ))}
      <Button kind="stovePlain" label={t('close-the-list')} onPress={() => setListed(false)} />
    </View>
  );
};
