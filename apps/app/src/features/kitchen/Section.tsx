import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Text } from '../../ui/Text';

interface Props {
  readonly title: string;
  readonly says: string;
  readonly children: ReactNode;
}

/** A part of the kitchen, under a line. */
export const Section = ({ title, says, children }: Props) => (
  <View className="gap-3 border-t border-salt-300 pt-3">
    <View>
      <Text voice="head" heading={2}>
        {title}
      </Text>
      <Text voice="small" tone="text-iron-500">
        {says}
      </Text>
    </View>
    {children}
  </View>
);
