import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { FigureLines, MeaningLines } from './Meanings';
import type { Meaning } from './meanings/meanings';
import { Text } from './Text';
import { t } from '../t';

export interface FigureItem {
  readonly value: string;
  readonly label: string;
  /** Explanation of the word, if it may be unknown. */
  readonly means?: Meaning | undefined;
  /** Source and uncertainty of the figure. */
  readonly why: string;
}

/** Figures in type; a tapped figure shows its explanation. */
export const Figures = ({ items }: { readonly items: readonly FigureItem[] }) => {
  const [open, setOpen] = useState<string>();
  const shown = items.find(({ label }) => label === open);
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap gap-x-6">
        {items.map(({ value, label }) => (
          <Pressable
            key={label}
            role="button"
            aria-expanded={open === label}
            aria-label={t('why', { label, value })}
            onPress={() => setOpen(open === label ? undefined : label)}
            className="min-h-touch min-w-touch justify-center"
          >
            <Text voice="bigFigure">{value}</Text>
            <Text
              voice="note"
              tone={open === label ? 'text-flame-light' : 'text-iron-500'}
              className={open === label ? 'underline' : ''}
            >
              {label}
            </Text>
          </Pressable>
        ))}
      </View>
      {shown ? (
        <View className="gap-1 border-l-2 border-flame-light pl-3" aria-live="polite">
          {shown.means === undefined ? null : <MeaningLines bare of={[shown.means]} />}
          <Text voice="small">{shown.why}</Text>
          {shown.means === undefined ? null : <FigureLines of={shown.means} />}
        </View>
      ) : null}
    </View>
  );
};
