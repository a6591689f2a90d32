import { View } from 'react-native';
import { MEANINGS } from './meanings';
import { Text } from '../Text';

const ALL = Object.values(MEANINGS).toSorted((a, b) => a.word.localeCompare(b.word));

/** Every word a cook may not know. */
export const Words = ({ onIron = false }: { readonly onIron?: boolean }) => (
  <View role="list" aria-label="Words" className="gap-2 lg:flex-row lg:flex-wrap lg:gap-x-12">
    {ALL.map(({ word, means }) => (
      <View key={word} role="listitem" className="lg:w-[47%]">
        <Text voice="label" tone={onIron ? 'text-salt-50' : 'text-iron-950'}>
          {word}
        </Text>
        <Text voice="small" tone={onIron ? 'text-salt-200' : 'text-iron-700'}>
          {means}
        </Text>
      </View>
    ))}
  </View>
);
