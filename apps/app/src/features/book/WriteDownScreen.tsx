import { useState } from 'react';
import { View } from 'react-native';
import { Link, useRouter } from 'expo-router';
import type { LogEntry } from '@crustan/core/formats/logSchema';
import { eventsFromMemory } from '@crustan/core/cook/eventsFromMemory';
import { bookApi, describeFailure } from '../../store/bookApi';
import { kitchenNow } from '../../store/clock';
import { plannedOn, requestHere } from '../../store/kitchenSlice';
import { deviceName } from '../../store/deviceName';
import { newId } from '../../store/newId';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Measure } from '../../ui/Measure';
import { Text } from '../../ui/Text';
import { capital, pieceName } from '../../words/cutWords';
import { describeObstacle } from '../../words/obstacleWords';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { planRecordsOf } from '../../workers/planRecords';
import { BookFrame } from './BookFrame';
import { t } from './t';

/** Bounds of the duration of a cook from memory, s. */
const HEAT = { least: 60, most: 12 * 3600 };
const REST = { least: 0, most: 3600 };

/** `2026-11-24T19:30` of a moment, in the device's own zone. */
const localOf = (ms: number): string => {
  const at = new Date(ms - new Date(ms).getTimezoneOffset() * 60_000);
  return at.toISOString().slice(0, 16);
};

/** A cook that nobody followed, written down from memory. */
export const WriteDownScreen = () => {
  const show = useShow();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { request } = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const [when, setWhen] = useState(() => localOf(kitchenNow() - 3600_000));
  const [heat, setHeat] = useState<number>();
  const [rest, setRest] = useState<number>();
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<string>();
  const inAt = new Date(when).getTime();
  const future = !(inAt <= kitchenNow());

  const write = async (): Promise<void> => {
    setBusy(true);
    setWrong(undefined);
    try {
      const asked = requestHere(request, kitchen);
      const on = { ...plannedOn(kitchen, request), minimum: undefined };
      const [planned] = await planRecordsOf([asked], { on, plateAt: inAt, kitchen, show });
      if (!planned?.ok) {
        setWrong(
          planned ? describeObstacle(planned.obstacle, asked, show) : t('it-was-not-planned'),
        );
        return;
      }
      const id = newId();
      const events = [
        { id, kind: 'opened', at: inAt, plan: planned.record } as const,
        ...eventsFromMemory(planned.plan, { inAt, cookedSeconds: heat, restSeconds: rest }, newId),
      ];
      const entries = events.map((event): LogEntry => ({
        of: 'cook',
        stream: id,
        device: deviceName(),
        event,
      }));
      await dispatch(bookApi.endpoints.addToLog.initiate(entries)).unwrap();
      router.replace(`/book/${id}`);
    } catch (error) {
      setWrong(describeFailure(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <BookFrame title={t('from-memory')}>
      <Text>
        {t('to-pan', {
          pieceName: capital(pieceName(request)),
          thickness: show.thickness(request.thickness),
          weight: show.weight(request.weight),
          temperature: show.temperature(request.target),
          words: WAY_NAMES[request.way].toLowerCase(),
          temperature2: show.temperature(request.pan),
        })}
        <Link href="/" className="py-1">
          <Text tone="text-flame-light" className="underline">
            {t('say-it-otherwise-in-plan')}
          </Text>
        </Link>
      </Text>
      <View className="gap-1">
        <Text voice="small">{t('it-met-the-heat')}</Text>
        <input
          type="datetime-local"
          aria-label={t('when-it-met-the-heat')}
          value={when}
          max={localOf(kitchenNow())}
          onChange={(event) => setWhen(event.target.value)}
          style={{ minHeight: 48, maxWidth: 260, fontSize: 16, padding: '0 8px' }}
        />
        {future ? (
          <Text voice="small" role="alert">
            {t('that-is-not-in-the-past')}
          </Text>
        ) : null}
      </View>
      {heat === undefined ? (
        <View className="items-start">
          <Button
            kind="plain"
            label={t('it-took-another-time-than-planned')}
            onPress={() => setHeat(600)}
          />
        </View>
      ) : (
        <Measure
          named
          units={show.units}
          label={t('over-heat-in-all')}
          kind="minutes"
          value={heat}
          {...HEAT}
          typical={[HEAT.least, 5400]}
          onChange={setHeat}
        />
      )}
      {rest === undefined ? (
        <View className="items-start">
          <Button kind="plain" label={t('it-rested-otherwise')} onPress={() => setRest(300)} />
        </View>
      ) : (
        <Measure
          named
          units={show.units}
          label={t('rested')}
          kind="minutes"
          value={rest}
          {...REST}
          onChange={setRest}
        />
      )}
      <Text voice="small" tone="text-iron-500">
        {t('what-was-measured-seen-and-tasted-is')}
      </Text>
      <View className="items-start">
        <Button
          label={busy ? t('writing') : t('write-it-in-the-logbook')}
          disabled={busy || future}
          onPress={() => void write()}
        />
      </View>
      {wrong === undefined ? null : <Text role="alert">{wrong}</Text>}
    </BookFrame>
  );
};
