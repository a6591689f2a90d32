import { View } from 'react-native';
import { Text } from './Text';

interface Props {
  readonly lead?: string;
  readonly children: string;
}

/** Hazard yellow is for safety only. */
export const Caution = ({ lead, children }: Props) => (
  <View className="rounded bg-hazard px-4 py-3" role="note">
    <Text voice="small">
      {lead === undefined ? null : <Text voice="label">{`${lead} `}</Text>}
      {children}
    </Text>
  </View>
);
