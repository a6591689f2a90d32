import { Pressable } from 'react-native';
import { Text } from '../ui/Text';
import { formatDue } from '../words/formatDue';

interface Props {
  /** Name of the place where the task is answered. */
  readonly place: string;
  readonly words: string;
  /** Time left to the task, s; negative if it is over. */
  readonly left: number;
  readonly onOpen: () => void;
}

/** The next task of another place, on top of the screen that is open; a tap opens its place. */
export const CallStrip = ({ place, words, left, onOpen }: Props) => {
  const due = formatDue(left);
  const tone = due.late ? 'text-iron-950' : 'text-salt-50';
  return (
    <Pressable
      role="button"
      onPress={onOpen}
      testID="call-strip"
      className={`no-print min-h-touch flex-row items-center gap-3 px-4 py-1 ${due.late ? 'bg-hazard' : 'on-iron bg-iron-900'}`}
    >
      <Text voice="label" tone={due.late ? 'text-iron-950' : 'text-iron-400'}>
        {place}
      </Text>
      <Text voice="small" tone={tone} numberOfLines={2} className="min-w-0 flex-1">
        {words}
      </Text>
      <Text voice="figure" tone={tone} style={{ fontVariant: ['tabular-nums'] }}>
        {due.words}
      </Text>
    </Pressable>
  );
};
