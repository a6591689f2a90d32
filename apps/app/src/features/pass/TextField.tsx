import { TextInput } from 'react-native';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onEnter?: () => void;
  readonly onIron?: boolean;
  readonly figures?: boolean;
  readonly wide?: boolean;
}

/** A line to type into, with its label as what it says while it is empty. */
export const TextField = ({
  label,
  value,
  onChange,
  onEnter,
  onIron = false,
  figures = false,
  wide = false,
}: Props) => (
  <TextInput
    aria-label={label}
    placeholder={label}
    placeholderTextColor={onIron ? '#979CA1' : '#5F6367'}
    value={value}
    maxLength={120}
    onChangeText={onChange}
    {...(figures ? { inputMode: 'decimal' as const } : {})}
    {...(onEnter ? { onSubmitEditing: onEnter } : {})}
    className={`min-h-touch rounded border px-3 font-text text-16 ${wide ? 'flex-1' : 'w-[132px]'} ${
      onIron
        ? 'border-iron-500 bg-iron-900 text-salt-50'
        : 'border-salt-300 bg-salt-0 text-iron-950'
    }`}
  />
);
