import { Pressable, View } from 'react-native';
import { Text } from './Text';

export interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly detail?: string;
}

interface Props<T extends string> {
  readonly label: string;
  readonly options: readonly Option<T>[];
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
  /** On dark iron instead of salt. */
  readonly onIron?: boolean;
}

/** One of a few, laid out to be thumbed. */
export const Choice = <T extends string>({
  label,
  options,
  value,
  onChange,
  onIron = false,
}: Props<T>) => (
  <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
    {options.map((option) => {
      const chosen = option.value === value;
      const box = chosen
        ? onIron
          ? 'border-flame-dark bg-iron-700'
          : 'border-flame-light bg-salt-0'
        : onIron
          ? 'border-iron-500'
          : 'border-salt-300';
      return (
        <Pressable
          key={option.value}
          role="radio"
          aria-checked={chosen}
          onPress={() => onChange(option.value)}
          className={`min-h-touch min-w-touch max-w-full justify-center rounded border-2 px-3 py-1 ${box}`}
        >
          <Text voice={chosen ? 'strong' : 'body'} tone={onIron ? 'text-salt-50' : 'text-iron-950'}>
            {option.label}
          </Text>
          {option.detail === undefined ? null : (
            <Text voice="note" tone={onIron ? 'text-iron-400' : 'text-iron-500'}>
              {option.detail}
            </Text>
          )}
        </Pressable>
      );
    })}
  </View>
);
