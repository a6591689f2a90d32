import { memo } from 'react';
import { Pressable, View } from 'react-native';
import type { PlanRecord } from '@crustan/core/formats';
import { saidOf } from '@crustan/core/plan/saidStep';
import { writeOwnSteps } from '@crustan/core/plan/writeOwnSteps';
import { showDuration } from '@crustan/core/units';
import { describeFailure, useDropPlanMutation, usePlansInfiniteQuery } from '../../store/bookApi';
import { byPlate } from '../../store/byPlate';
import { draftTaken } from '../../store/draftSlice';
import { plateTimeOf } from '../../store/plateTime';
import { useAppDispatch } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { describeNextDue } from '../../words/describeNextDue';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { t } from './t';

/** Plans put by, the next plate first, then those whose plate is past; tapping one takes it up again. */
export const KeptPlans = memo(function KeptPlans() {
  const { data, error, isLoading, hasNextPage, fetchNextPage, isFetchingNextPage } =
    usePlansInfiniteQuery();
  const plans = data?.pages.flatMap((page) => page.plans) ?? [];
  const now = useNow(60_000);
  if (isLoading) return null;
  return (
    <View className="gap-2">
      <Text voice="head" heading={2}>
        {t('saved-plans')}
      </Text>
      {error ? (
        <Text voice="small">{describeFailure(error)}</Text>
      ) : plans.length === 0 && !hasNextPage ? (
        <Text voice="small" tone="text-iron-500">
          {t('no-saved-plans-save-one-to-find')}
        </Text>
      ) : (
        <View>
          {byPlate(plans, now).map((plan) => (
            <KeptPlan key={plan.id} plan={plan} now={now} />
          ))}
          {hasNextPage ? (
            <View className="items-start pt-2">
              <Button
                kind="plain"
                label={t('older-plans')}
                disabled={isFetchingNextPage}
                onPress={() => void fetchNextPage()}
              />
            </View>
          ) : null}
        </View>
      )}
    </View>
  );
});

const KeptPlan = ({ plan, now }: { readonly plan: PlanRecord; readonly now: number }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const [drop] = useDropPlanMutation();
  const gear = useGear();
  const due = describeNextDue(plan, gear, now, show);
  const { request, cookSeconds, ownSteps } = plan.plan;
  return (
    <View className="flex-row items-center border-t border-salt-200">
      <Pressable
        role="button"
        onPress={() =>
          dispatch(
            draftTaken({
              request,
              plate: plateTimeOf(plan.plateAt, now),
              times:
                ownSteps && writeOwnSteps(saidOf(ownSteps), show.units === 'imperial' ? 'f' : 'c'),
            }),
          )
        }
        className="min-h-touch flex-1 justify-center py-2"
      >
        <Text voice="strong">{plan.title}</Text>
        <Text voice="small" tone="text-iron-500">
          {t('to-3', {
            day: show.day(plan.plateAt),
            thickness: show.thickness(request.thickness),
            degrees: show.degrees(request.target),
            duration: showDuration(cookSeconds),
            part: ownSteps ? t('by-your-own-times') : WAY_NAMES[request.way].toLowerCase(),
          })}
        </Text>
        {due === undefined ? null : (
          <Text voice="small" tone="text-flame-light">
            {due}
          </Text>
        )}
      </Pressable>
      <Pressable
        role="button"
        aria-label={t('delete', { title: plan.title })}
        onPress={() => void drop(plan.id)}
        className="min-h-touch min-w-touch items-center justify-center"
      >
        <Text voice="small" tone="text-iron-500" className="underline">
          {t('delete-2')}
        </Text>
      </Pressable>
    </View>
  );
};
