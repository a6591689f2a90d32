import { View } from 'react-native';
import { useUnreadableQuery } from '../../../store/bookApi';
import { Text } from '../../../ui/Text';
import { t } from '../t';

/** Rows of the logbook that cannot be read: named, left out of lists and files, and kept. */
export const UnreadableRows = () => {
  const { data } = useUnreadableQuery();
  if (!data || data.count === 0) return null;
  return (
    <View className="gap-2" role="alert">
      <Text voice="head" heading={2}>
        {t('of-the-logbook-cannot-be-read', { count: data.count })}
      </Text>
      <Text>{t('they-are-left-out-of-lists-and')}</Text>
      {data.rows.map(({ where, why }) => (
        <Text key={where} voice="small">{`${where}: ${why}`}</Text>
      ))}
    </View>
  );
};
