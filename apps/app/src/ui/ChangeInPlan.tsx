import { Link } from 'expo-router';
import { Text } from './Text';
import { t } from '../t';

/** Leads to where a piece is described: the Plan. */
export const ChangeInPlan = () => (
  <Link href="/" className="py-1">
    <Text tone="text-flame-light" className="underline">
      {t('change-it-in-plan')}
    </Text>
  </Link>
);
