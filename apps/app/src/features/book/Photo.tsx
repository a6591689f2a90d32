import { API } from '../../store/apiAddress';
import { View } from 'react-native';
import type { CookRecord } from '@crustan/core/formats';
import { describeFailure, useAddPhotoMutation, useDropPhotoMutation } from '../../store/bookApi';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { smallerPicture } from '../../ui/smallerPicture';
import { Text } from '../../ui/Text';
import { t } from './t';

/** The photograph of a cook, beside its simulated slice. */
export const Photo = ({ cook }: { readonly cook: CookRecord }) => {
  const [add, adding] = useAddPhotoMutation();
  const [drop] = useDropPhotoMutation();
  const take = async (file: File): Promise<void> => {
    const photo = await smallerPicture(file);
    await add({ id: cook.id, photo: photo ?? file });
  };
  return (
    <View className="items-center gap-2">
      {cook.photo ? (
        <img
          src={`${API}/cooks/${cook.id}/photo?${adding.fulfilledTimeStamp ?? 0}`}
          alt={t('photograph-of', { title: cook.plan.title })}
          style={{ maxWidth: '100%', maxHeight: 260, borderRadius: 4 }}
        />
      ) : null}
      <View className="no-print flex-row gap-2">
        <FileButton
          named={t('photograph-of-the-slice')}
          accept="image/*"
          label={
            adding.isLoading
              ? t('adding')
              : cook.photo
                ? t('another-photograph')
                : t('add-a-photograph')
          }
          disabled={adding.isLoading}
          onFile={(file) => void take(file)}
        />
        {cook.photo ? (
          <Button kind="plain" label={t('take-it-out')} onPress={() => void drop(cook.id)} />
        ) : null}
      </View>
      {adding.error ? (
        <Text voice="small" role="alert">
          {t('not-added', { failure: describeFailure(adding.error) })}
        </Text>
      ) : null}
    </View>
  );
};
