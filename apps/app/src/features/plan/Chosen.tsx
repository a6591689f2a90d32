import { memo, useDeferredValue, useMemo } from 'react';
import { View } from 'react-native';
import { crustComplaint, type CrustComplaint } from '@crustan/core/plan/crustComplaint';
import { requestHere } from '../../store/kitchenSlice';
import { plateMoment } from '../../store/plateTime';
import { useAppSelector } from '../../store/store';
import { Terms } from '../../ui/Meanings';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { usePlanView, type PlanView } from '../../workers/planLane';
import { Actions } from './Actions';
import { Blocked, Remedies } from './Blocked';
import { Cautions } from './Cautions';
import { Chapters } from './Chapters';
import { KeptPlans } from './KeptPlans';
import { OwnTimesChapter } from './OwnTimesChapter';
import { PlanInFull } from './PlanInFull';
import { RunColumn } from './RunColumn';
import { StartBar } from './StartBar';
import { t } from './t';

/**
 * The chosen way's plan. The ways show their figures at once; drawing the chosen one in full gives
 * way to the thumb.
 */
const useChosen = () => {
  const way = useAppSelector((state) => state.draft.request.way);
  const plate = useAppSelector((state) => state.draft.plate);
  const now = useNow(15_000);
  const view = useDeferredValue(usePlanView(way));
  return { way, view, plateAt: plateMoment(plate, now), now };
};

/** The chosen plan in full, or the reason why it fails. */
export const ChosenInFull = () => {
  const { view, plateAt } = useChosen();
  return <Answer view={view} plateAt={plateAt} />;
};

/** The chosen plan as a run, with what can be done with it. */
export const ChosenRun = () => {
  const { way, view, plateAt, now } = useChosen();
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

/** Bar with the chosen plan, for starting it on a phone. */
export const ChosenBar = () => {
  const { way, view, plateAt } = useChosen();
  return view.plan && !view.obstacle ? (
    <StartBar way={way} plan={view.plan} plateAt={plateAt} />
  ) : null;
};

/** Own times can be asked where the computed way is refused. */
const OwnTimesHere = () => {
  const draft = useAppSelector((state) => state.draft.request);
  const kitchen = useAppSelector((state) => state.kitchen);
  const request = useMemo(() => requestHere(draft, kitchen), [draft, kitchen]);
  return <OwnTimesChapter request={request} />;
};

/** Caution about the crust, above the changes that avoid it. */
const COMPLAINTS: Readonly<Record<CrustComplaint, string>> = {
  pale: t('the-middle-is-done-before-the-crust'),
  charred: t('this-crust-chars-before-the-middle-is'),
};

interface AnswerProps {
  readonly view: PlanView;
  readonly plateAt: number;
}

const Answer = memo(function Answer({ view, plateAt }: AnswerProps) {
  const { plan, slices, obstacle, remedies, computing, broken } = view;
  if (broken !== undefined) {
    return <Text role="alert">{t('the-simulation-stopped-reload-the-page', { broken })}</Text>;
  }
  if (obstacle) {
    return (
      <>
        <Blocked obstacle={obstacle} remedies={remedies} searching={computing} />
        <OwnTimesHere />
      </>
    );
  }
  if (!plan || !slices) return <Text tone="text-iron-500">{t('simulating-the-piece')}</Text>;
  return (
    <>
      {remedies && remedies.length > 0 ? (
        <View className="gap-2">
          <Text>{COMPLAINTS[crustComplaint(plan) ?? 'pale']}</Text>
          <Remedies remedies={remedies} searching={computing} />
        </View>
      ) : null}
      <PlanInFull
        plan={plan}
        slices={slices}
        window={view.window}
        spread={view.spread}
        plateAt={plateAt}
      />
      <Chapters plan={plan} />
    </>
  );
});

/** The words in the ways' rows, to be tapped. */
export const WayWords = () => (
  <View className="px-4">
    <Terms of={['way', 'window', 'grey', 'loss']} />
  </View>
);
