import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { FigureLines } from './FigureLines';
import { MEANINGS, type Meaning } from './meanings';
import { Text } from '../Text';
import { t } from './t';

export interface TermsProps {
  readonly of: readonly Meaning[];
  readonly onIron?: boolean;
}

/** Words that may be tapped for their meaning, in a line under what uses them. */
export const Terms = ({ of, onIron = false }: TermsProps) => {
  const [open, setOpen] = useState<Meaning>();
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap gap-x-4">
        {of.map((each) => (
          <Pressable
            key={each}
            role="button"
            aria-expanded={open === each}
            aria-label={t('what-is-it', { word: MEANINGS[each].word })}
            onPress={() => setOpen(open === each ? undefined : each)}
            className="min-h-touch min-w-touch justify-center"
          >
            <Text
              voice="note"
              tone={onIron ? 'text-iron-400' : 'text-iron-500'}
              className="underline decoration-dotted"
            >
              {`${MEANINGS[each].word}?`}
            </Text>
          </Pressable>
        ))}
      </View>
      {open === undefined ? null : (
        <View className="gap-1" aria-live="polite">
          <Text voice="small" tone={onIron ? 'text-salt-200' : 'text-iron-700'}>
            {MEANINGS[open].means}
          </Text>
          <FigureLines of={open} onIron={onIron} />
        </View>
      )}
    </View>
  );
};
