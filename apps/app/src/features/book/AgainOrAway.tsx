import { View } from 'react-native';
import { useRouter } from 'expo-router';
import type { CookRecord } from '@crustan/core/formats';
import { METRES_PER_INCH, type UnitSystem } from '@crustan/core/units';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import { describeFailure, useDeleteCookMutation } from '../../store/bookApi';
import { cookDeleted } from '../../store/deletedSlice';
import { draftTaken } from '../../store/draftSlice';
import { hourAt } from '../../store/plateTime';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** Differences of thickness that "the same again" offers, m. */
const THICKER: Readonly<Record<UnitSystem, number>> = {
  metric: 0.005,
  imperial: 0.25 * METRES_PER_INCH,
};

/** The same again, a little thicker or thinner, or out of the logbook. */
export const AgainOrAway = ({ cook }: { readonly cook: CookRecord }) => {
  const show = useShow();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [remove, removing] = useDeleteCookMutation();
  const { request } = cook.plan.plan;
  const again = (by: number): void => {
    const thickness = request.thickness + by;
    // The same cut has the same length and width: its weight is proportional to its thickness.
    const weight = Math.min(
      PLAN_LIMITS.weight.most,
      Math.max(PLAN_LIMITS.weight.least, (request.weight * thickness) / request.thickness),
    );
    dispatch(
      draftTaken({
        request: by === 0 ? request : { ...request, thickness, weight },
        plate: { hour: hourAt(cook.plan.plateAt) },
      }),
    );
    router.push('/');
  };
  const fits = (by: number): boolean =>
    request.thickness + by >= PLAN_LIMITS.thickness.least &&
    request.thickness + by <= PLAN_LIMITS.thickness.most;
  return (
    <View className="no-print gap-2">
      <View className="flex-row flex-wrap gap-2">
        <Button kind="plain" label={t('plan-it-again')} onPress={() => again(0)} />
        <Button kind="plain" label={t('print')} onPress={() => globalThis.print()} />
        {[THICKER[show.units], -THICKER[show.units]].filter(fits).map((by) => (
          <Button
            key={by}
            kind="plain"
            label={`${show.thickness(Math.abs(by))} ${by > 0 ? t('thicker') : t('thinner')}`}
            onPress={() => again(by)}
          />
        ))}
        <Button
          kind="plain"
          label={t('delete')}
          disabled={removing.isLoading}
          onPress={() => {
            remove(cook.id)
              .unwrap()
              .then(
                () => {
                  dispatch(cookDeleted({ id: cook.id, title: cook.plan.title }));
                  router.replace('/book');
                },
                // The mutation's own state shows what went wrong.
                () => undefined,
              );
          }}
        />
      </View>
      {removing.error ? (
        <Text voice="small" role="alert">
          {t('not-deleted', { failure: describeFailure(removing.error) })}
        </Text>
      ) : null}
    </View>
  );
};
