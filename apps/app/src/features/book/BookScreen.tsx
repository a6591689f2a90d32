import { useState } from 'react';
import { View } from 'react-native';
import { Link } from 'expo-router';
import type { CookSearch } from '@crustan/core/formats';
import { describeFailure, useCooksInfiniteQuery } from '../../store/bookApi';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { BookFrame } from './BookFrame';
import { BookSearch } from './BookSearch';
import { CookRow } from './CookRow';
import { Undelete } from './Undelete';
import { t } from './t';

/** Logged cooks, newest first, and the search for them. */
export const BookScreen = () => {
  const [search, setSearch] = useState<CookSearch>({});
  // Not the count of the search before: the status would say that it was found for these words.
  const found = useCooksInfiniteQuery(search).currentData?.pages[0]?.found;
  const empty = found === 0 && Object.keys(search).length === 0;
  return (
    <BookFrame title={t('logbook')}>
      <Undelete />
      {empty ? null : <BookSearch onSearch={setSearch} found={found} />}
      <CookList search={search} />
      <Link href="/book/new" className="min-h-touch justify-center py-3">
        <Text tone="text-flame-light" className="underline">
          {t('write-down-a-cook-from-memory')}
        </Text>
      </Link>
    </BookFrame>
  );
};

const CookList = ({ search }: { readonly search: CookSearch }) => {
  // The list before stays while the next answer is on its way: nothing jumps while typing.
  const { data, error, isLoading, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } =
    useCooksInfiniteQuery(search, { refetchOnMountOrArgChange: true });
  if (isLoading) return <Text tone="text-iron-500">{t('opening-the-logbook')}</Text>;
  if (error || !data) {
    return (
      <View className="items-start gap-3" role="alert">
        <Text>{describeFailure(error)}</Text>
        <Button kind="plain" label={t('try-again')} onPress={() => void refetch()} />
      </View>
    );
  }
  const cooks = data.pages.flatMap((page) => page.cooks);
  // A page whose rows cannot be read is empty, and the next one is not.
  if (cooks.length === 0 && !hasNextPage) {
    return (
      <Text>
        {Object.keys(search).length === 0
          ? t('no-cooks-yet-start-one-from-a')
          : t('no-matches-remove-a-word-or-a')}
      </Text>
    );
  }
  return (
    <View>
      <View role="list">
        {cooks.map((cook) => (
          <CookRow key={cook.id} cook={cook} />
        ))}
      </View>
      {hasNextPage ? (
        <View className="items-start pt-4">
          <Button
            kind="plain"
            label={t('older-cooks')}
            disabled={isFetchingNextPage}
            onPress={() => void fetchNextPage()}
          />
        </View>
      ) : null}
    </View>
  );
};
