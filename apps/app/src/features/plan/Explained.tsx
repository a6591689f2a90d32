import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { wordsKnown } from '../../store/firstSlice';
import { Button } from '../../ui/Button';
import { MeaningLines } from '../../ui/Meanings';
import { Text } from '../../ui/Text';
import { t } from './t';

/** Words that a first plan explains. */
const FIRST_WORDS = ['pull', 'peak', 'window', 'grey'] as const;

/** Explanations of the words of the first plan, in place, until the user closes them. */
export const Explained = () => {
  const dispatch = useAppDispatch();
  const explaining = useAppSelector((state) => state.first.explaining);
  if (!explaining) return null;
  return (
    <View
      role="region"
      aria-label={t('what-the-words-mean')}
      className="gap-2 border-l-2 border-flame-light pl-3"
    >
      <MeaningLines of={FIRST_WORDS} />
      <View className="flex-row flex-wrap items-center gap-3">
        <Button kind="plain" label={t('i-know-them-now')} onPress={() => dispatch(wordsKnown())} />
        <Text voice="note" tone="text-iron-500">
          {t('tap-any-figure-for-its-meaning-all')}
        </Text>
      </View>
    </View>
  );
};
