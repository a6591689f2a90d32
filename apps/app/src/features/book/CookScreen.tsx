import { useMemo } from 'react';
import { ScrollView, View, useWindowDimensions } from 'react-native';
import { Link, useRouter } from 'expo-router';
import { donenessOf } from '@crustan/core/doneness';
import type { CookRecord } from '@crustan/core/formats';
import { cookState } from '@crustan/core/live/cookState';
import { cutOf } from '@crustan/core/plan/request';
import { inAtFor, runOf } from '@crustan/core/schedule/run';
import { showDuration } from '@crustan/core/units';
import { sayFailure, useCookQuery } from '../../store/bookApi';
import { draftTaken } from '../../store/draftSlice';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import type { Curve } from '../../ui/CurveChart';
import { Chart } from '../../ui/Drawn';
import { Slice } from '../../ui/Slice';
import { Text } from '../../ui/Text';
import { pieceName } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { sliceOf } from '../../words/sliceOf';
import { EventList } from './EventList';
import { PlannedActual } from './PlannedActual';
import { useReplay } from './useReplay';

/** One cook in full: planned against actual, judged. */
export const CookScreen = ({ id }: { readonly id: string }) => {
  const { data: cook, error, isLoading } = useCookQuery(id, { refetchOnMountOrArgChange: true });
  return (
    <ScrollView className="flex-1 bg-salt-50" contentContainerClassName="pb-10">
      <View className="w-full max-w-[1100px] gap-6 self-center px-4 pt-2">
        <Link href="/book" className="min-h-touch justify-center py-3">
          <Text tone="text-flame-light" className="underline">
            Book
          </Text>
        </Link>
        {cook ? (
          <Cook cook={cook} />
        ) : isLoading ? (
          <Text tone="text-iron-500">Opening…</Text>
        ) : (
          <Text role="alert">{sayFailure(error)}</Text>
        )}
      </View>
    </ScrollView>
  );
};

const Cook = ({ cook }: { readonly cook: CookRecord }) => {
  const show = useShow();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { width } = useWindowDimensions();
  const { plan } = cook.plan;
  const { request } = plan;
  const { species } = cutOf(request);
  const plannedIn = inAtFor(runOf(plan), cook.plan.plateAt - (cook.together?.waits ?? 0) * 1000);
  const state = useMemo(() => cookState(plan, plannedIn, cook.events), [plan, plannedIn, cook]);
  const found = useReplay(cook, plannedIn);
  const replayed = found?.plan;
  const { inAt } = state;

  const curves: readonly Curve[] = [
    {
      label: 'planned',
      colour: '#A68F74',
      dashed: true,
      time: plan.trace.time,
      value: plan.trace.core,
    },
    ...(replayed
      ? [
          {
            label: 'your times, simulated',
            colour: '#141618',
            time: replayed.trace.time,
            value: replayed.trace.core,
          },
        ]
      : []),
  ];
  const readings =
    inAt === undefined
      ? []
      : state.readings.map(({ at, celsius }) => ({ time: (at - inAt) / 1000, value: celsius }));

  return (
    <>
      <View className="gap-1">
        <Text voice="bigFigure" heading={1}>
          {cook.plan.title}
        </Text>
        <Text voice="small" tone="text-iron-500">
          {`${show.day(cook.createdAt)} · ${pieceName(request)}, ${show.thickness(request.thickness)}, ${show.weight(request.weight)}, ${request.surface === 'dry' ? 'patted dry' : 'still wet'}, ${show.temperature(request.pan)} pan, ${WAY_NAMES[request.way].toLowerCase()}`}
        </Text>
      </View>
      <View className="gap-6 lg:flex-row">
        <View className="flex-1 gap-6">
          <PlannedActual cook={cook} state={state} replayed={replayed} />
          {cook.judgement?.notes ? (
            <View className="border-l-4 border-salt-300 pl-4">
              <Text>{cook.judgement.notes}</Text>
            </View>
          ) : null}
          <EventList events={cook.events} inAt={inAt} />
          <View className="items-start">
            <Button
              kind="plain"
              label="Plan it again"
              onPress={() => {
                dispatch(draftTaken({ request, plate: show.clock(cook.plan.plateAt) }));
                router.push('/');
              }}
            />
          </View>
        </View>
        <View className="gap-4 lg:w-[520px]">
          {found && replayed ? (
            <View className="items-center">
              <Slice
                figures={sliceOf(replayed, found.slices)}
                maxWidth={Math.min(width - 32, 420)}
                maxHeight={150}
                says={`Slice simulated with your times: ${donenessOf(species, replayed.peakCore).name} at ${show.temperature(replayed.peakCore)}`}
              />
              <Text voice="note" tone="text-iron-500" className="pt-2">
                The slice, simulated with your times
              </Text>
            </View>
          ) : null}
          <Chart
            height={240}
            curves={curves}
            points={readings}
            level={{ value: request.target, label: `${show.degrees(request.target)} wanted` }}
            marks={[
              { time: 0, label: 'in' },
              { time: plan.cookSeconds, label: `planned pull ${showDuration(plan.cookSeconds)}` },
            ]}
            ticks={[0, 20, 40, 60, 80]}
            showTemperature={(celsius) => show.degrees(celsius)}
            says={`Planned core curve to ${show.temperature(plan.peakCore)}${replayed ? `; with your times the model ends at ${show.temperature(replayed.peakCore)}` : ''}. Readings: ${state.readings.map(({ celsius }) => show.temperature(celsius, 1)).join(', ') || 'none'}.`}
          />
        </View>
      </View>
    </>
  );
};
