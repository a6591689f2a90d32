import { View } from 'react-native';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import type { CookedArm } from './TrialArms';
import { findingsOf } from './findingsOf';
import { t } from './t';

/** Conclusions that the difference supports or does not, figure by figure. */
export const TrialFindings = ({ arms }: { readonly arms: readonly CookedArm[] }) => {
  const show = useShow();
  return (
    <View className="gap-2">
      <Text voice="head" heading={2}>
        {t('what-it-shows-and-what-it-cannot')}
      </Text>
      {findingsOf(arms, show).map((line) => (
        <Text key={line}>{line}</Text>
      ))}
    </View>
  );
};
