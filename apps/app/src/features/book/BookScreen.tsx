import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Link } from 'expo-router';
import type { CookLine } from '@crustan/core/formats';
import { showDuration } from '@crustan/core/units';
import { sayFailure, useCooksQuery } from '../../store/bookApi';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';

/** Logged cooks, newest first. */
export const BookScreen = () => {
  const [pages, setPages] = useState<readonly (number | undefined)[]>([undefined]);
  return (
    <ScrollView className="flex-1 bg-salt-50" contentContainerClassName="pb-10">
      <View className="w-full max-w-[760px] self-center px-4 pt-2">
        <View className="min-h-touch justify-center">
          <Text voice="strong" heading={1}>
            Book
          </Text>
        </View>
        {pages.map((before, index) => (
          <Page
            key={before ?? 'newest'}
            before={before}
            last={index === pages.length - 1}
            onMore={(older) => setPages([...pages, older])}
          />
        ))}
      </View>
    </ScrollView>
  );
};

interface PageProps {
  readonly before: number | undefined;
  readonly last: boolean;
  readonly onMore: (before: number) => void;
}

const Page = ({ before, last, onMore }: PageProps) => {
  const { data, error, isLoading, refetch } = useCooksQuery(before, {
    refetchOnMountOrArgChange: true,
  });
  if (isLoading) return <Text tone="text-iron-500">Opening the book…</Text>;
  if (error || !data) {
    return (
      <View className="items-start gap-3" role="alert">
        <Text>{sayFailure(error)}</Text>
        <Button kind="plain" label="Try again" onPress={() => void refetch()} />
      </View>
    );
  }
  if (before === undefined && data.cooks.length === 0) {
    return <Text>No cooks yet. Start one from a plan; it is written here when you slice it.</Text>;
  }
  return (
    <View role="list">
      {data.cooks.map((cook) => (
        <Line key={cook.id} cook={cook} />
      ))}
      {last && data.nextBefore !== undefined ? (
        <View className="items-start pt-4">
          <Button
            kind="plain"
            label="Older cooks"
            onPress={() => data.nextBefore !== undefined && onMore(data.nextBefore)}
          />
        </View>
      ) : null}
    </View>
  );
};

const Line = ({ cook }: { readonly cook: CookLine }) => {
  const show = useShow();
  const { endTemperature, actualSeconds } = cook;
  return (
    <View role="listitem" className="border-t border-salt-200">
      <Link href={`/book/${cook.id}`} className="py-3">
        <View className="w-full gap-1 md:flex-row md:items-center md:gap-4">
          <View className="md:flex-1">
            <Text voice="strong">{cook.title}</Text>
            <Text voice="small" tone="text-iron-500">
              {show.day(cook.createdAt)}
            </Text>
          </View>
          <View className="flex-row items-baseline gap-4">
            <View className="w-[92px]">
              <Text voice="figure">
                {endTemperature === undefined ? '–' : show.degrees(endTemperature)}
              </Text>
              <Text voice="note" tone="text-iron-500">
                {`for ${show.degrees(cook.target)}`}
              </Text>
            </View>
            <View className="w-[92px]">
              <Text voice="figure">
                {actualSeconds === undefined ? '–' : showDuration(actualSeconds)}
              </Text>
              <Text voice="note" tone="text-iron-500">
                {`plan ${showDuration(cook.cookSeconds)}`}
              </Text>
            </View>
            <View className="w-[92px]">
              <Text voice="figure">{cook.crust ?? '–'}</Text>
              <Text voice="note" tone="text-iron-500">
                {cook.finished ? 'crust' : 'under way'}
              </Text>
            </View>
          </View>
        </View>
      </Link>
    </View>
  );
};
