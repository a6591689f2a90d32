import type { ReactNode } from 'react';
import { View } from 'react-native';
import { selectCooks } from '../store/logSelectors';
import { useAppSelector } from '../store/store';
import { Button } from '../ui/Button';
import { Text } from '../ui/Text';
import { loadNewer } from './loadNewer';

/** Notices about the connection to the kitchen; nothing if all is well. */
export const ReachNotice = () => {
  const { role, unpaired, newer } = useAppSelector(({ reach }) => reach);
  const cooking = useAppSelector((state) => selectCooks(state).length > 0);
  if (unpaired) {
    return (
      <Notice role="alert">
        <Text voice="small" className="flex-1">
          This phone is not paired. Its entries are saved on it.
        </Text>
        <Button kind="plain" label="Pair it" onPress={() => window.location.assign('/pair')} />
      </Notice>
    );
  }
  // Never in the middle of a cook: a page that is loaded again is a minute without a clock.
  if (newer && !cooking) {
    return (
      <Notice role="status">
        <Text voice="small" className="flex-1">
          A newer Crustan is here.
        </Text>
        <Button kind="plain" label="Load it" onPress={() => void loadNewer()} />
      </Notice>
    );
  }
  if (role === 'watcher') {
    return (
      <Notice role="status">
        <Text voice="small">This phone watches. The owner’s machine can let it cook.</Text>
      </Notice>
    );
  }
  return null;
};

const Notice = ({
  role,
  children,
}: {
  readonly role: 'alert' | 'status';
  readonly children: ReactNode;
}) => (
  <View
    role={role}
    className={`no-print flex-row items-center gap-3 px-4 py-2 ${role === 'alert' ? 'bg-hazard' : 'bg-salt-200'}`}
  >
    {children}
  </View>
);
