import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { bookApi } from '../../store/bookApi';
import { greetingAnswered, wordsKnown } from '../../store/firstSlice';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { SetUp } from './SetUp';
import { t } from './t';

/** Whether the logbook has no cook; undefined until the server has answered, or if it cannot be reached. */
const useNewBook = (): boolean | undefined => {
  const dispatch = useAppDispatch();
  const [isNew, setNew] = useState<boolean>();
  useEffect(() => {
    let live = true;
    const asked = dispatch(bookApi.endpoints.cooks.initiate({}, { subscribe: false }));
    void asked.then(({ data }) => {
      if (live && data) setNew(data.pages.every(({ cooks }) => cooks.length === 0));
    });
    return () => {
      live = false;
    };
  }, [dispatch]);
  return isNew;
};

/** A new logbook greets, with one choice; everything in it may be left. */
export const Greeting = () => {
  const dispatch = useAppDispatch();
  const isNew = useNewBook();
  const [settingUp, setSettingUp] = useState(false);
  useEffect(() => {
    // A user with a logbook knows the words; the server is not asked again.
    if (isNew === false) dispatch(wordsKnown());
  }, [dispatch, isNew]);
  if (isNew !== true) return null;
  if (settingUp) return <SetUp />;
  return (
    <View
      role="region"
      aria-label={t('a-new-logbook')}
      className="no-print gap-3 border-l-4 border-flame-light pl-3"
    >
      <Text voice="head" heading={2}>
        {t('a-new-logbook')}
      </Text>
      <Text>{t('you-say-what-you-cook-this-computes')}</Text>
      <View className="gap-2">
        <Button
          label={t('show-me-on-a-made-up-kitchen')}
          onPress={() => dispatch(greetingAnswered())}
        />
        <Button
          kind="plain"
          label={t('set-up-my-kitchen-first')}
          onPress={() => setSettingUp(true)}
        />
        <Button kind="plain" label={t('i-know-my-way')} onPress={() => dispatch(wordsKnown())} />
      </View>
    </View>
  );
};
