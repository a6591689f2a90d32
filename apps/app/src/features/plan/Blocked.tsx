import { View } from 'react-native';
import type { Obstacle, Remedy } from '@crustan/core/plan';
import { requestChanged } from '../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { remedyChange, describeObstacle, describeRemedy } from '../../words/obstacleWords';
import { useShow } from '../../words/useShow';
import { t } from './t';

interface Props {
  readonly obstacle: Obstacle;
  readonly remedies: readonly Remedy[] | undefined;
  readonly searching: boolean;
}

/** Reason why a plan fails, and its fixes, each as a button. */
export const Blocked = ({ obstacle, remedies = [], searching }: Props) => {
  const request = useAppSelector((state) => state.draft.request);
  const show = useShow();
  return (
    <View className="gap-3" role="alert">
      <Text voice="head" heading={2}>
        {t('this-will-not-work')}
      </Text>
      <Text>{describeObstacle(obstacle, request, show)}</Text>
      <Remedies remedies={remedies} searching={searching} />
    </View>
  );
};

/** Fixes as buttons, with a line while the search runs or if it found none. */
export const Remedies = ({
  remedies,
  searching,
}: Pick<Props, 'searching'> & { readonly remedies: readonly Remedy[] }) => {
  const request = useAppSelector((state) => state.draft.request);
  const dispatch = useAppDispatch();
  const show = useShow();
  if (remedies.length === 0 && !searching) return null;
  return (
    <View className="gap-2">
      <Text voice="strong">{remedies.length > 0 ? t('fixes') : t('looking-for-fixes')}</Text>
      <View className="flex-row flex-wrap gap-2">
        {remedies.map((remedy) => (
          <Button
            key={remedy.kind}
            kind="plain"
            label={describeRemedy(remedy, request, show)}
            onPress={() => dispatch(requestChanged(remedyChange(remedy, request)))}
          />
        ))}
      </View>
    </View>
  );
};
