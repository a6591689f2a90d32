import { memo, useDeferredValue, useEffect } from 'react';
import { Pressable, ScrollView, useWindowDimensions, View } from 'react-native';
import { cutOf } from '@crustan/core/plan/request';
import { waysFor } from '@crustan/core/plan/way';
import { draftTaken, nextMoment } from '../../store/draftSlice';
import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { unitsChosen } from '../../store/unitsSlice';
import { WIDE } from '../../ui/Shell';
import { Text } from '../../ui/Text';
import { useLater } from '../../ui/useLater';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { followDraft, usePlanView, type PlanView } from '../../workers/planLane';
import { Actions } from './Actions';
import { planOfLink } from '../../words/planLink';
import { Sentence } from './Sentence';
import { Ways } from './Ways';

/** What is under the fold, or too heavy to hold back the first figures. */
const later = () => import('./later');
type Later = Awaited<ReturnType<typeof later>>;

const UnitsSwitch = () => {
  const show = useShow();
  const dispatch = useAppDispatch();
  const other = show.units === 'metric' ? 'imperial' : 'metric';
  return (
    <Pressable
      role="button"
      aria-label={`Units ${show.symbols}; switch`}
      onPress={() => dispatch(unitsChosen(other))}
      className="min-h-touch justify-center"
    >
      <Text voice="small" tone="text-iron-500" className="underline">
        {show.symbols}
      </Text>
    </Pressable>
  );
};

const COUNTS = ['No way', 'One way', 'Two ways', 'Three ways', 'Four ways', 'Five ways'];

const WaysHead = () => {
  const count = useAppSelector((state) => waysFor(cutOf(state.draft.request)).length);
  return (
    <Text voice="head" heading={2}>
      {`${COUNTS[count] ?? `${count} ways`} to the same end`}
    </Text>
  );
};

/** Takes up a plan that came with the address, and takes it out of the address. */
const useLink = (): void => {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const came = planOfLink(globalThis.location.hash);
    if (!came) return;
    dispatch(draftTaken(came));
    globalThis.history.replaceState(null, '', globalThis.location.pathname);
  }, [dispatch]);
};

/** Everything before the stove: the sentence, the ways, the chosen plan in full, the run. */
export const PlanScreen = () => {
  const store = useAppStore();
  useLink();
  useEffect(() => followDraft(store), [store]);
  const { width } = useWindowDimensions();
  // On a phone what is under the ways comes after the first figures; on a wide screen it stands beside.
  const parts = useLater(later, width >= WIDE);
  return (
    <ScrollView className="flex-1 bg-salt-50" contentContainerClassName="pb-10">
      <View className="lg:flex-row lg:items-stretch">
        <View className="gap-5 px-4 pt-2 lg:w-[400px] lg:border-r lg:border-salt-200">
          <View className="flex-row items-center justify-between">
            <Text voice="strong" heading={1}>
              Plan
            </Text>
            <UnitsSwitch />
          </View>
          <Sentence />
          <View className="no-print -mx-4">
            <View className="px-4 pb-2">
              <WaysHead />
            </View>
            <Ways />
          </View>
        </View>
        <View className="offscreen-free no-print flex-1 gap-5 px-4 pt-6 lg:pt-5">
          {parts ? <ChosenInFull parts={parts} /> : null}
        </View>
        <View className="offscreen-free gap-6 px-4 pt-6 lg:w-[300px] lg:bg-salt-0 lg:pt-5">
          {parts ? <ChosenRun parts={parts} /> : null}
        </View>
      </View>
    </ScrollView>
  );
};

/**
 * The chosen way's plan. The ways show their figures at once; drawing the chosen one in full gives
 * way to the thumb.
 */
const useChosen = () => {
  const way = useAppSelector((state) => state.draft.request.way);
  const plate = useAppSelector((state) => state.draft.plate);
  const now = useNow(15_000);
  const view = useDeferredValue(usePlanView(way));
  return { way, view, plateAt: nextMoment(plate, now), now };
};

interface Part {
  readonly parts: Later;
}

const ChosenInFull = ({ parts }: Part) => {
  const { view, plateAt } = useChosen();
  return <Answer parts={parts} view={view} plateAt={plateAt} />;
};

const ChosenRun = ({ parts }: Part) => {
  const { way, view, plateAt, now } = useChosen();
  const { RunColumn, Cautions, KeptPlans } = parts;
  return (
    <>
      {view.plan && !view.obstacle ? (
        <>
          <RunColumn plan={view.plan} plateAt={plateAt} now={now} />
          <Actions way={way} plateAt={plateAt} />
          <Cautions plan={view.plan} />
        </>
      ) : null}
      <View className="no-print">
        <KeptPlans />
      </View>
    </>
  );
};

interface AnswerProps extends Part {
  readonly view: PlanView;
  readonly plateAt: number;
}

const Answer = memo(function Answer({ parts, view, plateAt }: AnswerProps) {
  const { Blocked, Chapters, PlanInFull, Remedies } = parts;
  const { plan, slices, obstacle, remedies, computing, broken } = view;
  if (broken !== undefined) {
    return <Text role="alert">{`The simulation stopped: ${broken}. Reload the page.`}</Text>;
  }
  if (obstacle) {
    return <Blocked obstacle={obstacle} remedies={remedies} searching={computing} />;
  }
  if (!plan || !slices) return <Text tone="text-iron-500">Simulating the piece…</Text>;
  return (
    <>
      <PlanInFull
        plan={plan}
        slices={slices}
        window={view.window}
        spread={view.spread}
        plateAt={plateAt}
      />
      {remedies && remedies.length > 0 ? (
        <View className="gap-2">
          <Text>It is done before it browns.</Text>
          <Remedies remedies={remedies} searching={computing} />
        </View>
      ) : null}
      <Chapters plan={plan} />
    </>
  );
});
