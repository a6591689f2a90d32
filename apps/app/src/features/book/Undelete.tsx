import { View } from 'react-native';
import { describeFailure, usePutBackMutation } from '../../store/bookApi';
import { deletionSettled } from '../../store/deletedSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { t } from './t';

/** Restores the cook that was deleted last. */
export const Undelete = () => {
  const dispatch = useAppDispatch();
  const last = useAppSelector((state) => state.deleted.last);
  const [putBack, putting] = usePutBackMutation();
  if (!last) return null;
  return (
    <View
      role="status"
      className="flex-row flex-wrap items-center gap-3 border-l-4 border-flame-light pl-3"
    >
      <Text className="flex-1">{t('is-out-of-the-logbook', { title: last.title })}</Text>
      <Button
        kind="plain"
        label={t('put-it-back')}
        disabled={putting.isLoading}
        onPress={() => {
          putBack(last.id)
            .unwrap()
            .then(
              () => dispatch(deletionSettled()),
              () => undefined,
            );
        }}
      />
      <Button kind="plain" label={t('all-right')} onPress={() => dispatch(deletionSettled())} />
      {putting.error ? (
        <Text voice="small" role="alert">
          {describeFailure(putting.error)}
        </Text>
      ) : null}
    </View>
  );
};
