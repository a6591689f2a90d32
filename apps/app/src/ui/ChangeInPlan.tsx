import { Link } from 'expo-router';
import { Text } from './Text';

/** Leads to where a piece is described: the Plan. */
export const ChangeInPlan = () => (
  <Link href="/" className="py-1">
    <Text tone="text-flame-light" className="underline">
      Change it in Plan
    </Text>
  </Link>
);
