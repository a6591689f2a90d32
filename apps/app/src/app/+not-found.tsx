import { View } from 'react-native';
import { Link } from 'expo-router';
import { Text } from '../ui/Text';
import { t } from '../t';

export default function NotFound() {
  return (
    <View className="flex-1 items-start justify-center gap-4 p-6">
      <Text voice="head" heading={1}>
        {t('there-is-nothing-at-this-address')}
      </Text>
      <Link href="/" className="py-3">
        <Text tone="text-flame-light" className="underline">
          {t('go-to-plan')}
        </Text>
      </Link>
    </View>
  );
}
