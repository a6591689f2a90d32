import { View } from 'react-native';
import { cutOf } from '@crustan/core/plan/request';
import { waysFor, type Way } from '@crustan/core/plan/way';
import { runOf, type RunGear } from '@crustan/core/schedule';
import { requestChanged } from '../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { WAY_NAMES } from '../../words/wayWords';
import { usePlanView } from '../../workers/planLane';
import { t } from './t';

interface Props {
  readonly gear: RunGear;
  /** Time left to the plate, s. */
  readonly left: number;
}

/** Ways that would still make the plate in the time that is left. */
export const StillInTime = ({ gear, left }: Props) => {
  const request = useAppSelector((state) => state.draft.request);
  return (
    <View className="gap-2">
      {waysFor(cutOf(request))
        .filter((way) => way !== request.way)
        .map((way) => (
          <Offer key={way} way={way} gear={gear} left={left} />
        ))}
    </View>
  );
};

const Offer = ({ way, gear, left }: Props & { readonly way: Way }) => {
  const dispatch = useAppDispatch();
  const { plan, stale } = usePlanView(way);
  if (!plan || stale || runOf(plan, gear).tonight > left) return null;
  return (
    <View className="items-start">
      <Button
        kind="plain"
        label={t('still-in-time', { words: WAY_NAMES[way].toLowerCase() })}
        onPress={() => dispatch(requestChanged({ way }))}
      />
    </View>
  );
};
