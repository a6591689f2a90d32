import { currentLanguage, formatList } from '@crustan/messages';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import type { ReadSteps } from '@crustan/core/phrases/readSteps';
import type { HeatScale } from '@crustan/core/plan/ownSteps';
import type { SaidSettings } from '@crustan/core/plan/saidStep';
import { writeOwnSteps } from '@crustan/core/plan/writeOwnSteps';
import { formatDuration } from '@crustan/core/units';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { FileButton } from '../../../ui/FileButton';
import { Text } from '../../../ui/Text';
import type { Show } from '../../../words/show';
import { useShow } from '../../../words/useShow';
import { UnreadParts } from '../UnreadParts';
import { t } from '../t';

/** Limits of a recipe: size of its file, bytes, and length of its text, characters. */
const LARGEST = 2_000_000;
const LONGEST = 10_000;

/** Result of reading a recipe. */
interface RecipeRead {
  readonly steps: ReadSteps;
  /** Its words, where they can be changed; undefined: it is a file of data. */
  readonly words: string | undefined;
}

/** Steps in a file or a text: a schema.org recipe, or plain words. */
const stepsIn = async (text: string, scale: HeatScale): Promise<RecipeRead> => {
  const { recipesIn, recipeTimes } = await import('../../../words/grammar');
  const words = text.slice(0, LONGEST);
  try {
    const [recipe] = recipesIn(JSON.parse(text));
    return { steps: recipeTimes(recipe, scale, currentLanguage()), words: undefined };
  } catch {
    // It is no JSON: its words are read.
    return { steps: recipeTimes(words, scale, currentLanguage()), words };
  }
};

const describeSettings = (
  { oven, pan, temper, ahead, startsCold }: SaidSettings,
  show: Show,
): readonly string[] => [
  ...(oven === undefined ? [] : [t('oven-2', { degrees: show.degrees(oven) })]),
  ...(pan === undefined ? [] : [t('pan-2', { degrees: show.degrees(pan) })]),
  ...(temper === undefined
    ? []
    : [t('out-of-the-fridge-before', { duration: formatDuration(temper) })]),
  ...(ahead === undefined ? [] : [t('salted-before', { duration: formatDuration(ahead) })]),
  ...(startsCold ? [t('it-starts-in-a-cold-pan')] : []),
];

interface Props {
  readonly scale: HeatScale;
  readonly onTimes: (line: string) => void;
}

/** Takes the steps with times out of a recipe: a file, or words that are pasted. What is not used is listed. */
export const RecipeTimes = ({ scale, onTimes }: Props) => {
  const [text, setText] = useState('');
  const [read, setRead] = useState<RecipeRead>();
  const take = async (words: string): Promise<void> => {
    const found = await stepsIn(words, scale);
    const { steps } = found.steps;
    if (steps.length > 0) onTimes(writeOwnSteps(steps, scale));
    if (found.words !== undefined) setText(found.words);
    setRead(found);
  };
  return (
    <View className="gap-2">
      <TextInput
        aria-label={t('a-recipes-words')}
        placeholder={t('or-paste-a-recipes-words')}
        multiline
        numberOfLines={3}
        maxLength={LONGEST}
        value={text}
        onChangeText={setText}
        className="min-h-touch rounded border border-salt-300 bg-salt-0 px-3 py-2 font-text text-16 text-iron-950"
      />
      <View className="flex-row flex-wrap gap-2">
        {text.trim() === '' ? null : (
          <Button kind="plain" label={t('read-the-recipe')} onPress={() => void take(text)} />
        )}
        <FileButton
          label={t('take-them-from-a-recipes-file')}
          named={t('a-recipes-file-schema-org-json-or')}
          accept="application/json,application/ld+json,text/plain,.json,.jsonld,.txt"
          onFile={(file) => {
            if (file.size <= LARGEST) void file.text().then(take);
          }}
        />
      </View>
      {read ? <Understood read={read} onAnswer={(words) => void take(words)} /> : null}
    </View>
  );
};

/** Parts of a recipe that became steps, that are settings of the plan, and that were not used. */
const Understood = ({
  read: { steps: found, words },
  onAnswer,
}: {
  readonly read: RecipeRead;
  readonly onAnswer: (words: string) => void;
}) => {
  const show = useShow();
  const dispatch = useAppDispatch();
  const { steps, settings, unread, leftOut } = found;
  const said = describeSettings(settings, show);
  const takeOver = async (): Promise<void> => {
    const { saidRequest } = await import('../../../words/grammar');
    dispatch(requestChanged(saidRequest(settings)));
  };
  return (
    <View className="gap-1" role="status">
      <Text voice="small">
        {steps.length === 0
          ? t('no-step-with-a-time-or-an')
          : t('steps-were-taken-over-compare-them-with', { stepsCount: steps.length })}
      </Text>
      <UnreadParts
        text={words ?? ''}
        unread={words === undefined ? unread.map(({ text, why }) => ({ text, why })) : unread}
        says={t('was-not-used')}
        onAnswer={onAnswer}
      />
      {leftOut.length === 0 ? null : (
        <Text voice="note" tone="text-iron-500">
          {t('left-out', { leftOut: leftOut.join(' … ') })}
        </Text>
      )}
      {said.length === 0 ? null : (
        <>
          <Text voice="small">{t('before-the-heat', { said: formatList(said) })}</Text>
          <View className="items-start">
            <Button
              kind="plain"
              label={t('take-these-into-the-plan')}
              onPress={() => void takeOver()}
            />
          </View>
        </>
      )}
    </View>
  );
};
