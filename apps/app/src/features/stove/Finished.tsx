import { View } from 'react-native';
import { JudgeForm } from '../../forms';
import { useRouter } from 'expo-router';
import type { CookState } from '@crustan/core/cook/cookState';
import type { CookEvent } from '@crustan/core/cook/event';
import { sayFailure, useJudgeMutation } from '../../store/bookApi';
import { kitchenNow } from '../../store/clock';
import { unsentEvents, type ActiveCook } from '../../store/activeCook';
import { streamPutAway, pressed } from '../../store/logSlice';
import { newId } from '../../store/newId';
import { useScales } from '../../store/useScales';
import { cutOf } from '@crustan/core/plan/request';
import { useAppDispatch } from '../../store/store';
import { Text } from '../../ui/Text';
import { TakeBack } from './TakeBack';

interface Props {
  readonly cook: ActiveCook;
  readonly state: CookState;
}

/** Sliced: what the cook says of it, and into the book. */
export const Finished = ({ cook, state }: Props) => {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { scaleOf } = useScales();
  const [judge, judging] = useJudgeMutation();
  const press = (event: CookEvent): void => {
    dispatch(pressed({ cook: cook.id, event }));
  };
  const ready = cook.startKnown && unsentEvents(cook).length === 0;
  return (
    <View className="gap-5">
      <Text voice="action" tone="text-salt-50" heading={2}>
        How was it?
      </Text>
      <JudgeForm
        onIron
        doneness={scaleOf(cutOf(cook.plan.plan.request).species).map(({ name }) => name)}
        busy={judging.isLoading}
        onJudge={(judgement) => {
          judge({ id: cook.id, judgement })
            .unwrap()
            .then(
              () => {
                // With presses that the book does not have it stays here; the line below says so.
                dispatch(streamPutAway({ stream: cook.id }));
                if (ready) router.push(`/book/${cook.id}`);
              },
              // The mutation's own state shows what went wrong; the cook stays here.
              () => undefined,
            );
        }}
      />
      {judging.error ? (
        <Text tone="text-salt-50" role="alert">
          {ready
            ? `Not written. ${sayFailure(judging.error)}`
            : 'Not written: presses are still waiting for the server. They go as soon as it answers; then try again.'}
        </Text>
      ) : null}
      <TakeBack state={state} press={press} fresh={() => ({ id: newId(), at: kitchenNow() })} />
    </View>
  );
};
