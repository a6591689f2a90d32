import { TextInput } from 'react-native';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (name: string) => void;
}

/** Input of a name; an empty name is not stored. */
export const NameField = ({ label, value, onChange }: Props) => (
  <TextInput
    aria-label={label}
    defaultValue={value}
    maxLength={40}
    onChangeText={(text) => {
      if (text.trim() !== '') onChange(text.trim());
    }}
    className="min-h-touch rounded border border-salt-300 bg-salt-0 px-3 font-text text-16 text-iron-950"
  />
);
