import { Pressable, View } from 'react-native';
import { Text } from './Text';

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly chosen: readonly T[];
  readonly onChange: (chosen: T[]) => void;
  /** Least number of chips that stay chosen. */
  readonly least?: number;
  /** On dark iron instead of salt. */
  readonly onIron?: boolean;
}

const ON_BOX = {
  salt: 'border-flame-light bg-salt-0',
  iron: 'border-flame-dark bg-iron-700',
} as const;
const OFF_BOX = { salt: 'border-salt-300', iron: 'border-iron-500' } as const;

/** Any of a few, each on or off. */
export const Chips = <T extends string>({
  label,
  options,
  chosen,
  onChange,
  least = 0,
  onIron = false,
}: Props<T>) => (
  <View role="group" aria-label={label} className="flex-row flex-wrap gap-2">
    {options.map(({ value, label: says }) => {
      const on = chosen.includes(value);
      const box = on ? ON_BOX : OFF_BOX;
      const without = chosen.filter((each) => each !== value);
      return (
        <Pressable
          key={value}
          role="checkbox"
          aria-checked={on}
          disabled={on && without.length < least}
          onPress={() => onChange(on ? without : [...chosen, value])}
          className={`min-h-touch min-w-touch max-w-full justify-center rounded border-2 px-3 ${box[onIron ? 'iron' : 'salt']}`}
        >
          <Text voice={on ? 'strong' : 'body'} tone={onIron ? 'text-salt-50' : 'text-iron-950'}>
            {says}
          </Text>
        </Pressable>
      );
    })}
  </View>
);
