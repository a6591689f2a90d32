import { translateName } from '@crustan/messages';
import { useMemo, useState } from 'react';
import { View, useWindowDimensions } from 'react-native';
import { Link } from 'expo-router';
import { JudgeForm } from '../../forms';
import type { CookRecord } from '@crustan/core/formats';
import { loggedCookOf } from '@crustan/core/formats/loggedCookOf';
import { cookState } from '@crustan/core/cook/cookState';
import { cutOf } from '@crustan/core/plan/request';
import { showDuration } from '@crustan/core/units';
import { describeFailure, useCookQuery, useJudgeMutation } from '../../store/bookApi';
import { useScales } from '../../store/useScales';
import { Button } from '../../ui/Button';
import { Chart } from '../../ui/Drawn';
import { Slice } from '../../ui/Slice';
import { Text } from '../../ui/Text';
import { pieceName } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { sliceOf } from '../../words/sliceOf';
import { AgainOrAway } from './AgainOrAway';
import { BookFrame } from './BookFrame';
import { cookCurves } from './cookCurves';
import { EventList } from './EventList';
import { Judged } from './Judged';
import { Photo } from './Photo';
import { PlannedActual } from './PlannedActual';
import { usedWords } from '../../words/usedWords';
import { useReplay } from './useReplay';
import { t } from './t';

/** One cook in full: planned against actual, measured, judged. */
export const CookScreen = ({ id }: { readonly id: string }) => {
  const { data: cook, error, isLoading } = useCookQuery(id, { refetchOnMountOrArgChange: true });
  return (
    <BookFrame title={cook?.plan.title ?? (isLoading ? t('opening') : t('no-such-cook'))} wide>
      {cook ? (
        <Cook cook={cook} />
      ) : isLoading ? null : (
        <Text role="alert">{describeFailure(error)}</Text>
      )}
    </BookFrame>
  );
};

const Cook = ({ cook }: { readonly cook: CookRecord }) => {
  const show = useShow();
  const { width } = useWindowDimensions();
  const { scaleOf, donenessOf } = useScales();
  const [judging, setJudging] = useState(false);
  const [judge, judged] = useJudgeMutation();
  const { plan } = cook.plan;
  const { request } = plan;
  const { species } = cutOf(request);
  const { plannedIn } = useMemo(() => loggedCookOf(cook), [cook]);
  const state = useMemo(() => cookState(plan, plannedIn, cook.events), [plan, plannedIn, cook]);
  const found = useReplay(cook, plannedIn);
  const replayed = found?.plan;
  const { inAt } = state;
  const { curves, points, says } = useMemo(
    () => cookCurves({ plan, state, replayed: found?.plan, show }),
    [plan, state, found, show],
  );
  const used = usedWords(cook.plan.gear, request, show);

  return (
    <>
      <Text voice="small" tone="text-iron-500">
        {t('pan', {
          day: show.day(cook.createdAt),
          pieceName: pieceName(request),
          thickness: show.thickness(request.thickness),
          weight: show.weight(request.weight),
          part: request.surface === 'dry' ? t('patted-dry') : t('still-wet'),
          temperature: show.temperature(request.pan),
          words: WAY_NAMES[request.way].toLowerCase(),
        })}
      </Text>
      {cook.plan.trial ? (
        <Link href={`/book/trials/${cook.plan.trial.id}`} className="min-h-touch justify-center">
          <Text tone="text-flame-light" className="underline">
            {t('one-piece-of-a-trial')}
          </Text>
        </Link>
      ) : null}
      <View className="gap-6 lg:flex-row-reverse">
        <View className="gap-4 lg:w-[520px]">
          {found && replayed ? (
            <View className="items-center">
              <Slice
                figures={sliceOf(replayed, found.slices)}
                maxWidth={Math.min(width - 32, 420)}
                maxHeight={150}
                says={t('slice-simulated-with-your-times-at', {
                  name: translateName(donenessOf(species, replayed.peakCore).name),
                  temperature: show.temperature(replayed.peakCore),
                })}
              />
              <Text voice="note" tone="text-iron-500" className="pt-2">
                {t('the-slice-simulated-with-your-times')}
              </Text>
            </View>
          ) : null}
          <Photo cook={cook} />
          <Chart
            height={260}
            curves={curves}
            points={points}
            level={{
              value: request.target,
              label: t('wanted', { degrees: show.degrees(request.target) }),
            }}
            marks={[
              { time: 0, label: t('in-2') },
              {
                time: plan.cookSeconds,
                label: t('planned-out', { duration: showDuration(plan.cookSeconds) }),
              },
            ]}
            units={show.units}
            showTemperature={(celsius) => show.degrees(celsius)}
            says={says}
          />
        </View>
        <View className="flex-1 gap-6">
          <PlannedActual cook={cook} state={state} replayed={replayed} plannedIn={plannedIn} />
          {used === undefined ? null : (
            <Text voice="small" tone="text-iron-500">
              {used}
            </Text>
          )}
          {judging ? (
            <JudgeForm
              busy={judged.isLoading}
              said={cook.judgement}
              doneness={scaleOf(species).map(({ name }) => name)}
              onJudge={(judgement) => {
                judge({ id: cook.id, judgement })
                  .unwrap()
                  .then(
                    () => setJudging(false),
                    () => undefined,
                  );
              }}
            />
          ) : (
            <>
              <Judged cook={cook} replayed={replayed} />
              <View className="no-print items-start">
                <Button
                  kind="plain"
                  label={cook.judgement ? t('edit-the-judgement') : t('judge-it')}
                  onPress={() => setJudging(true)}
                />
              </View>
            </>
          )}
          {judged.error ? (
            <Text role="alert">{t('not-saved', { failure: describeFailure(judged.error) })}</Text>
          ) : null}
          <EventList events={cook.events} inAt={inAt} />
          <AgainOrAway cook={cook} />
        </View>
      </View>
    </>
  );
};
