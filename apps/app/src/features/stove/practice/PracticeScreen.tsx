import { useState } from 'react';
import { Pressable, ScrollView, View, useWindowDimensions } from 'react-native';
import { Link } from 'expo-router';
import { DRILLS, type DrillKind } from '@crustan/core/simulation/callBias';
import { usePractisedQuery } from '../../../store/practiceApi';
import { useGear } from '../../../store/useGear';
import { Text } from '../../../ui/Text';
import { WIDE } from '../../../ui/wide';
import { AtPractice } from './AtPractice';
import { bestOf } from './courseProgress';
import { Drill } from './Drill';
import { DRILL_WORDS, describeDrillRecord } from './drillWords';
import { LESSONS, PASSED, type Lesson } from './lessons';
import { useShow } from '../../../words/useShow';
import { t } from '../t';

/** A practice cook against a hidden kitchen, and drills of finger, eye and ear. */
export const PracticeScreen = () => {
  const [lesson, setLesson] = useState<Lesson>();
  const [drill, setDrill] = useState<DrillKind>();
  const [seed, setSeed] = useState(() => Date.now() % 100_000);
  const { pan } = useGear();
  const { width } = useWindowDimensions();
  const room = width >= WIDE ? 'max-w-[1120px]' : 'max-w-[640px]';
  if (lesson) {
    return (
      <View className="on-iron min-h-0 flex-1 bg-iron-950">
        <View className={`min-h-0 w-full flex-1 gap-3 self-center px-4 pb-2 pt-4 ${room}`}>
          <AtPractice
            key={`${lesson.id} ${seed}`}
            lesson={lesson}
            seed={seed}
            pan={pan}
            onAgain={(other) => {
              setSeed(seed + 1);
              if (!other) setLesson(undefined);
            }}
          />
        </View>
      </View>
    );
  }
  return (
    <ScrollView className="on-iron flex-1 bg-iron-950" contentContainerClassName="flex-grow">
      <View className={`w-full flex-1 gap-5 self-center px-4 pb-4 pt-4 ${room}`}>
        {drill ? (
          <Drill key={drill} kind={drill} onDone={() => setDrill(undefined)} />
        ) : (
          <Course onLesson={setLesson} onDrill={setDrill} />
        )}
      </View>
    </ScrollView>
  );
};

interface CourseProps {
  readonly onLesson: (lesson: Lesson) => void;
  readonly onDrill: (drill: DrillKind) => void;
}

/** The lessons in the order that teaches, with what was reached, and the drills. */
const Course = ({ onLesson, onDrill }: CourseProps) => {
  const show = useShow();
  const { width } = useWindowDimensions();
  const { data: results = [] } = usePractisedQuery();
  const next = LESSONS.find(({ id }) => (bestOf(results, id) ?? 0) < PASSED);
  return (
    <>
      <Text voice="strong" tone="text-salt-50" heading={1}>
        {t('practice')}
      </Text>
      <Text tone="text-salt-50" className="max-w-[640px]">
        {t('oven-pan-and-piece-are-off-as')}
      </Text>
      <View className={width >= WIDE ? 'flex-row gap-12' : 'gap-6'}>
        <View className="lg:flex-1">
          <Text voice="head" tone="text-salt-50" heading={2} className="pb-2">
            {t('the-course')}
          </Text>
          <View role="list" aria-label={t('lessons')}>
            {LESSONS.map((one, i) => (
              <Row
                key={one.id}
                title={`${i + 1}  ${one.title}`}
                says={one.task}
                figure={describeBest(bestOf(results, one.id))}
                next={one === next}
                onPress={() => onLesson(one)}
              />
            ))}
          </View>
        </View>
        <View className="lg:flex-1">
          <Text voice="head" tone="text-salt-50" heading={2} className="pb-2">
            {t('finger-eye-and-ear')}
          </Text>
          <View role="list" aria-label={t('drills')}>
            {DRILLS.map((kind) => (
              <Row
                key={kind}
                title={DRILL_WORDS[kind].title}
                says={describeDrillRecord(kind, results, show) ?? DRILL_WORDS[kind].task}
                onPress={() => onDrill(kind)}
              />
            ))}
          </View>
          <Link href="/stove" className="min-h-touch pt-3">
            <Text tone="text-flame-dark" className="underline">
              {t('back-to-the-stove')}
            </Text>
          </Link>
        </View>
      </View>
    </>
  );
};

const describeBest = (best: number | undefined): string | undefined =>
  best === undefined ? undefined : t('best', { best });

interface RowProps {
  readonly title: string;
  readonly says: string;
  readonly figure?: string | undefined;
  /** The one to do now. */
  readonly next?: boolean;
  readonly onPress: () => void;
}

const Row = ({ title, says, figure, next = false, onPress }: RowProps) => (
  <View role="listitem">
    <Pressable
      role="button"
      onPress={onPress}
      className={`min-h-stove justify-center border-t border-iron-700 py-2 active:opacity-80 ${next ? 'border-l-4 border-l-flame-dark pl-3' : ''}`}
    >
      <View className="flex-row items-baseline justify-between gap-3">
        <Text voice="bigFigure" tone="text-salt-50" className="flex-1">
          {title}
        </Text>
        {figure === undefined ? null : (
          <Text voice="figure" tone="text-salt-200">
            {figure}
          </Text>
        )}
      </View>
      <Text voice="small" tone="text-iron-400">
        {says}
      </Text>
    </Pressable>
  </View>
);
