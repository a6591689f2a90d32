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
import { t } from '../t';

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
        {t('to-it-would-take-the-place-of', {
          title,
          pieceName: pieceName(request),
          thickness: show.thickness(request.thickness),
          weight: show.weight(request.weight),
          temperature: show.temperature(request.target),
          words: WAY_NAMES[request.way].toLowerCase(),
          part:
            plate === undefined
              ? ''
              : t('on-the-plate', { plate: describePlate(plate, now, show) }),
        })}
      </Text>
      <View className="items-start">
        <Button
          label={t('take-it-to-plan')}
          onPress={() => {
            dispatch(draftTaken({ request, plate }));
            router.push('/');
          }}
        />
      </View>
    </View>
  );
};
