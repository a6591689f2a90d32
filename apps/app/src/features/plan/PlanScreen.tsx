import { useEffect } from 'react';
import { Pressable, ScrollView, useWindowDimensions, View } from 'react-native';
import { cutOf } from '@crustan/core/plan/request';
import { waysFor } from '@crustan/core/plan/way';
import { draftTaken } from '../../store/draftSlice';
import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { unitsChosen } from '../../store/unitsSlice';
import { WIDE } from '../../ui/wide';
import { chunk } from '../../ui/chunk';
import { Text } from '../../ui/Text';
import { useWanted } from '../../ui/useWanted';
import { useShow } from '../../words/useShow';
import { followDraft } from '../../workers/planLane';
import { planOfLink } from '../../words/planLink';
import { Describe } from './Describe';
import { Sentence } from './Sentence';
import { Ways } from './Ways';
import { t } from './t';

/** The chosen plan: under the fold on a phone, and too heavy to hold back the first figures. */
const chosen = () => import('./Chosen');
const ChosenInFull = chunk(() => chosen().then((m) => m.ChosenInFull)).Chunk;
const ChosenRun = chunk(() => chosen().then((m) => m.ChosenRun)).Chunk;
const ChosenBar = chunk(() => chosen().then((m) => m.ChosenBar)).Chunk;

/** Explanations of the names of the methods. */
const WayWords = chunk(() => import('./Chosen').then((m) => m.WayWords)).Chunk;

/** Other pieces for the same plate. */
const OnePlate = chunk(() => import('./onePlate/OnePlate').then((m) => m.OnePlate)).Chunk;

/** Met once, in a new logbook. */
const Greeting = chunk(() => import('./Greeting').then((m) => m.Greeting)).Chunk;

const UnitsSwitch = () => {
  const show = useShow();
  const dispatch = useAppDispatch();
  const other = show.units === 'metric' ? 'imperial' : 'metric';
  return (
    <Pressable
      role="button"
      aria-label={t('units-switch', { symbols: show.symbols })}
      onPress={() => dispatch(unitsChosen(other))}
      className="min-h-touch justify-center"
    >
      <Text voice="small" tone="text-iron-500" className="underline">
        {show.symbols}
      </Text>
    </Pressable>
  );
};

const COUNTS = [
  t('no-way'),
  t('one-way'),
  t('two-ways'),
  t('three-ways'),
  t('four-ways'),
  t('five-ways'),
];

const WaysHead = () => {
  const count = useAppSelector((state) => waysFor(cutOf(state.draft.request)).length);
  return (
    <Text voice="head" heading={2}>
      {t('to-the-same-end', { words: COUNTS[count] ?? t('ways', { count }) })}
    </Text>
  );
};

/** Loads a plan from the page's address, and removes it from the address. */
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
  const wide = width >= WIDE;
  const wanted = useWanted(wide);
  const greeted = useAppSelector((state) => state.first.greeted);
  return (
    <View className="flex-1 bg-salt-50">
      <ScrollView className="flex-1 bg-salt-50" contentContainerClassName="pb-10">
        <View className="lg:flex-row lg:items-stretch">
          <View className="gap-5 px-4 pt-2 lg:w-[400px] lg:border-r lg:border-salt-200">
            <View className="flex-row items-center justify-between">
              <Text voice="strong" heading={1}>
                {t('plan')}
              </Text>
              <UnitsSwitch />
            </View>
            {wanted && !greeted ? <Greeting /> : null}
            <Describe />
            <Sentence />
            {wanted ? <OnePlate /> : null}
            <View className="no-print -mx-4">
              <View className="px-4 pb-2">
                <WaysHead />
              </View>
              <Ways />
              {wanted ? <WayWords /> : null}
            </View>
          </View>
          <View className="offscreen-free no-print flex-1 gap-5 px-4 pt-6 lg:pt-5">
            {wanted ? <ChosenInFull /> : null}
          </View>
          <View className="offscreen-free gap-6 px-4 pt-6 lg:w-[300px] lg:bg-salt-0 lg:pt-5">
            {wanted ? <ChosenRun /> : null}
          </View>
        </View>
      </ScrollView>
      {wanted && !wide ? <ChosenBar /> : null}
    </View>
  );
};
