import { useState } from 'react';
import { View } from 'react-native';
import type { CookRecord } from '@crustan/core/formats';
import type { GreyDepths } from '@crustan/core/formats/judgementSchema';
import { API } from '../../store/apiAddress';
import {
  describeFailure,
  useAddPhotoMutation,
  useDropPhotoMutation,
  useJudgeMutation,
} from '../../store/bookApi';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { smallerPicture } from '../../ui/smallerPicture';
import { Text } from '../../ui/Text';
import { GreyBandLines } from './GreyBandLines';
import { t } from './t';

/** The photograph of a cook, beside its simulated slice, and its grey band measured on it. */
export const Photo = ({ cook }: { readonly cook: CookRecord }) => {
  const [add, adding] = useAddPhotoMutation();
  const [drop] = useDropPhotoMutation();
  const [judge, judged] = useJudgeMutation();
  const [measures, setMeasures] = useState(false);
  const src = `${API}/cooks/${cook.id}/photo?${adding.fulfilledTimeStamp ?? 0}`;
  const take = async (file: File): Promise<void> => {
    const photo = await smallerPicture(file);
    await add({ id: cook.id, photo: photo ?? file });
  };
  const save = (greyDepths: GreyDepths): void => {
    judge({ id: cook.id, judgement: { ...(cook.judgement ?? { notes: '' }), greyDepths } })
      .unwrap()
      .then(
        () => setMeasures(false),
        () => undefined,
      );
  };
  const failed = adding.error
    ? t('not-added', { failure: describeFailure(adding.error) })
    : judged.error
      ? t('not-saved', { failure: describeFailure(judged.error) })
      : undefined;
  return (
    <View className="items-center gap-2">
      {cook.photo && measures ? (
        <GreyBandLines
          src={src}
          thickness={cook.plan.plan.request.thickness}
          isSaving={judged.isLoading}
          onSave={save}
          onClose={() => setMeasures(false)}
        />
      ) : cook.photo ? (
        <img
          src={src}
          alt={t('photograph-of', { title: cook.plan.title })}
          style={{ maxWidth: '100%', maxHeight: 260, borderRadius: 4 }}
        />
      ) : null}
      <View className="no-print flex-row flex-wrap gap-2">
        {cook.photo && !measures ? (
          <Button
            kind="plain"
            label={t('measure-the-grey-band')}
            onPress={() => setMeasures(true)}
          />
        ) : null}
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
      {failed === undefined ? null : (
        <Text voice="small" role="alert">
          {failed}
        </Text>
      )}
    </View>
  );
};
