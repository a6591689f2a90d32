import { useState } from 'react';
import { View } from 'react-native';
import type { ReadingsLog } from '@crustan/core/formats/readingsCsv';
import { showDuration } from '@crustan/core/units';
import { bluetoothLink, canBluetooth } from '../../devices/bluetoothLink';
import { fileLink } from '../../devices/fileLink';
import { linkDevice, unlinkDevice } from '../../devices/linkDevice';
import { simulatedLink } from '../../devices/simulatedLink';
import { setClockSpeed, useClockSpeed } from '../../store/clock';
import { seedChosen } from '../../store/devicesSlice';
import { useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { t } from './t';

const SPEEDS = ['1', '4', '15', '60'] as const;
const SEEDS = ['7', '21', '104'] as const;

/** Sources of readings: simulated thermometers, a file, or a radio thermometer. */
export const Devices = ({ cook }: { readonly cook: string }) => {
  const store = useAppStore();
  const dispatch = useAppDispatch();
  const { source, cook: linked, seed } = useAppSelector((state) => state.devices);
  const speed = useClockSpeed();
  const mine = source !== undefined && linked === cook;
  const simulate = (withSeed = seed): void =>
    void linkDevice(store, 'simulated', cook, simulatedLink(cook, withSeed));
  return (
    <View className="gap-4">
      {mine ? (
        <Button kind="stovePlain" label={t('unlink')} onPress={() => unlinkDevice(store)} />
      ) : (
        <>
          <Button
            kind="stovePlain"
            label={t('link-the-stand-in-probe-gun-and')}
            onPress={() => simulate()}
          />
          <FromFile cook={cook} />
          <Button
            kind="stovePlain"
            label={t('link-a-bluetooth-thermometer')}
            disabled={!canBluetooth()}
            onPress={() => void linkDevice(store, 'bluetooth', cook, bluetoothLink)}
          />
          {canBluetooth() ? null : (
            <Text voice="note" tone="text-iron-400">
              {t('this-browser-has-no-web-bluetooth-type')}
            </Text>
          )}
        </>
      )}
      {mine && source === 'simulated' ? (
        <View className="gap-3">
          <Text voice="small" tone="text-salt-200">
            {t('a-made-up-kitchen-with-its-own')}
          </Text>
          <Text voice="label" tone="text-salt-50">
            {t('which-kitchen')}
          </Text>
          <Choice
            label={t('hidden-kitchen')}
            onIron
            value={String(seed)}
            onChange={(value) => {
              dispatch(seedChosen(Number(value)));
              simulate(Number(value));
            }}
            options={SEEDS.map((value) => ({ value, label: t('kitchen', { value }) }))}
          />
          <Text voice="label" tone="text-salt-50">
            {t('how-fast-time-runs')}
          </Text>
          <Choice
            label={t('speed-of-time')}
            onIron
            value={String(speed)}
            onChange={(value) => {
              setClockSpeed(Number(value));
              simulate();
            }}
            options={SPEEDS.map((value) => ({ value, label: `${value}×` }))}
          />
        </View>
      ) : null}
    </View>
  );
};

/** A temperature log, shown for confirmation before it is replayed. */
const FromFile = ({ cook }: { readonly cook: string }) => {
  const store = useAppStore();
  const [read, setRead] = useState<ReadingsLog>();
  const [refused, setRefused] = useState<string>();
  const take = async (file: File): Promise<void> => {
    const { readReadingsCsv } = await import('@crustan/core/formats/csv');
    const result = readReadingsCsv(await file.text());
    setRead(result.ok ? result.log : undefined);
    setRefused(result.ok ? undefined : result.why);
  };
  const last = read?.readings.at(-1);
  return (
    <View className="gap-2">
      <FileButton
        kind="stovePlain"
        label={t('replay-a-csv-of-readings')}
        accept=".csv,.tsv,.txt,text/csv"
        onFile={(file) => void take(file)}
      />
      {refused === undefined ? null : (
        <Text voice="small" tone="text-salt-50" role="alert">
          {refused}
        </Text>
      )}
      {read && last ? (
        <>
          <Text voice="small" tone="text-salt-200">
            {t('readings-over-time-from-temperature-from-in', {
              readingsCount: read.readings.length,
              duration: showDuration(last.seconds),
              time: read.columns.time,
              temperature: read.columns.temperature,
              unit: read.columns.unit,
              part:
                read.refused.length === 0
                  ? ''
                  : t('rows-left-out-the-first-row', {
                      refusedCount: read.refused.length,
                      row: read.refused[0]?.row ?? 0,
                      why: read.refused[0]?.why ?? '',
                    }),
            })}
          </Text>
          <Button
            kind="stovePlain"
            label={t('replay-it-from-now')}
            onPress={() => void linkDevice(store, 'file', cook, fileLink(read))}
          />
        </>
      ) : null}
    </View>
  );
};
