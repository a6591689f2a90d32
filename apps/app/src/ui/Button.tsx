import { Pressable } from 'react-native';
import { Text } from './Text';

export interface ButtonProps {
  readonly label: string;
  /** Spoken instead of the label if several buttons of a list have the same one; begins with it. */
  readonly spoken?: string | undefined;
  readonly onPress: () => void;
  /** `main` is the one thing to do; `plain` stands beside it; `stove` is for a wet knuckle. */
  readonly kind?: 'main' | 'plain' | 'stove' | 'stovePlain' | 'stoveWet';
  readonly disabled?: boolean;
  readonly testID?: string;
}

const BOX = {
  main: 'min-h-touch bg-flame-light px-5',
  plain: 'min-h-touch border border-salt-300 px-4',
  stove: 'min-h-[88px] bg-flame-dark px-5',
  stovePlain: 'min-h-stove border border-iron-500 px-4',
  stoveWet: 'min-h-[80px] border border-iron-500 px-2',
} as const;
const LABEL = {
  main: ['head', 'text-salt-0'],
  plain: ['head', 'text-iron-950'],
  stove: ['bigFigure', 'text-iron-950'],
  stovePlain: ['head', 'text-salt-50'],
  stoveWet: ['bigFigure', 'text-salt-50'],
} as const;

export const Button = ({
  label,
  spoken,
  onPress,
  kind = 'main',
  disabled = false,
  testID,
}: ButtonProps) => {
  const [voice, tone] = LABEL[kind];
  return (
    <Pressable
      role="button"
      aria-label={spoken}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      testID={testID}
      className={`max-w-full items-center justify-center rounded ${BOX[kind]} ${disabled ? 'opacity-40' : 'active:opacity-80'}`}
    >
      <Text voice={voice} tone={tone} className="text-center">
        {label}
      </Text>
    </Pressable>
  );
};
