import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { FigureLines } from './FigureLines';
import { MEANING_IDS, MEANINGS, type Meaning, type MeaningText } from './meanings';
import { Text } from '../Text';
import { t } from './t';

const ALL = MEANING_IDS.toSorted((a, b) => MEANINGS[a].word.localeCompare(MEANINGS[b].word));

/** Every word that a cook may not know. A figure shows its origin when it is tapped. */
export const Words = ({ onIron = false }: { readonly onIron?: boolean }) => {
  const [open, setOpen] = useState<Meaning>();
  return (
    <View
      role="list"
      aria-label={t('words')}
      className="gap-2 lg:flex-row lg:flex-wrap lg:gap-x-12"
    >
      {ALL.map((id) => {
        const { word, means, figure }: MeaningText = MEANINGS[id];
        return (
          <View key={id} role="listitem" className="lg:w-[47%]">
            <Text voice="label" tone={onIron ? 'text-salt-50' : 'text-iron-950'}>
              {word}
            </Text>
            <Text voice="small" tone={onIron ? 'text-salt-200' : 'text-iron-700'}>
              {means}
            </Text>
            {figure === undefined ? null : (
              <>
                <Pressable
                  role="button"
                  aria-expanded={open === id}
                  aria-label={t('how-it-is-calculated', { word })}
                  onPress={() => setOpen(open === id ? undefined : id)}
                  className="min-h-touch justify-center self-start"
                >
                  <Text
                    voice="note"
                    tone={onIron ? 'text-iron-400' : 'text-iron-500'}
                    className="underline decoration-dotted"
                  >
                    {t('how-it-is-calculated-2')}
                  </Text>
                </Pressable>
                {open === id ? (
                  <View className="pb-2">
                    <FigureLines of={id} onIron={onIron} />
                  </View>
                ) : null}
              </>
            )}
          </View>
        );
      })}
    </View>
  );
};
