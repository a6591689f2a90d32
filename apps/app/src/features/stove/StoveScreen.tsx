import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Link } from 'expo-router';
import { cookState, heatStep, type CookEvent, type CookState } from '@crustan/core/live';
import { inAtFor, runOf } from '@crustan/core/schedule';
import { cookPutAway, pressed, type ActiveCook } from '../../store/stoveSlice';
import { newId } from '../../store/newId';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Caution } from '../../ui/Caution';
import { Text } from '../../ui/Text';
import { useAwake } from '../../ui/useAwake';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { AddReading } from './AddReading';
import { Countdown } from './Countdown';
import { Finished } from './Finished';
import { Kept } from './Kept';
import { LastReading } from './LastReading';
import { TakeBack } from './TakeBack';
import { UnderWay } from './UnderWay';
import { pressOf, sayAction, sayHappened, sayHow } from './stoveWords';

/** The cook is live: one thing huge, the next under it, buttons that say what happened. */
export const StoveScreen = () => {
  const cook = useAppSelector((state) => state.stove.cook);
  return (
    <ScrollView className="on-iron flex-1 bg-iron-950" contentContainerClassName="flex-grow">
      <View className="w-full max-w-[640px] flex-1 self-center px-4 pb-4 pt-4">
        {cook ? <LiveCook cook={cook} /> : <NothingOn />}
      </View>
    </ScrollView>
  );
};

const NothingOn = () => (
  <View className="gap-5">
    <Text voice="strong" tone="text-salt-50" heading={1}>
      Stove
    </Text>
    <Text tone="text-salt-50">Nothing is on. Plan a piece, then start it from the plan.</Text>
    <Link href="/">
      <Text tone="text-flame-dark" className="underline">
        Go to Plan
      </Text>
    </Link>
    <UnderWay />
  </View>
);

const LiveCook = ({ cook }: { readonly cook: ActiveCook }) => {
  useAwake();
  const show = useShow();
  const { plan } = cook.plan;
  const plannedIn = inAtFor(runOf(plan), cook.plan.plateAt);
  const state = cookState(plan, plannedIn, cook.events);
  return (
    <View className="flex-1 gap-5">
      <View className="flex-row items-baseline justify-between gap-3">
        <Text voice="strong" tone="text-salt-50" heading={1} className="flex-1">
          {cook.plan.title}
        </Text>
        <Text voice="small" tone="text-iron-400">
          {`plate ${show.clock(plateNow(state, cook))}`}
        </Text>
      </View>
      {state.place === 'sliced' ? (
        <Finished cook={cook} state={state} />
      ) : (
        <NowAndNext cook={cook} state={state} />
      )}
      <Kept cook={cook} />
    </View>
  );
};

/** When it will be on the plate, as things stand. */
const plateNow = (state: CookState, cook: ActiveCook): number => {
  const { plan } = cook.plan;
  const run = runOf(plan);
  const slice = run.steps.find(({ kind }) => kind === 'slice');
  const afterSlice = (run.panToPlate - (slice?.at ?? 0)) * 1000;
  if (state.slicedAt !== undefined) return state.slicedAt + afterSlice;
  if (state.pulledAt !== undefined) {
    return state.pulledAt + plan.restSeconds * 1000 + afterSlice;
  }
  return state.inAt === undefined ? cook.plan.plateAt : state.inAt + run.panToPlate * 1000;
};

interface Part {
  readonly cook: ActiveCook;
  readonly state: CookState;
}

const NowAndNext = ({ cook, state }: Part) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const [reading, setReading] = useState(false);
  const { plan } = cook.plan;
  const now = useNow(1000);
  const run = runOf(plan);
  const heat =
    state.place === 'before' ? heatStep(run, inAtFor(run, cook.plan.plateAt), now) : undefined;
  const current = heat ?? state.current;
  const next = heat ? state.current : state.next;
  const press = (event: CookEvent): void => {
    globalThis.navigator?.vibrate?.(30);
    dispatch(pressed(event));
  };
  const fresh = () => ({ id: newId(), at: Date.now() });
  const happened = (): void => {
    const kind = pressOf(current);
    if (kind) press({ ...fresh(), kind });
  };

  return (
    <>
      <View>
        <Text voice="body" tone="text-iron-400">
          Now
        </Text>
        <Text voice="action" tone="text-salt-50" heading={2} aria-live="assertive">
          {sayAction(current, plan, show)}
        </Text>
      </View>
      <Countdown step={current} />
      <Text tone="text-salt-200">{sayHow(current, plan, show)}</Text>
      {next && next.kind !== 'judge' ? (
        <View className="flex-row items-baseline gap-3 border-t border-iron-700 pt-3">
          <Text tone="text-iron-400">Next</Text>
          <Text voice="bigFigure" tone="text-salt-50" className="flex-1">
            {sayAction(next, plan, show)}
          </Text>
          <Text voice="figure" tone="text-iron-400">
            {show.clockSeconds(next.dueAt)}
          </Text>
        </View>
      ) : null}
      <LastReading state={state} />
      {state.place === 'before' ? (
        <Caution lead="Extractor on, lid within reach.">
          If the oil flames: heat off, lid on, never water. The handle is as hot as the pan.
        </Caution>
      ) : null}
      <View className="flex-1" />
      {reading ? (
        <AddReading
          onClose={() => setReading(false)}
          onRead={(celsius) => {
            press({ ...fresh(), kind: 'reading', celsius });
            setReading(false);
          }}
        />
      ) : (
        <View className="gap-3">
          <View className="flex-row gap-3">
            <View className="flex-1">
              <Button kind="stovePlain" label="Add a reading" onPress={() => setReading(true)} />
            </View>
            {state.place === 'before' ? (
              <View className="flex-1">
                <Button
                  kind="stovePlain"
                  label="Leave this cook"
                  onPress={() => dispatch(cookPutAway())}
                />
              </View>
            ) : current.kind === 'turn' ? (
              <View className="flex-1">
                <Button
                  kind="stovePlain"
                  label="It is out already"
                  onPress={() => press({ ...fresh(), kind: 'pulled' })}
                />
              </View>
            ) : current.kind === 'pull' ? (
              <View className="flex-1">
                <Button
                  kind="stovePlain"
                  label="Turned again"
                  onPress={() => press({ ...fresh(), kind: 'turned' })}
                />
              </View>
            ) : null}
          </View>
          <Button
            kind="stove"
            label={sayHappened(current, plan)}
            onPress={happened}
            testID="happened"
          />
          <TakeBack state={state} press={press} fresh={fresh} />
        </View>
      )}
    </>
  );
};
