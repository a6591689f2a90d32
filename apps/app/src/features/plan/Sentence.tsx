import { translateName } from '@crustan/messages';
import { memo, useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { cutOf } from '@crustan/core/plan/request';
import { useAppSelector } from '../../store/store';
import { useScales } from '../../store/useScales';
import { Button } from '../../ui/Button';
import { chunk } from '../../ui/chunk';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { pieceName } from '../../words/cutWords';
import { describePlate } from '../../words/describePlate';
import { useShow } from '../../words/useShow';
import { PieceChanged } from './PieceChanged';
import {
  formatHowMany,
  describeMoves,
  describeOven,
  describePan,
  describeRest,
  describeSalt,
  describeStart,
  describeSurface,
  type Editable,
} from './sentenceWords';
import { t } from './t';

/** The controls come when the first word is tapped: the first load is for the first figures. */
const Editor = chunk(() => import('./editors/Editor').then((m) => m.Editor)).Chunk;

interface WordProps {
  readonly name: Editable;
  readonly says: string;
  readonly open: boolean;
  readonly onOpen: (name: Editable | undefined) => void;
}

/** An underlined word: drawn again only when what it says changes. */
const Word = memo(function Word({ name, says, open, onOpen }: WordProps) {
  return (
    <Text
      voice="sentence"
      tone="text-flame-light"
      role="button"
      tabIndex={0}
      aria-expanded={open}
      aria-label={t('change', { says })}
      testID={`word-${name}`}
      onPress={() => onOpen(open ? undefined : name)}
      className={`underline ${open ? 'bg-salt-200' : ''}`}
    >
      {says}
    </Text>
  );
});

/** The plan in one readable sentence; each underlined word opens the control that fits it. */
export const Sentence = memo(function Sentence() {
  // The open control shows its own value at once; the words give way to the thumb.
  const draft = useDeferredValue(useAppSelector((state) => state.draft));
  const [open, setOpen] = useState<Editable>();
  const show = useShow();
  const now = useNow(60_000);
  const { donenessOf } = useScales();
  const { request } = draft;
  const { species } = cutOf(request);
  const word = (name: Editable, says: string) => (
    <Word name={name} says={says} open={open === name} onOpen={setOpen} />
  );

  return (
    <View className="gap-3">
      <Text voice="sentence" className="leading-[36px]">
        {t('cook')}
        {word('count', formatHowMany(request))} {word('cut', pieceName(request))}
        {', '}
        {word('thickness', show.thickness(request.thickness))}
        {t('thick')}
        {word('weight', show.weight(request.weight))}
        {', '}
        {word('surface', describeSurface(request))}
        {', '}
        {word('salt', describeSalt(request))}
        {t('from')}
        {word('start', describeStart(request, show))}
        {t('in-a')}
        {word('pan', describePan(request, show))}
        {', '}
        {word('moves', describeMoves(request))}
        {t('or-with-a')}
        {word('oven', describeOven(request, show))}
        {t('to-4')}
        {word(
          'target',
          `${translateName(donenessOf(species, request.target).name)} ${show.degrees(request.target)}`,
        )}
        {t('rested-2')}
        {word('cover', describeRest(request))}
        {t('on-the-plate')}
        {word('plate', describePlate(draft.plate, now, show))}
        {'.'}
      </Text>
      <PieceChanged />
      {open === undefined ? null : (
        <View className="gap-3 border-l-4 border-flame-light bg-salt-0 p-4" testID="editor">
          <Editor word={open} draft={draft} />
          <View className="self-end">
            <Button kind="plain" label={t('done')} onPress={() => setOpen(undefined)} />
          </View>
        </View>
      )}
    </View>
  );
});
