import { Pressable, View } from 'react-native';
import type { DonenessStep } from '@crustan/core/doneness';
import { Text } from '../../../ui/Text';

interface Props {
  readonly scale: readonly DonenessStep[];
  readonly chosen: readonly string[];
  readonly onChange: (names: readonly string[]) => void;
}

/** Which ends have a column: one at least. */
export const Columns = ({ scale, chosen, onChange }: Props) => (
  <View role="group" aria-label="Columns of the card" className="flex-row flex-wrap gap-2">
    {scale.map(({ name }) => {
      const on = chosen.includes(name);
      const without = chosen.filter((each) => each !== name);
      return (
        <Pressable
          key={name}
          role="checkbox"
          aria-checked={on}
          disabled={on && without.length === 0}
          onPress={() => onChange(on ? without : [...chosen, name])}
          className={`min-h-touch justify-center rounded border-2 px-3 ${on ? 'border-flame-light bg-salt-0' : 'border-salt-300'}`}
        >
          <Text voice={on ? 'strong' : 'body'}>{name}</Text>
        </Pressable>
      );
    })}
  </View>
);
