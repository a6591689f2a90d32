import { Text as NativeText, type TextProps } from 'react-native';

/** The voices of the type: what each is for, not how it looks. */
export type Voice =
  | 'body'
  | 'strong'
  | 'small'
  | 'label'
  | 'note'
  | 'head'
  | 'sentence'
  | 'figure'
  | 'bigFigure'
  | 'action'
  | 'countdown'
  | 'longCountdown';

const VOICES: Readonly<Record<Voice, string>> = {
  body: 'font-text text-16',
  strong: 'font-strong text-16',
  small: 'font-text text-14',
  label: 'font-strong text-14',
  note: 'font-text text-12',
  head: 'font-head text-19',
  sentence: 'font-figure text-24',
  figure: 'font-head text-19',
  bigFigure: 'font-head text-24',
  action: 'font-head text-40',
  countdown: 'font-head text-132',
  longCountdown: 'font-head text-96',
};

interface Props extends TextProps {
  /** 0 lets the keyboard reach text that acts as a button. */
  readonly tabIndex?: 0;
  readonly voice?: Voice;
  /** Text colour class; iron on salt unless said. */
  readonly tone?: string;
  /** Level of a heading, for readers that jump between them. */
  readonly heading?: 1 | 2 | 3;
}

/** All text on every screen goes through here. */
export const Text = ({
  voice = 'body',
  tone = 'text-iron-950',
  heading,
  className = '',
  ...props
}: Props) => (
  <NativeText
    {...props}
    {...(heading ? { role: 'heading', 'aria-level': heading } : {})}
    className={`${VOICES[voice]} ${tone} ${className}`}
  />
);
