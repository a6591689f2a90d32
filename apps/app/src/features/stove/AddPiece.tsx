import { selectStoveCooks } from '../../store/passSlice';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import type { PlanRecord } from '@crustan/core/formats';
import { inAtFor, runOf } from '@crustan/core/schedule/run';
import { showDuration } from '@crustan/core/units';
import { usePlansInfiniteQuery, sayFailure } from '../../store/bookApi';
import { byPlate } from '../../store/byPlate';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { sayMoment } from '../../words/sayPlate';
import { sayNextDue } from '../../words/sayNextDue';
import { useShow } from '../../words/useShow';
import { landingsOf, startTogether } from '../../store/startTogether';

/** Chooses kept plans to cook for one plate, and says how they share pan and oven. */
export const AddPiece = ({ onDone }: { readonly onDone: () => void }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const gear = useGear();
  const on = useAppSelector(selectStoveCooks);
  const { data, error, hasNextPage, fetchNextPage } = usePlansInfiniteQuery();
  const plans = data?.pages.flatMap((page) => page.plans);
  const now = useNow(60_000);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const taken = (plans ?? []).filter(({ id }) => chosen.includes(id));
  const all: readonly PlanRecord[] = [...on.map(({ plan }) => plan), ...taken];
  const landings = landingsOf(all, gear);
  const plateAt = all[0]?.plateAt ?? 0;
  const order = all
    .map((plan, i) => ({
      plan,
      inAt: inAtFor(runOf(plan.plan, gear), plateAt - (landings.pieces[i]?.waits ?? 0) * 1000),
    }))
    .toSorted((a, b) => a.inAt - b.inAt);
  const titleOf = (i: number): string => all[i]?.title ?? '';
  if (error) return <Text tone="text-salt-50">{sayFailure(error)}</Text>;
  if (plans?.length === 0) {
    return (
      <Text tone="text-salt-50">No saved plans. Save one to cook it with others from here.</Text>
    );
  }
  return (
    <View className="gap-4">
      <View className="gap-2" role="group" aria-label="Kept plans">
        {byPlate(plans ?? [], now).map((plan) => {
          const is = chosen.includes(plan.id);
          const due = sayNextDue(plan, gear, now, show);
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
                  {`Plate ${sayMoment(plan.plateAt, now, show)}. ${due}`}
                </Text>
              )}
            </Pressable>
          );
        })}
        {hasNextPage ? (
          <Button kind="stovePlain" label="Older plans" onPress={() => void fetchNextPage()} />
        ) : null}
      </View>
      {taken.length === 0 || all.length < 2 ? null : (
        <View className="gap-1" role="list" aria-label="In which order">
          <Text voice="label" tone="text-salt-50">
            {`One plate at ${show.clock(plateAt)}; onto the heat`}
          </Text>
          {order.map(({ plan, inAt }) => (
            <View key={plan.id} role="listitem" className="flex-row gap-3">
              <Text voice="figure" tone="text-iron-400" className="w-[3.25rem]">
                {show.clock(inAt)}
              </Text>
              <Text tone="text-salt-50" className="flex-1">
                {plan.title}
              </Text>
            </View>
          ))}
          {landings.conflicts.map((conflict) => (
            <Text key={`${conflict.reason} ${conflict.pieces.join()}`} tone="text-salt-200">
              {conflict.reason === 'oven'
                ? `One oven: ${titleOf(conflict.pieces[0])} wants ${show.degrees(conflict.airs[0])}, ${titleOf(conflict.pieces[1])} ${show.degrees(conflict.airs[1])}. Plan both at one of them.`
                : `They do not fit in the pan together: ${titleOf(conflict.pieces[0])} goes through it first and waits ${showDuration(conflict.waits)}.`}
            </Text>
          ))}
        </View>
      )}
      <Button
        kind="stove"
        disabled={taken.length === 0}
        label={taken.length < 2 ? 'Put it on' : `Put ${taken.length} on together`}
        onPress={() => {
          startTogether(dispatch, taken, on, gear);
          onDone();
        }}
      />
    </View>
  );
};
