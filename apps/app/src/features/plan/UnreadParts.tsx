import { translateName } from '@crustan/messages';
import { View } from 'react-native';
import { answered, type UnreadPart } from '@crustan/core/phrases/unreadPart';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { t } from './t';

interface Props {
  /** The text that was read. */
  readonly text: string;
  readonly unread: readonly UnreadPart[];
  /** Verb of the report: `was not used`. */
  readonly says: string;
  /** Hears the text with the answer to a question. */
  readonly onAnswer: (text: string) => void;
}

/** The parts of a text that were not understood, each with its reason; those with several meanings ask for one. */
export const UnreadParts = ({ text, unread, says, onAnswer }: Props) => (
  <>
    {unread.map((part, i) => (
      <View key={i} className="gap-1" role="alert">
        <Text voice="note">{`“${part.text}” ${says}: ${translateName(part.why)}.`}</Text>
        {part.asks === undefined ? null : (
          <View className="flex-row flex-wrap gap-2">
            {part.asks.instead.map((answer) => (
              <Button
                key={answer}
                kind="plain"
                label={answer.trim()}
                spoken={t('read-as', { text: part.text, answer: answer.trim() })}
                onPress={() => onAnswer(answered(text, part, answer))}
              />
            ))}
          </View>
        )}
      </View>
    ))}
  </>
);
