import { View } from 'react-native';
import { RUB_IDS, RUBS, type RubId } from '@crustan/core/food/rubs';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { Chips } from '../../../ui/Chips';
import { Text } from '../../../ui/Text';

const OPTIONS = RUB_IDS.map((value) => ({ value, label: RUBS[value].name }));

const NONE: readonly RubId[] = [];

/** Rubs on the piece; the timeline gives their times. */
export const RubsEditor = () => {
  const dispatch = useAppDispatch();
  const rubs = useAppSelector((state) => state.draft.request.rubs ?? NONE);
  return (
    <View className="gap-2">
      <Text voice="label">Rubs and spices</Text>
      <Chips
        label="Rubs and spices"
        options={OPTIONS}
        chosen={rubs}
        onChange={(chosen) =>
          dispatch(requestChanged({ rubs: chosen.length === 0 ? undefined : chosen }))
        }
      />
      <Text voice="small" tone="text-iron-500">
        The time of each is computed from the surface temperature of the plan, and shown in the
        timeline.
      </Text>
    </View>
  );
};
