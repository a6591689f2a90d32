import { useLocalSearchParams } from 'expo-router';
import { places } from '../../../places';

export default function TrialPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <places.trial.Chunk id={id} />;
}
