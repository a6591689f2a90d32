import { View } from 'react-native';
import { effectiveEvents } from '@crustan/core/cook/effectiveEvents';
import { bookApi, useCooksInfiniteQuery } from '../../store/bookApi';
import { cookResumed } from '../../store/logSlice';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** A cook older than this is not offered again, ms. */
const STILL_ON = 12 * 3600 * 1000;

/** Unfinished cooks on the server: started on another device, or lost here. */
export const UnderWay = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const now = useNow(60_000);
  const { data } = useCooksInfiniteQuery({}, { refetchOnMountOrArgChange: true });
  const open = data?.pages
    .flatMap(({ cooks }) => cooks)
    .filter((cook) => !cook.finished && now - cook.createdAt < STILL_ON)
    // Pieces for one plate are resumed together, by the first that is unfinished.
    .filter(
      (cook, i, all) =>
        cook.together === undefined ||
        all.findIndex(({ together }) => together === cook.together) === i,
    );
  if (!open || open.length === 0) return null;
  const resume = async (id: string): Promise<void> => {
    const { data: cooks } = await dispatch(
      bookApi.endpoints.together.initiate(id, { forceRefetch: true, subscribe: false }),
    );
    for (const cook of cooks ?? []) {
      const sliced = effectiveEvents(cook.events).some(({ kind }) => kind === 'sliced');
      if (!sliced) dispatch(cookResumed(cook));
    }
  };
  return (
    <View className="gap-3">
      <Text voice="head" tone="text-salt-50" heading={2}>
        {t('under-way')}
      </Text>
      {open.map((cook) => (
        <Button
          key={cook.id}
          kind="stovePlain"
          label={t('started', { title: cook.title, clock: show.clock(cook.createdAt) })}
          onPress={() => void resume(cook.id)}
        />
      ))}
    </View>
  );
};
