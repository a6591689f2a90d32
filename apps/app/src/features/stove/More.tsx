import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Words } from '../../ui/Meanings';
import { AttentionSettings } from './AttentionSettings';
import { AddPiece } from './AddPiece';
import { Devices } from './Devices';
import { History } from './History';
import type { LiveCook } from './liveCook';
import { t } from './t';

const PANELS = [
  { value: 'history', label: t('what-happened') },
  { value: 'devices', label: t('thermometers') },
  { value: 'attention', label: t('calling-me') },
  { value: 'piece', label: t('another-piece') },
  { value: 'words', label: t('words') },
] as const;

interface Props {
  readonly live: LiveCook;
  readonly onClose: () => void;
}

/** Functions that are not needed in the next ninety seconds. */
export const More = ({ live, onClose }: Props) => {
  const [panel, setPanel] = useState<(typeof PANELS)[number]['value']>('history');
  return (
    <View className="gap-4" role="region" aria-label={t('more')}>
      <Choice label={t('more')} onIron value={panel} onChange={setPanel} options={PANELS} />
      {panel === 'history' ? <History live={live} /> : null}
      {panel === 'devices' ? <Devices cook={live.cook.id} /> : null}
      {panel === 'attention' ? <AttentionSettings /> : null}
      {panel === 'words' ? <Words onIron /> : null}
      {panel === 'piece' ? <AddPiece onDone={onClose} /> : null}
      <Button kind="stovePlain" label={t('back-to-the-cook')} onPress={onClose} />
    </View>
  );
};
