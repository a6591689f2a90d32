import { memo, useMemo } from 'react';
import { TextInput, View } from 'react-native';
import { keptPlan } from '@crustan/core/formats/keptPlan';
import type { PlanRecord } from '@crustan/core/formats/messages';
import type { JudgedTimes } from '@crustan/core/plan';
import { writeOwnSteps } from '@crustan/core/plan/writeOwnSteps';
import type { PlanRequest } from '@crustan/core/plan/request';
import type { SaidStep } from '@crustan/core/plan/saidStep';
import { heatStartFor, runOf } from '@crustan/core/schedule';
import { timesChanged } from '../../../store/draftSlice';
import { gearUsed } from '../../../store/kitchenSlice';
import { newId } from '../../../store/newId';
import { plateMoment } from '../../../store/plateTime';
import { useAppDispatch, useAppSelector, useAppStore } from '../../../store/store';
import { Text } from '../../../ui/Text';
import { useNow } from '../../../ui/useNow';
import { planTitle } from '../../../words/cutWords';
import { useShow } from '../../../words/useShow';
import { Cautions } from '../Cautions';
import { PlanCurves } from '../PlanCurves';
import { PlanActions } from '../PlanActions';
import { UnreadParts } from '../UnreadParts';
import { Compared } from './Compared';
import { RecipeTimes } from './RecipeTimes';
import { StepRows } from './StepRows';
import { useOwnTimes } from './useOwnTimes';
import { useReadSteps } from './useReadSteps';
import { Verdict } from './Verdict';
import { t } from '../t';

const WHAT = { start: t('start-these-at-the-stove'), keep: t('keep-these-times') } as const;

/** A recipe's or a habit's times in a line: what they would make of this piece, and what would mend them. */
export const OwnTimes = memo(function OwnTimes({ request }: { readonly request: PlanRequest }) {
  const dispatch = useAppDispatch();
  const line = useAppSelector((state) => state.draft.times);
  const scale = useShow().units === 'imperial' ? 'f' : 'c';
  const { steps, unread } = useReadSteps(line, scale);
  const judged = useOwnTimes(request, steps);
  const inHeat = steps.some((step) => step.do === 'pan' || step.do === 'oven');
  const say = (said: string) => dispatch(timesChanged(said));
  return (
    <View className="gap-3">
      <Text voice="small" tone="text-iron-500">
        {t('steps-one-after-another-such-as-3', {
          part: scale === 'f' ? 425 : 220,
          part2: scale === 'f' ? t('f-or-c-where-c') : t('c-or-f-where-f'),
        })}
      </Text>
      <TextInput
        aria-label={t('your-steps')}
        multiline
        numberOfLines={2}
        maxLength={1000}
        value={line}
        onChangeText={say}
        aria-invalid={unread.length > 0}
        className="min-h-touch rounded border border-salt-300 bg-salt-0 px-3 py-2 font-text text-16 text-iron-950"
      />
      <UnreadParts text={line} unread={unread} says={t('was-not-understood')} onAnswer={say} />
      <StepRows steps={steps} onChange={(changed) => say(writeOwnSteps(changed, scale))} />
      <RecipeTimes scale={scale} onTimes={say} />
      {judged ? (
        <Judged judged={judged} said={steps} way={request.way} />
      ) : inHeat ? (
        <Text aria-live="polite">{t('cooking-it-by-these-times')}</Text>
      ) : null}
    </View>
  );
});

interface JudgedProps {
  readonly judged: JudgedTimes;
  readonly said: readonly SaidStep[];
  /** The computed way they are held against. */
  readonly way: PlanRequest['way'];
}

/** The verdict, the computed way beside it, what to mind, and what can be done with it. */
const Judged = ({ judged, said, way }: JudgedProps) => {
  const show = useShow();
  const store = useAppStore();
  const { plan } = judged;
  const plate = useAppSelector((state) => state.draft.plate);
  const now = useNow(60_000);
  const inAt = useMemo(
    () => heatStartFor(runOf(plan), plateMoment(plate, now)),
    [plan, plate, now],
  );
  const record = async (): Promise<PlanRecord> => {
    const { draft, kitchen } = store.getState();
    return Promise.resolve({
      id: newId(),
      createdAt: Date.now(),
      title: t('your-times-2', { planTitle: planTitle(plan.request, show) }),
      plateAt: plateMoment(draft.plate, Date.now()),
      plan: keptPlan(plan),
      gear: gearUsed(kitchen),
    });
  };
  return (
    <View className="gap-4">
      <Verdict judged={judged} said={said} />
      <PlanCurves plan={plan} inAt={inAt} />
      <Compared plan={plan} way={way} />
      <Cautions plan={plan} />
      <PlanActions record={record} what={WHAT} />
    </View>
  );
};
