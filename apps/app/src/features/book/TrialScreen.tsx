import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Link } from 'expo-router';
import type { CookRecord } from '@crustan/core/formats';
import type { Trial } from '@crustan/core/trial/trial';
import {
  bookApi,
  describeFailure,
  useDropTrialMutation,
  useKeepTrialMutation,
  useTrialQuery,
} from '../../store/bookApi';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { BookFrame } from './BookFrame';
import { Tasting } from './Tasting';
import { TrialArms } from './TrialArms';
import { TrialCurves } from './TrialCurves';
import { TrialFindings } from './TrialFindings';
import { CANNOT_SHOW } from './trialWords';
import { t } from './t';

/** One trial: the cooks side by side, measured and simulated, and what their difference can show. */
export const TrialScreen = ({ id }: { readonly id: string }) => {
  const { data, error, isLoading } = useTrialQuery(id, { refetchOnMountOrArgChange: true });
  const [dropped, setDropped] = useState<Trial>();
  const [keep] = useKeepTrialMutation();
  const trial = dropped ?? data;
  return (
    <BookFrame title={trial?.title ?? (isLoading ? t('opening') : t('no-such-trial'))} wide>
      {dropped ? (
        <View className="items-start gap-3" role="status">
          <Text>{t('the-trial-is-out-of-the-logbook')}</Text>
          <Button
            kind="plain"
            label={t('put-it-back')}
            onPress={() => {
              void keep(dropped);
              setDropped(undefined);
            }}
          />
        </View>
      ) : data ? (
        <Trial trial={data} onDrop={setDropped} />
      ) : isLoading ? null : (
        <Text role="alert">{describeFailure(error)}</Text>
      )}
    </BookFrame>
  );
};

/** The cooks of a trial's pieces, as far as the logbook has them. */
const useCooks = (trial: Trial): readonly (CookRecord | undefined)[] | undefined => {
  const dispatch = useAppDispatch();
  const [cooks, setCooks] = useState<readonly (CookRecord | undefined)[]>();
  useEffect(() => {
    let live = true;
    const asked = trial.arms.map(async ({ cook }) =>
      cook === undefined
        ? undefined
        : (
            await dispatch(
              bookApi.endpoints.cook.initiate(cook, { forceRefetch: true, subscribe: false }),
            )
          ).data,
    );
    void Promise.all(asked).then((found) => live && setCooks(found));
    return () => {
      live = false;
    };
  }, [dispatch, trial.arms]);
  return cooks;
};

interface Props {
  readonly trial: Trial;
  readonly onDrop: (trial: Trial) => void;
}

const Trial = ({ trial, onDrop }: Props) => {
  const show = useShow();
  const cooks = useCooks(trial);
  const [drop] = useDropTrialMutation();
  const arms = trial.arms.flatMap(({ label }, i) => {
    const cook = cooks?.[i];
    return cook ? [{ label, cook }] : [];
  });
  return (
    <View className="gap-6">
      <Text voice="small" tone="text-iron-500">
        {show.day(trial.createdAt)}
      </Text>
      {cooks === undefined ? (
        <Text tone="text-iron-500">{t('opening-its-cooks')}</Text>
      ) : arms.length < 2 ? (
        <Text>{t('fewer-than-two-of-its-cooks-are')}</Text>
      ) : (
        <>
          <TrialArms arms={arms} />
          <TrialCurves arms={arms} />
          <TrialFindings arms={arms} />
        </>
      )}
      <Text voice="small" className="border-l-4 border-salt-300 pl-3">
        {CANNOT_SHOW[trial.kind]}
      </Text>
      <Tasting trial={trial} />
      <View className="flex-row flex-wrap items-center gap-3">
        {trial.arms.map(({ label, cook }) =>
          cook === undefined ? null : (
            <Link key={cook} href={`/book/${cook}`} className="min-h-touch justify-center">
              <Text tone="text-flame-light" className="underline">
                {capital(label)}
              </Text>
            </Link>
          ),
        )}
        <Button
          kind="plain"
          label={t('delete-the-trial')}
          onPress={() => {
            void drop(trial.id);
            onDrop(trial);
          }}
        />
      </View>
    </View>
  );
};
