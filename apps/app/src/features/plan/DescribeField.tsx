import { useCallback, useEffect, useRef, useState } from 'react';
import { TextInput, View } from 'react-native';
import { currentLanguage } from '@crustan/messages';
import type { ReadDinner } from '@crustan/core/phrases/readDinner';
import { kitchenNow } from '../../store/clock';
import { dinnerSaid, dinnerTakenBack } from '../../store/draftSlice';
import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { saidPlate } from './saidPlate';
import { UnreadParts } from './UnreadParts';
import { t } from './t';

const LONGEST = 1000;

interface Read {
  readonly text: string;
  readonly dinner: ReadDinner;
}

interface Props {
  /** Words of a link, read as soon as the field opens. */
  readonly said: string;
}

/** The field for a dinner in the cook's own words. It marks the words that it used and lists the others. */
export const DescribeField = ({ said }: Props) => {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const scale = useShow().units === 'imperial' ? 'f' : 'c';
  const canTakeBack = useAppSelector((state) => state.draft.beforeSaid !== undefined);
  const [text, setText] = useState(said.slice(0, LONGEST));
  const [read, setRead] = useState<Read>();
  const fill = useCallback(
    async (words: string, answers = false): Promise<void> => {
      const { readDinner } = await import('../../words/grammar');
      const { draft } = store.getState();
      const cut = draft.request.own === undefined ? draft.request.cut : undefined;
      const dinner = readDinner(words, { scale, cut, language: currentLanguage() });
      setRead({ text: words, dinner });
      if (dinner.used.length === 0) return;
      const plate = saidPlate(dinner, draft.plate, kitchenNow());
      dispatch(dinnerSaid({ request: dinner.request, plate, answers }));
    },
    [dispatch, store, scale],
  );
  // The words of a link are read once, and leave the address: a reload does not read them again.
  const linked = useRef(said.slice(0, LONGEST));
  useEffect(() => {
    if (linked.current === '') return undefined;
    const soon = setTimeout(() => {
      void fill(linked.current);
      linked.current = '';
      globalThis.history.replaceState(null, '', globalThis.location.pathname);
    }, 0);
    return () => clearTimeout(soon);
  }, [fill]);
  return (
    <View className="gap-2">
      <TextInput
        aria-label={t('describe-what-you-cook')}
        placeholder={t('two-ribeyes-4-cm-medium-rare-at')}
        multiline
        numberOfLines={2}
        maxLength={LONGEST}
        autoFocus={said === ''}
        value={text}
        onChangeText={setText}
        className="min-h-touch rounded border border-salt-300 bg-salt-0 px-3 py-2 font-text text-16 text-iron-950"
      />
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={t('fill-the-sentence')}
          disabled={text.trim() === ''}
          onPress={() => void fill(text)}
        />
        {read && canTakeBack ? (
          <Button
            kind="plain"
            label={t('undo')}
            onPress={() => {
              dispatch(dinnerTakenBack());
              setRead(undefined);
            }}
          />
        ) : null}
      </View>
      {read ? (
        <Understood
          {...read}
          onAnswer={(next) => {
            setText(next);
            void fill(next, true);
          }}
        />
      ) : null}
    </View>
  );
};

/** The text with the words that were used set off, and why the others were not. */
const Understood = ({
  text,
  dinner: { used, unread },
  onAnswer,
}: Read & { readonly onAnswer: (text: string) => void }) => {
  const parts = used.toSorted((a, b) => a.from - b.from);
  return (
    <View className="gap-1" role="status">
      <Text voice="small" tone="text-iron-500">
        {parts.map(({ from, to }, i) => (
          <Text key={from}>
            {text.slice(parts[i - 1]?.to ?? 0, from)}
            <Text voice="strong" tone="text-iron-950" className="underline">
              {text.slice(from, to)}
            </Text>
          </Text>
        ))}
        {text.slice(parts.at(-1)?.to ?? 0)}
      </Text>
      <UnreadParts text={text} unread={unread} says={t('was-not-used')} onAnswer={onAnswer} />
    </View>
  );
};
