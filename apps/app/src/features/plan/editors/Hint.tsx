import { Text } from '../../../ui/Text';

export const Hint = ({ children }: { readonly children: string }) => (
  <Text voice="small" tone="text-iron-500">
    {children}
  </Text>
);
