import { useCallback, useState } from 'react';
import { View } from 'react-native';
import { Link } from 'expo-router';
import type { CookSearch, ListMark } from '@crustan/core/formats';
import { sayFailure, useCooksQuery } from '../../store/bookApi';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { BookFrame } from './BookFrame';
import { BookSearch } from './BookSearch';
import { CookRow } from './CookRow';
import { Undelete } from './Undelete';

/** Logged cooks, newest first, and the search for them. */
export const BookScreen = () => {
  const [search, setSearch] = useState<CookSearch>({});
  const [marks, setMarks] = useState<readonly (ListMark | undefined)[]>([undefined]);
  const look = useCallback((wanted: CookSearch) => {
    setSearch(wanted);
    setMarks([undefined]);
  }, []);
  const { data } = useCooksQuery({ search }, { refetchOnMountOrArgChange: true });
  const empty = data?.found === 0 && Object.keys(search).length === 0;
  return (
    <BookFrame title="Book">
      <Undelete />
      {empty ? null : <BookSearch search={search} onSearch={look} found={data?.found} />}
      <View>
        {marks.map((mark, index) => (
          <Page
            key={mark?.id ?? 'newest'}
            search={search}
            mark={mark}
            last={index === marks.length - 1}
            onMore={(older) => setMarks([...marks, older])}
          />
        ))}
      </View>
      <Link href="/book/new" className="min-h-touch justify-center py-3">
        <Text tone="text-flame-light" className="underline">
          Write down a cook from memory
        </Text>
      </Link>
    </BookFrame>
  );
};

interface PageProps {
  readonly search: CookSearch;
  readonly mark: ListMark | undefined;
  readonly last: boolean;
  readonly onMore: (before: ListMark) => void;
}

const Page = ({ search, mark, last, onMore }: PageProps) => {
  // The page before stays while the next answer is on its way: nothing jumps while typing.
  const { data, error, isLoading, refetch } = useCooksQuery(mark ? { search, mark } : { search }, {
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
  if (mark === undefined && data.cooks.length === 0) {
    return (
      <Text>
        {Object.keys(search).length === 0
          ? 'No cooks yet. Start one from a plan; it is written here when you slice it.'
          : 'No cook answers that. Take a word or a filter away.'}
      </Text>
    );
  }
  const { next } = data;
  return (
    <View role="list">
      {data.cooks.map((cook) => (
        <CookRow key={cook.id} cook={cook} />
      ))}
      {last && next ? (
        <View className="items-start pt-4">
          <Button kind="plain" label="Older cooks" onPress={() => onMore(next)} />
        </View>
      ) : null}
    </View>
  );
};
