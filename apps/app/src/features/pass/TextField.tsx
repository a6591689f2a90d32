import { TextInput, View } from 'react-native';
import { Text } from '../../ui/Text';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onEnter?: () => void;
  readonly onIron?: boolean;
  readonly figures?: boolean;
  readonly wide?: boolean;
}

/** A line to type into, under its label. */
export const TextField = ({
  label,
  value,
  onChange,
  onEnter,
  onIron = false,
  figures = false,
  wide = false,
}: Props) => (
  <View className={`gap-1 ${wide ? 'min-w-0 flex-1' : 'w-[8.25rem]'}`}>
    <Text voice="note" tone={onIron ? 'text-iron-400' : 'text-iron-500'}>
      {label}
    </Text>
    <TextInput
      aria-label={label}
      value={value}
      maxLength={120}
      onChangeText={onChange}
      {...(figures ? { inputMode: 'decimal' as const } : {})}
      {...(onEnter ? { onSubmitEditing: onEnter } : {})}
      className={`min-h-touch w-full rounded border px-3 font-text text-16 ${
        onIron
          ? 'border-iron-500 bg-iron-900 text-salt-50'
          : 'border-salt-300 bg-salt-0 text-iron-950'
      }`}
    />
  </View>
);
