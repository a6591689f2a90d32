import { View } from 'react-native';
import { MEANINGS, type Meaning, type MeaningText } from './meanings';
import { Text } from '../Text';
import { t } from './t';

export interface FigureLinesProps {
  readonly of: Meaning;
  readonly onIron?: boolean;
}

/** Origin of a figure: equation, source, uncertainty and functions. Nothing for a word that is not a figure. */
export const FigureLines = ({ of, onIron = false }: FigureLinesProps) => {
  const { figure }: MeaningText = MEANINGS[of];
  if (!figure) return null;
  const lines = [
    [t('calculation'), figure.equation],
    [t('source'), figure.source],
    [t('uncertainty'), figure.range],
    [t('code'), figure.functions.map(([file, name]) => `${file}, ${name}`).join('; ')],
  ] as const;
  return (
    <View className="gap-1">
      {lines.map(([label, text]) => (
        <Text key={label} voice="note" tone={onIron ? 'text-iron-400' : 'text-iron-500'}>
          {`${label}: ${text}`}
        </Text>
      ))}
    </View>
  );
};
