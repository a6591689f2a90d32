import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Link } from 'expo-router';
import { useGear } from '../../../store/useGear';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { LESSONS, type Lesson } from './lessons';
import { AtPractice } from './AtPractice';

/** A practice cook against a hidden kitchen: decide by what is seen, heard and felt. */
export const PracticeScreen = () => {
  const [lesson, setLesson] = useState<Lesson>();
  const [seed, setSeed] = useState(() => Date.now() % 100_000);
  const { pan } = useGear();
  return (
    <ScrollView className="on-iron flex-1 bg-iron-950" contentContainerClassName="flex-grow">
      <View className="w-full max-w-[640px] flex-1 gap-5 self-center px-4 pb-4 pt-4">
        {lesson ? (
          <AtPractice
            key={`${lesson.id} ${seed}`}
            lesson={lesson}
            seed={seed}
            pan={pan}
            onAgain={(other) => {
              if (other) setSeed(seed + 1);
              else setLesson(undefined);
            }}
          />
        ) : (
          <>
            <Text voice="strong" tone="text-salt-50" heading={1}>
              Practice
            </Text>
            <Text tone="text-salt-50">
              A cook in a kitchen you do not know: its oven, its pan and the piece are off by as
              much as kitchens are. Time runs fast; nothing burns but points.
            </Text>
            {LESSONS.map((one) => (
              <View key={one.id} className="gap-1">
                <Button kind="stovePlain" label={one.title} onPress={() => setLesson(one)} />
                <Text voice="small" tone="text-iron-400">
                  {one.task}
                </Text>
              </View>
            ))}
            <Link href="/stove">
              <Text tone="text-flame-dark" className="underline">
                Back to the stove
              </Text>
            </Link>
          </>
        )}
      </View>
    </ScrollView>
  );
};
