import { selectStoveCooks } from '../../store/passSlice';
import { useEffect, useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import type { PlanRecord } from '@crustan/core/formats';
import { showDuration } from '@crustan/core/units';
import { usePlansInfiniteQuery, describeFailure } from '../../store/bookApi';
import { byPlate } from '../../store/byPlate';
import { useAppSelector, useAppStore } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { formatMoment } from '../../words/describePlate';
import { describeNextDue } from '../../words/describeNextDue';
import { useShow } from '../../words/useShow';
import { HINDERED } from '../../words/hinderedWords';
import { joinPlans, startTogether, type Joined } from '../../workers/startTogether';
import { t } from './t';

/** Times and waits from this on are shown, s. */
const WORTH_SAYING = 60;

/** Faults of saved plans on one plate, in sentences. */
const describeFaults = (
  { late, apart, hindered, pieces }: NonNullable<Joined['plate']>,
  taken: readonly PlanRecord[],
): readonly string[] => {
  const reason = hindered && HINDERED[hindered.reason];
  const why = reason === undefined ? '' : `: ${reason}`;
  return [
    ...(late < WORTH_SAYING
      ? []
      : [t('the-plate-is-later-than-planned', { duration: showDuration(late), why })]),
    ...(apart < WORTH_SAYING
      ? []
      : [t('the-pieces-cannot-be-ready-together-the', { why, duration: showDuration(apart) })]),
    ...pieces
      .filter(({ overRested }) => overRested >= WORTH_SAYING)
      .map(({ plan, overRested }) =>
        t('waits-longer-than-it-stays-warm-keep', {
          title: taken[plan]?.title ?? '',
          duration: showDuration(overRested),
        }),
      ),
  ];
};

/** Chooses saved plans to cook for one plate, and says how they share the pan and the oven. */
export const AddPiece = ({ onDone }: { readonly onDone: () => void }) => {
  const store = useAppStore();
  const show = useShow();
  const gear = useGear();
  const on = useAppSelector(selectStoveCooks);
  const { data, error, hasNextPage, fetchNextPage } = usePlansInfiniteQuery();
  const plans = useMemo(() => data?.pages.flatMap((page) => page.plans), [data]);
  const now = useNow(60_000);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const taken = useMemo(
    () => (plans ?? []).filter(({ id }) => chosen.includes(id)),
    [plans, chosen],
  );
  const [joined, setJoined] = useState<Joined & { readonly of: typeof taken }>();
  const several = taken.length > 0 && on.length + taken.length > 1;
  useEffect(() => {
    if (!several) return undefined;
    let stale = false;
    joinPlans(store, taken, on).then(
      (found) => {
        if (!stale) setJoined({ ...found, of: taken });
      },
      // Without an answer the times are not shown. The pieces can still be started.
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [several, taken, on, store]);
  const known = several && joined?.of === taken ? joined : undefined;
  if (error) return <Text tone="text-salt-50">{describeFailure(error)}</Text>;
  if (plans?.length === 0) {
    return <Text tone="text-salt-50">{t('no-saved-plans-save-one-to-cook')}</Text>;
  }
  return (
    <View className="gap-4">
      <View className="gap-2" role="group" aria-label={t('saved-plans')}>
        {byPlate(plans ?? [], now).map((plan) => {
          const is = chosen.includes(plan.id);
          const due = describeNextDue(plan, gear, now, show);
          return (
            <Pressable
              key={plan.id}
              role="checkbox"
              aria-checked={is}
              onPress={() =>
                setChosen(is ? chosen.filter((id) => id !== plan.id) : [...chosen, plan.id])
              }
              className={`min-h-stove justify-center rounded border-2 px-4 py-2 ${is ? 'border-flame-dark bg-iron-700' : 'border-iron-500'}`}
            >
              <Text tone="text-salt-50">{plan.title}</Text>
              {due === undefined ? null : (
                <Text voice="small" tone="text-iron-400">
                  {t('plate', { moment: formatMoment(plan.plateAt, now, show), due })}
                </Text>
              )}
            </Pressable>
          );
        })}
        {hasNextPage ? (
          <Button kind="stovePlain" label={t('older-plans')} onPress={() => void fetchNextPage()} />
        ) : null}
      </View>
      {known === undefined ? null : (
        <View className="gap-1" role="list" aria-label={t('in-which-order')}>
          {known.plate === undefined ? (
            <Text tone="text-salt-200" role="alert">
              {t('they-find-no-place-together-in-the')}
            </Text>
          ) : (
            <>
              <Text voice="label" tone="text-salt-50">
                {t('one-plate-at-onto-the-heat', { clock: show.clock(known.plateAt) })}
              </Text>
              {known.plate.pieces.map(({ plan, start }) => (
                <View key={plan} role="listitem" className="flex-row gap-3">
                  <Text voice="figure" tone="text-iron-400" className="w-[3.25rem]">
                    {show.clock(known.from + start * 1000)}
                  </Text>
                  <Text tone="text-salt-50" className="flex-1">
                    {taken[plan]?.title ?? ''}
                  </Text>
                </View>
              ))}
              {describeFaults(known.plate, taken).map((fault) => (
                <Text key={fault} tone="text-salt-200">
                  {fault}
                </Text>
              ))}
            </>
          )}
        </View>
      )}
      <Button
        kind="stove"
        disabled={taken.length === 0}
        label={taken.length < 2 ? t('start-it') : t('start-together', { takenCount: taken.length })}
        onPress={() => {
          void startTogether(store, taken, on).then(onDone);
        }}
      />
    </View>
  );
};
