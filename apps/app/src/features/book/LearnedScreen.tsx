import { useMemo } from 'react';
import { View } from 'react-native';
import type { CookRecord } from '@crustan/core/formats';
import type { LearnProgress } from '@crustan/core/learn/learnKitchen';
import { describeFailure, useRecentQuery } from '../../store/bookApi';
import { useAppSelector } from '../../store/store';
import { useCookEyes } from '../../store/useCookEyes';
import { Progress } from '../../ui/Progress';
import { Text } from '../../ui/Text';
import { useLessons, type Learning } from '../../workers/useLessons';
import { BeforeAfter, Gained } from './BeforeAfter';
import { BookFrame } from './BookFrame';
import { LearnedDevice } from './LearnedDevice';
import { devicesOf } from './learnedDevices';
import { EvidenceList } from './EvidenceList';
import { t } from './t';

/** Cooks that are learned from, the newest. */
const LEARNED_FROM = 16;

/** Calibration of this kitchen from past cooks, and the figures that plans use. */
export const LearnedScreen = () => {
  const { data, error } = useRecentQuery(LEARNED_FROM, { refetchOnMountOrArgChange: true });
  const forgotten = useAppSelector((state) => state.kitchen.forgotten);
  const learning = useLessons(data, forgotten, useCookEyes());
  return (
    <BookFrame title={t('calibration')} wide>
      <Text voice="small" tone="text-iron-500">
        {t('cooks-with-a-reading-or-a-measured')}
      </Text>
      {error ? (
        <Text role="alert">{describeFailure(error)}</Text>
      ) : !data ? (
        <Text tone="text-iron-500">{t('opening-the-logbook')}</Text>
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
  const runs = total === 0 ? '' : t('run-of', { done, total });
  return (
    <Progress
      label={t('through-the-model-again', {
        part:
          cooks.length === 1 ? t('one-cook-runs') : t('cooks-run', { cooksCount: cooks.length }),
        runs,
      })}
      share={total === 0 ? 0 : done / total}
    />
  );
};

const Lessons = ({ cooks, learning }: Props) => {
  const kitchen = useAppSelector((state) => state.kitchen);
  const titles = useMemo(() => new Map(cooks.map(({ id, plan }) => [id, plan.title])), [cooks]);
  if (learning.kind === 'failed') {
    return <Text role="alert">{t('this-device-could-not-simulate-the-cooks')}</Text>;
  }
  if (learning.kind === 'learning') return <Running cooks={cooks} progress={learning.progress} />;
  const { lessons, renewing } = learning;
  if (lessons.kitchen.cooks === 0) {
    return <Text>{t('no-data-yet-finish-a-cook-with')}</Text>;
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
      <EvidenceList evidence={lessons.kitchen.evidence} />
      <BeforeAfter past={lessons.kitchen.past} titles={titles} />
    </View>
  );
};
