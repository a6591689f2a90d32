import { selectCooks } from '../../store/logSelectors';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { useRouter } from 'expo-router';
import type { PlanRequest } from '@crustan/core/plan/request';
import type { TrialKind } from '@crustan/core/trial/trial';
import { sameVariant, variantsOf } from '@crustan/core/trial/variantsOf';
import { describeFailure, useKeepTrialMutation } from '../../store/bookApi';
import { kitchenNow } from '../../store/clock';
import { plateMoment } from '../../store/plateTime';
import { plannedOn, requestHere } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { startTogether } from '../../workers/startTogether';
import { useAppSelector, useAppStore } from '../../store/store';
import { Button } from '../../ui/Button';
import { ChangeInPlan } from '../../ui/ChangeInPlan';
import { Text } from '../../ui/Text';
import { capital, pieceName } from '../../words/cutWords';
import { describeObstacle } from '../../words/obstacleWords';
import { useShow } from '../../words/useShow';
import { planRecordsOf } from '../../workers/planRecords';
import { armLabel, CANNOT_SHOW, TRIAL_NAMES } from './trialWords';
import { t } from './t';

const MOST_ARMS = 6;

/** Chooses the pieces of a trial and puts them on together. */
export const PlanTrial = ({ kind }: { readonly kind: TrialKind }) => {
  const show = useShow();
  const router = useRouter();
  const store = useAppStore();
  const { request, plate } = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const busyStove = useAppSelector((state) => selectCooks(state).length > 0);
  const [keepTrial, keeping] = useKeepTrialMutation();
  const variants = useMemo(() => variantsOf(kind, { ...request, pieces: 1 }), [kind, request]);
  const [chosen, setChosen] = useState<readonly number[]>(() => {
    const own = variants.findIndex((variant) => sameVariant(kind, variant, request));
    const other = variants.findIndex((_, i) => i !== own);
    return [own, other].filter((i) => i !== -1).toSorted();
  });
  const [planning, setPlanning] = useState(false);
  const [wrong, setWrong] = useState<string>();

  const start = async (): Promise<void> => {
    setPlanning(true);
    setWrong(undefined);
    const asked = chosen.flatMap((i): PlanRequest[] => {
      const variant = variants[i];
      return variant ? [requestHere(variant, kitchen)] : [];
    });
    const on = plannedOn(kitchen, request);
    const plateAt = plateMoment(plate, kitchenNow());
    const planned = await planRecordsOf(asked, { on, plateAt, kitchen, show });
    setPlanning(false);
    const obstacle = planned.find((one) => !one.ok);
    if (obstacle && !obstacle.ok) {
      const label = armLabel(kind, obstacle.request);
      setWrong(`${capital(label)}: ${describeObstacle(obstacle.obstacle, obstacle.request, show)}`);
      return;
    }
    const trialId = newId();
    const records = planned.flatMap((one, arm) =>
      one.ok
        ? [
            {
              ...one.record,
              title: `${one.record.title}, ${armLabel(kind, one.record.plan.request)}`,
              trial: { id: trialId, arm },
            },
          ]
        : [],
    );
    const cooks = await startTogether(store, records, []);
    await keepTrial({
      id: trialId,
      createdAt: kitchenNow(),
      title: `${capital(pieceName(request))}: ${TRIAL_NAMES[kind].toLowerCase()}`,
      kind,
      arms: records.map(({ plan }, arm) => ({
        label: armLabel(kind, plan.request),
        ...(cooks[arm] === undefined ? {} : { cook: cooks[arm] }),
      })),
    });
    router.push('/stove');
  };
  const toggle = (i: number): void => {
    setChosen(chosen.includes(i) ? chosen.filter((one) => one !== i) : [...chosen, i].toSorted());
  };
  if (variants.length < 2) {
    return <Text>{t('there-is-only-one-way-of-that', { pieceName: pieceName(request) })}</Text>;
  }
  return (
    <View className="gap-3">
      <Text>
        {t('each-piece-to', {
          pieceName: pieceName(request),
          thickness: show.thickness(request.thickness),
          weight: show.weight(request.weight),
          temperature: show.temperature(request.target),
        })}
        <ChangeInPlan />
      </Text>
      <View className="flex-row flex-wrap gap-2">
        {variants.map((variant, i) => {
          const on = chosen.includes(i);
          return (
            <Pressable
              key={armLabel(kind, variant)}
              role="checkbox"
              aria-checked={on}
              disabled={!on && chosen.length >= MOST_ARMS}
              onPress={() => toggle(i)}
              className={`min-h-touch justify-center rounded border-2 px-3 ${on ? 'border-flame-light bg-salt-0' : 'border-salt-300'}`}
            >
              <Text voice={on ? 'strong' : 'body'}>{armLabel(kind, variant)}</Text>
            </Pressable>
          );
        })}
      </View>
      <Text voice="small" tone="text-iron-500">
        {CANNOT_SHOW[kind]}
      </Text>
      {wrong === undefined ? null : (
        <Text voice="small" role="alert">
          {wrong}
        </Text>
      )}
      <View className="items-start">
        <Button
          label={
            planning ? t('planning') : t('start-for-one-plate', { chosenCount: chosen.length })
          }
          disabled={planning || keeping.isLoading || chosen.length < 2 || busyStove}
          onPress={() => void start()}
        />
      </View>
      {busyStove ? <Text voice="small">{t('a-cook-is-under-way-finish-it')}</Text> : null}
      {keeping.error ? <Text role="alert">{describeFailure(keeping.error)}</Text> : null}
    </View>
  );
};
