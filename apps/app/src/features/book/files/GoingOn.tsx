import { View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Progress } from '../../../ui/Progress';
import { t } from '../t';

interface Props {
  readonly label: string;
  readonly share: number;
  readonly onStop: () => void;
}

/** Long work: how far it is, and that it can be stopped. */
export const GoingOn = ({ label, share, onStop }: Props) => (
  <View className="gap-2">
    <Progress label={label} share={share} />
    <View className="items-start">
      <Button kind="plain" label={t('stop')} onPress={onStop} />
    </View>
  </View>
);
