import { View } from 'react-native';
import type { PracticePlace } from '@crustan/core/simulation/practiceKitchen';
import type { PracticeDeed } from '../../../workers/live.worker';
import { Button } from '../../../ui/Button';
import { t } from '../t';

interface Props {
  readonly place: PracticePlace;
  /** Whether there is an oven to go to. */
  readonly oven: boolean;
  readonly act: (deed: PracticeDeed) => void;
}

/** Actions on a piece in each place, with the label of each button. */
const DEEDS: readonly {
  readonly label: string;
  readonly deed: PracticeDeed;
  readonly at: readonly PracticePlace[];
}[] = [
  { label: t('turn-it'), deed: { do: 'turn' }, at: ['pan'] },
  { label: t('butter-in'), deed: { do: 'butter' }, at: ['pan'] },
  { label: t('into-the-pan'), deed: { do: 'move', place: 'pan' }, at: ['board', 'oven'] },
  { label: t('into-the-oven'), deed: { do: 'move', place: 'oven' }, at: ['board', 'pan'] },
  { label: t('onto-the-board'), deed: { do: 'move', place: 'board' }, at: ['pan', 'oven'] },
];

const goesToOven = (deed: PracticeDeed): boolean => deed.do === 'move' && deed.place === 'oven';

/** Actions on the piece in its current place. */
export const Deeds = ({ place, oven, act }: Props) => (
  <View className="flex-row flex-wrap gap-2">
    {DEEDS.filter(({ at, deed }) => at.includes(place) && (oven || !goesToOven(deed))).map(
      ({ label, deed }) => (
        <View key={label} className="min-w-[46%] flex-1">
          <Button kind="stovePlain" label={label} onPress={() => act(deed)} />
        </View>
      ),
    )}
  </View>
);
