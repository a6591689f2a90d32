import { useState } from 'react';
import { View } from 'react-native';
import { Link } from 'expo-router';
import { TRIAL_KINDS, type TrialKind } from '@crustan/core/trial/trial';
import { describeFailure, useTrialsQuery } from '../../store/bookApi';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { BookFrame } from './BookFrame';
import { PlanTrial } from './PlanTrial';
import { TRIAL_NAMES } from './trialWords';
import { t } from './t';

/** Trials, newest first, and the planning of another. */
export const TrialsScreen = () => {
  const show = useShow();
  const { data, error } = useTrialsQuery(undefined, { refetchOnMountOrArgChange: true });
  const [kind, setKind] = useState<TrialKind>();
  return (
    <BookFrame title={t('comparisons')}>
      <Text voice="small" tone="text-iron-500">
        {t('like-pieces-one-difference-measured-and')}
      </Text>
      {error ? <Text role="alert">{describeFailure(error)}</Text> : null}
      <View role="list">
        {data?.map((trial) => (
          <View key={trial.id} role="listitem" className="border-t border-salt-200">
            <Link href={`/book/trials/${trial.id}`} className="py-3">
              <View>
                <Text voice="strong">{trial.title}</Text>
                <Text voice="small" tone="text-iron-500">
                  {`${show.day(trial.createdAt)} · ${trial.arms.map(({ label }) => label).join(t('or'))}`}
                </Text>
              </View>
            </Link>
          </View>
        ))}
      </View>
      <View className="gap-3 border-t border-salt-300 pt-3">
        <Text voice="head" heading={2}>
          {t('plan-a-trial')}
        </Text>
        <Text voice="small">{t('what-shall-differ')}</Text>
        <Choice
          label={t('what-shall-differ-2')}
          value={kind}
          onChange={setKind}
          options={TRIAL_KINDS.map((value) => ({ value, label: TRIAL_NAMES[value] }))}
        />
        {kind === undefined ? null : <PlanTrial key={kind} kind={kind} />}
      </View>
    </BookFrame>
  );
};
