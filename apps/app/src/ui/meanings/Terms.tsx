import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { MEANINGS, type Meaning } from './meanings';
import { Text } from '../Text';

export interface TermsProps {
  readonly of: readonly Meaning[];
}

/** Words that may be tapped for their meaning, in a line under what uses them. */
export const Terms = ({ of }: TermsProps) => {
  const [open, setOpen] = useState<Meaning>();
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap gap-x-4">
        {of.map((each) => (
          <Pressable
            key={each}
            role="button"
            aria-expanded={open === each}
            aria-label={`${MEANINGS[each].word}: what is it?`}
            onPress={() => setOpen(open === each ? undefined : each)}
            className="min-h-touch justify-center"
          >
            <Text voice="note" tone="text-iron-500" className="underline decoration-dotted">
              {`${MEANINGS[each].word}?`}
            </Text>
          </Pressable>
        ))}
      </View>
      {open === undefined ? null : (
        <Text voice="small" tone="text-iron-700" aria-live="polite">
          {MEANINGS[open].means}
        </Text>
      )}
    </View>
  );
};
