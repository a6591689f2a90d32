import { useRef, useState } from 'react';
import { View } from 'react-native';
import type { BookReadings } from '@crustan/core/formats/bookReadingsCsv';
import { describeFailure } from '../../../store/bookApi';
import { useAppDispatch } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { GoingOn } from './GoingOn';
import { Refused } from './Refused';
import { sendReadings } from './sendReadings';
import { t } from '../t';

interface Props {
  readonly found: Extract<BookReadings, { ok: true }>;
  readonly onOver: () => void;
}

/** Readings that say whose they are, onto their cooks. */
export const ReadingsImport = ({ found, onOver }: Props) => {
  const dispatch = useAppDispatch();
  const [sent, setSent] = useState<number>();
  const [said, setSaid] = useState<string>();
  const [strangers, setStrangers] = useState<readonly string[]>([]);
  const stop = useRef(false);
  const { cooks, refused } = found;
  const all = [...cooks.values()].reduce((sum, readings) => sum + readings.length, 0);
  const add = async (): Promise<void> => {
    stop.current = false;
    setSent(0);
    let before = 0;
    const unknown: string[] = [];
    for (const [cook, readings] of cooks) {
      if (stop.current) break;
      try {
        before += await sendReadings(dispatch, cook, readings, {
          progress: (now) => setSent(before + now),
          stopped: () => stop.current,
        });
      } catch (error) {
        unknown.push(
          t('the-of-cook', {
            readingsCount: readings.length,
            cook,
            failure: describeFailure(error),
          }),
        );
      }
    }
    setStrangers(unknown);
    setSent(undefined);
    setSaid(
      t('of-readings-are-in-the-logbook', {
        before,
        all,
        part: stop.current ? t('stopped-read-the-file-again-to-add') : '',
      }),
    );
  };
  return (
    <View className="gap-3">
      <Text>{t('readings-of-they-are-added-to-the', { all, size: cooks.size })}</Text>
      <Refused
        all={[...strangers, ...refused.map(({ row, why }) => t('row', { row, why }))]}
        count={strangers.length + refused.length}
      />
      {sent !== undefined ? (
        <GoingOn
          label={t('added-of-2', { sent, all })}
          share={sent / Math.max(1, all)}
          onStop={() => {
            stop.current = true;
          }}
        />
      ) : said !== undefined ? (
        <>
          <Text role="status">{said}</Text>
          <View className="items-start">
            <Button kind="plain" label={t('another-file')} onPress={onOver} />
          </View>
        </>
      ) : (
        <View className="items-start">
          <Button label={t('add-them')} disabled={all === 0} onPress={() => void add()} />
        </View>
      )}
    </View>
  );
};
