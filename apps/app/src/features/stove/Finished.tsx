import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { JudgeForm } from '../../forms';
import { useRouter } from 'expo-router';
import type { CookState } from '@crustan/core/cook/cookState';
import type { CookEvent } from '@crustan/core/cook/event';
import { describeFailure, useJudgeMutation } from '../../store/bookApi';
import { kitchenNow } from '../../store/clock';
import { unsentEvents, type ActiveCook } from '../../store/activeCook';
import { streamPutAway, pressed } from '../../store/logSlice';
import { newId } from '../../store/newId';
import { useScales } from '../../store/useScales';
import { cutOf } from '@crustan/core/plan/request';
import { useAppDispatch } from '../../store/store';
import { Text } from '../../ui/Text';
import { TakeBack } from './TakeBack';
import { t } from './t';

interface Props {
  readonly cook: ActiveCook;
  readonly state: CookState;
}

/** Whether the logbook has the cook and all its presses. */
const isInBook = (cook: ActiveCook): boolean => cook.startKnown && unsentEvents(cook).length === 0;

/** Form after slicing: the cook's judgement, saved to the logbook. */
export const Finished = ({ cook, state }: Props) => {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { scaleOf } = useScales();
  const [judge, judging] = useJudgeMutation();
  const press = (event: CookEvent): void => {
    dispatch(pressed({ cook: cook.id, event }));
  };
  const ready = isInBook(cook);
  const [judged, setJudged] = useState(false);
  // A reading may be on its way when the logbook answers: the cook leaves as soon as the logbook has it too.
  useEffect(() => {
    if (!judged || !ready) return;
    dispatch(streamPutAway({ stream: cook.id }));
    router.push(`/book/${cook.id}`);
  }, [judged, ready, cook.id, dispatch, router]);
  return (
    <View className="gap-5">
      <Text voice="action" tone="text-salt-50" heading={2}>
        {t('how-was-it')}
      </Text>
      <JudgeForm
        onIron
        doneness={scaleOf(cutOf(cook.plan.plan.request).species).map(({ name }) => name)}
        busy={judging.isLoading}
        onJudge={(judgement) => {
          judge({ id: cook.id, judgement })
            .unwrap()
            .then(
              () => setJudged(true),
              // The mutation's own state shows what went wrong; the cook stays here.
              () => undefined,
            );
        }}
      />
      {judged && !ready ? (
        <Text tone="text-salt-50" role="status">
          {t('judgement-saved-the-last-steps-are-still')}
        </Text>
      ) : null}
      {judging.error ? (
        <Text tone="text-salt-50" role="alert">
          {ready
            ? t('not-saved', { failure: describeFailure(judging.error) })
            : t('not-saved-steps-are-still-waiting-for')}
        </Text>
      ) : null}
      <TakeBack state={state} press={press} fresh={() => ({ id: newId(), at: kitchenNow() })} />
    </View>
  );
};
