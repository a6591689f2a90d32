import { useMemo } from 'react';
import { View } from 'react-native';
import type { CookRecord } from '@crustan/core/formats';
import type { LearnProgress } from '@crustan/core/learn/learnKitchen';
import { describeFailure, useRecentQuery } from '../../store/bookApi';
import { useAppSelector } from '../../store/store';
import { Progress } from '../../ui/Progress';
import { Text } from '../../ui/Text';
import { useLessons, type Learning } from '../../workers/useLessons';
import { BeforeAfter, Gained } from './BeforeAfter';
import { BookFrame } from './BookFrame';
import { LearnedDevice } from './LearnedDevice';
import { devicesOf } from './learnedDevices';

/** Cooks that are learned from, the newest. */
const LEARNED_FROM = 16;

/** Calibration of this kitchen from past cooks, and the figures that plans use. */
export const LearnedScreen = () => {
  const { data, error } = useRecentQuery(LEARNED_FROM, { refetchOnMountOrArgChange: true });
  const forgotten = useAppSelector((state) => state.kitchen.forgotten);
  const learning = useLessons(data, forgotten);
  return (
    <BookFrame title="Calibration" wide>
      <Text voice="small" tone="text-iron-500">
        Cooks with a reading or a measured end are simulated again to estimate your oven, burner,
        pans and eye for thickness. Uncertain values stay near nominal. Plans use only the values
        that you accept.
      </Text>
      {error ? (
        <Text role="alert">{describeFailure(error)}</Text>
      ) : !data ? (
        <Text tone="text-iron-500">Opening the logbook…</Text>
      ) : (
        <Lessons cooks={data} learning={learning} />
      )}
    </BookFrame>
  );
};

interface Props {
  readonly cooks: readonly CookRecord[];
  readonly learning: Learning;
}

interface RunningProps {
  readonly cooks: readonly CookRecord[];
  readonly progress: LearnProgress | undefined;
}

/** Progress of the calibration, in runs of the model. */
const Running = ({ cooks, progress }: RunningProps) => {
  const { done, total } = progress ?? { done: 0, total: 0 };
  const runs = total === 0 ? '' : `: run ${done} of ${total}`;
  return (
    <Progress
      label={`${cooks.length === 1 ? 'One cook runs' : `${cooks.length} cooks run`} through the model again${runs}`}
      share={total === 0 ? 0 : done / total}
    />
  );
};

const Lessons = ({ cooks, learning }: Props) => {
  const kitchen = useAppSelector((state) => state.kitchen);
  const titles = useMemo(() => new Map(cooks.map(({ id, plan }) => [id, plan.title])), [cooks]);
  if (learning.kind === 'failed') {
    return <Text role="alert">This device could not simulate the cooks. Reload the page.</Text>;
  }
  if (learning.kind === 'learning') return <Running cooks={cooks} progress={learning.progress} />;
  const { lessons, renewing } = learning;
  if (lessons.kitchen.cooks === 0) {
    return <Text>No data yet. Finish a cook with a core reading or a measured peak.</Text>;
  }
  return (
    <View className="gap-6">
      {renewing ? <Running cooks={cooks} progress={renewing} /> : null}
      <Gained past={lessons.kitchen.past} />
      <View className="gap-6 lg:flex-row lg:flex-wrap lg:gap-x-12">
        {devicesOf(lessons, kitchen).map((device) => (
          <View key={device.key} className="lg:min-w-[440px] lg:flex-1">
            <LearnedDevice device={device} titles={titles} />
          </View>
        ))}
      </View>
      <BeforeAfter past={lessons.kitchen.past} titles={titles} />
    </View>
  );
};
