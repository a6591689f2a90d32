import { View } from 'react-native';
import { kitchenChanged } from '../../store/kitchenSlice';
import { kitchenOffered } from '../../store/reachSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { t } from './t';

/** Reports a stored kitchen that could not be read, and offers the last valid one. */
export const RecoveredKitchen = () => {
  const dispatch = useAppDispatch();
  const recovered = useAppSelector(({ reach }) => reach.recovered);
  if (recovered === undefined) return null;
  const answer = (): void => void dispatch(kitchenOffered(undefined));
  return (
    <View role="alert" className="gap-2 border-l-4 border-hazard pl-3">
      <Text>{t('the-stored-kitchen-could-not-be-read')}</Text>
      <View className="flex-row flex-wrap gap-2">
        <Button kind="plain" label={t('keep-these-settings')} onPress={answer} />
        <Button
          kind="plain"
          label={t('use-the-last-valid-kitchen')}
          onPress={() => {
            dispatch(kitchenChanged(recovered));
            answer();
          }}
        />
      </View>
    </View>
  );
};
