import { useLocalSearchParams } from 'expo-router';
import { places } from '../../places';

export default function CookPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <places.cook.Chunk id={id} />;
}
