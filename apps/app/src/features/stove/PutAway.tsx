import { useState } from 'react';
import { View } from 'react-native';
import { unsentEvents, type ActiveCook } from '../../store/activeCook';
import { streamPutAway } from '../../store/logSlice';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { saveFile } from '../../ui/saveFile';
import { Text } from '../../ui/Text';
import { pressesFile } from './pressesFile';
import { t } from './t';

/**
 * Removes a cook from this device. Steps that the logbook lacks exist only on this device: they are saved as a file
 * first.
 */
export const PutAway = ({ cook }: { readonly cook: ActiveCook }) => {
  const dispatch = useAppDispatch();
  const [saved, setSaved] = useState(false);
  const unsent = unsentEvents(cook).length;
  const leave = (): void => {
    dispatch(streamPutAway(saved ? { stream: cook.id, saved } : { stream: cook.id }));
  };
  const save = (): void => {
    const text = JSON.stringify(pressesFile(cook), null, 2);
    saveFile(`crustan-presses-${cook.id.slice(0, 8)}.json`, 'application/json', `${text}\n`);
    setSaved(true);
  };
  if (unsent === 0) return <Button kind="stovePlain" label={t('put-it-away')} onPress={leave} />;
  return (
    <View className="gap-2">
      <Text voice="small" tone="text-salt-50">
        {saved
          ? t('saved-the-file-can-be-brought-into')
          : t('not-in-the-logbook-this-is-the', { unsent })}
      </Text>
      {saved ? (
        <Button kind="stovePlain" label={t('put-it-away')} onPress={leave} />
      ) : (
        <Button kind="stovePlain" label={t('save-as-a-file')} onPress={save} />
      )}
    </View>
  );
};
