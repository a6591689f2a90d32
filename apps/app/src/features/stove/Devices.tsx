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
        <Button kind="stovePlain" label="Unlink" onPress={() => unlinkDevice(store)} />
      ) : (
        <>
          <Button
            kind="stovePlain"
            label="Link the stand-in probe, gun and oven"
            onPress={() => simulate()}
          />
          <FromFile cook={cook} />
          <Button
            kind="stovePlain"
            label="Link a Bluetooth thermometer"
            disabled={!canBluetooth()}
            onPress={() => void linkDevice(store, 'bluetooth', cook, bluetoothLink)}
          />
          {canBluetooth() ? null : (
            <Text voice="note" tone="text-iron-400">
              This browser has no Web Bluetooth; type readings in, or replay a file.
            </Text>
          )}
        </>
      )}
      {mine && source === 'simulated' ? (
        <View className="gap-3">
          <Text voice="small" tone="text-salt-200">
            A made-up kitchen with its own oven, pan and probe; their true values are hidden.
          </Text>
          <Text voice="label" tone="text-salt-50">
            Which kitchen
          </Text>
          <Choice
            label="Hidden kitchen"
            onIron
            value={String(seed)}
            onChange={(value) => {
              dispatch(seedChosen(Number(value)));
              simulate(Number(value));
            }}
            options={SEEDS.map((value) => ({ value, label: `Kitchen ${value}` }))}
          />
          <Text voice="label" tone="text-salt-50">
            How fast time runs
          </Text>
          <Choice
            label="Speed of time"
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
        label="Replay a CSV of readings"
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
            {`${read.readings.length} readings over ${showDuration(last.seconds)}: time from “${read.columns.time}”, temperature from “${read.columns.temperature}” in °${read.columns.unit}.${read.refused.length === 0 ? '' : ` ${read.refused.length} rows left out, the first: row ${read.refused[0]?.row}, ${read.refused[0]?.why}`}`}
          </Text>
          <Button
            kind="stovePlain"
            label="Replay it from now"
            onPress={() => void linkDevice(store, 'file', cook, fileLink(read))}
          />
        </>
      ) : null}
    </View>
  );
};
