import { View } from 'react-native';
import { useRouter } from 'expo-router';
import type { PlanRequest } from '@crustan/core/plan/request';
import { draftTaken } from '../../../store/draftSlice';
import type { PlateTime } from '../../../store/plateTime';
import { useAppDispatch } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { useNow } from '../../../ui/useNow';
import { pieceName } from '../../../words/cutWords';
import { describePlate } from '../../../words/describePlate';
import { useShow } from '../../../words/useShow';
import { WAY_NAMES } from '../../../words/wayWords';

interface Props {
  readonly title: string;
  readonly request: PlanRequest;
  readonly plate: PlateTime | undefined;
}

/** A plan from a file, into the sentence. */
export const PlanImport = ({ title, request, plate }: Props) => {
  const show = useShow();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const now = useNow(60_000);
  return (
    <View className="gap-3">
      <Text>
        {`“${title}”: ${pieceName(request)}, ${show.thickness(request.thickness)}, ${show.weight(request.weight)}, to ${show.temperature(request.target)}; ${WAY_NAMES[request.way].toLowerCase()}${plate === undefined ? '' : `, on the plate ${describePlate(plate, now, show)}`}. It would take the place of the sentence in Plan.`}
      </Text>
      <View className="items-start">
        <Button
          label="Take it to Plan"
          onPress={() => {
            dispatch(draftTaken({ request, plate }));
            router.push('/');
          }}
        />
      </View>
    </View>
  );
};
