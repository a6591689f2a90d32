import { useState } from 'react';
import { View } from 'react-native';
import type { Readable } from '@crustan/core/simulation/practiceKitchen';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import { t } from '../t';

/** A look with a thermometer takes this much of the cook's time in the figures shown, s. */
const READING_STANDS = 20;

const READINGS: Readonly<Record<Readable, { readonly ask: string; readonly says: string }>> = {
  middle: { ask: t('read-the-middle'), says: t('middle') },
  pan: { ask: t('read-the-pan'), says: t('pan') },
  ice: { ask: t('read-melting-ice'), says: t('ice') },
};

interface Props {
  /** s since the start. */
  readonly time: number;
  /** Reading of the thermometer now, C. */
  readonly reads: Readonly<Record<Readable, number>>;
  /** Whether there is ice to hold it in. */
  readonly ice: boolean;
}

/** A thermometer held into something: what it showed stands for a while. */
export const Reading = ({ time, reads, ice }: Props) => {
  const show = useShow();
  const [reading, setReading] = useState<{ readonly at: number; readonly says: string }>();
  const asked: readonly Readable[] = ice ? ['middle', 'pan', 'ice'] : ['middle', 'pan'];
  return (
    <View className="gap-2">
      {reading && time - reading.at < READING_STANDS ? (
        <Text voice="bigFigure" tone="text-salt-50" aria-live="polite">
          {reading.says}
        </Text>
      ) : null}
      <View className="flex-row gap-2">
        {asked.map((at) => (
          <View key={at} className="flex-1">
            <Button
              kind="stovePlain"
              label={READINGS[at].ask}
              onPress={() =>
                setReading({
                  at: time,
                  says: `${READINGS[at].says} ${show.temperature(reads[at], at === 'ice' ? 1 : 0)}`,
                })
              }
            />
          </View>
        ))}
      </View>
    </View>
  );
};
