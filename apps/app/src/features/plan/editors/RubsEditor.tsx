import { translateName } from '@crustan/messages';
import { View } from 'react-native';
import { RUB_IDS, RUBS, type RubId } from '@crustan/core/food/rubs';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { Chips } from '../../../ui/Chips';
import { Text } from '../../../ui/Text';
import { t } from '../t';

const OPTIONS = RUB_IDS.map((value) => ({ value, label: translateName(RUBS[value].name) }));

const NONE: readonly RubId[] = [];

/** Rubs on the piece; the timeline gives their times. */
export const RubsEditor = () => {
  const dispatch = useAppDispatch();
  const rubs = useAppSelector((state) => state.draft.request.rubs ?? NONE);
  return (
    <View className="gap-2">
      <Text voice="label">{t('rubs-and-spices')}</Text>
      <Chips
        label={t('rubs-and-spices')}
        options={OPTIONS}
        chosen={rubs}
        onChange={(chosen) =>
          dispatch(requestChanged({ rubs: chosen.length === 0 ? undefined : chosen }))
        }
      />
      <Text voice="small" tone="text-iron-500">
        {t('the-time-of-each-is-computed-from')}
      </Text>
    </View>
  );
};
