import type { ReactNode } from 'react';
import { View } from 'react-native';
import { selectCooks } from '../store/logSelectors';
import { useAppSelector } from '../store/store';
import { Button } from '../ui/Button';
import { Text } from '../ui/Text';
import { loadNewer } from './loadNewer';
import { t } from '../t';

/** Notices about the connection to the kitchen; nothing if all is well. */
export const ReachNotice = () => {
  const { role, unpaired, newer } = useAppSelector(({ reach }) => reach);
  const cooking = useAppSelector((state) => selectCooks(state).length > 0);
  if (unpaired) {
    return (
      <Notice role="alert">
        <Text voice="small" className="flex-1">
          {t('this-phone-is-not-paired-its-entries')}
        </Text>
        <Button kind="plain" label={t('pair-it')} onPress={() => window.location.assign('/pair')} />
      </Notice>
    );
  }
  // Never in the middle of a cook: a page that is loaded again is a minute without a clock.
  if (newer && !cooking) {
    return (
      <Notice role="status">
        <Text voice="small" className="flex-1">
          {t('a-newer-crustan-is-here')}
        </Text>
        <Button kind="plain" label={t('load-it')} onPress={() => void loadNewer()} />
      </Notice>
    );
  }
  if (role === 'watcher') {
    return (
      <Notice role="status">
        <Text voice="small">{t('this-phone-watches-the-owners-machine-can')}</Text>
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
