import { View } from 'react-native';
import { Text } from '../Text';
import { MEANINGS, type Meaning } from './meanings';

export interface MeaningLinesProps {
  readonly of: readonly Meaning[];
  /** Only one, whose word stands above it. */
  readonly bare?: boolean;
}

/** Explanations of words, one line each. */
export const MeaningLines = ({ of, bare = false }: MeaningLinesProps) => (
  <View className="gap-2">
    {of.map((each) => (
      <Text key={each} voice="small">
        {bare ? null : <Text voice="label">{`${MEANINGS[each].word}: `}</Text>}
        {MEANINGS[each].means}
      </Text>
    ))}
  </View>
);
