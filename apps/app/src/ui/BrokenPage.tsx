import { View } from 'react-native';
import { Button } from './Button';
import { Text } from './Text';
import { t } from '../t';

interface Props {
  readonly error: Error;
  readonly retry: () => void;
}

/** Page shown when a page fails: it says that no step is lost, and offers to continue. */
export const BrokenPage = ({ error, retry }: Props) => (
  <View className="flex-1 items-start justify-center gap-4 bg-salt-50 p-6">
    <Text voice="head" heading={1}>
      {t('this-page-stopped-working')}
    </Text>
    <Text>{t('your-steps-are-saved-on-this-device')}</Text>
    <Text voice="small" tone="text-iron-500">
      {error.message}
    </Text>
    <Button label={t('try-again')} onPress={retry} />
  </View>
);
