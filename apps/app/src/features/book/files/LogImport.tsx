import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Link } from 'expo-router';
import { INSTRUMENT_LIMITS } from '@crustan/core/formats/cookEventSchema';
import type { CookRecord } from '@crustan/core/formats';
import type { ReadingsLog } from '@crustan/core/formats/readingsCsv';
import { effectiveEvents } from '@crustan/core/cook/effectiveEvents';
import { showDuration } from '@crustan/core/units';
import { describeFailure, useCookQuery, useCooksInfiniteQuery } from '../../../store/bookApi';
import { useAppDispatch } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Progress } from '../../../ui/Progress';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import { Refused } from './Refused';
import { sendReadings } from './sendReadings';
import { t } from '../t';

interface Props {
  readonly log: ReadingsLog;
  readonly onOver: () => void;
}

const OFFERED = 12;
const ALIGNED = ['in', 'started', 'clock'] as const;
type Aligned = (typeof ALIGNED)[number];

const ALIGNED_WORDS: Readonly<Record<Aligned, string>> = {
  in: t('when-it-met-the-heat-2'),
  started: t('when-the-cook-was-started'),
  clock: t('by-the-logs-own-clock'),
};

/** Import of a logger's file: recognized columns, its cook, and its start. */
export const LogImport = ({ log, onOver }: Props) => {
  const show = useShow();
  const { data } = useCooksInfiniteQuery({});
  const [cook, setCook] = useState<string>();
  const { readings, columns, refused, firstAt } = log;
  const length = readings.at(-1)?.seconds ?? 0;
  return (
    <View className="gap-3">
      <Text>
        {t('a-temperature-log-of-readings-over-from', {
          readingsCount: readings.length,
          duration: showDuration(length),
          temperature: show.temperature(readings[0]?.celsius ?? 0, 1),
          temperature2: show.temperature(readings.at(-1)?.celsius ?? 0, 1),
          time: columns.time,
          temperature3: columns.temperature,
          unit: columns.unit,
          part: firstAt === undefined ? '' : t('it-begins', { day: show.day(firstAt) }),
        })}
      </Text>
      <Refused all={refused.map(({ row, why }) => t('row', { row, why }))} count={refused.length} />
      <Text voice="label">{t('whose-is-it')}</Text>
      <Choice
        label={t('whose-log-it-is')}
        value={cook}
        onChange={setCook}
        options={(data?.pages[0]?.cooks.slice(0, OFFERED) ?? []).map(
          ({ id, title, createdAt }) => ({
            value: id,
            label: title,
            detail: show.day(createdAt),
          }),
        )}
      />
      {cook === undefined ? null : <OntoCook key={cook} log={log} id={cook} onOver={onOver} />}
    </View>
  );
};

const beginningOf = (cook: CookRecord, aligned: Aligned, firstAt: number | undefined) => {
  if (aligned === 'clock') return firstAt;
  const effective = effectiveEvents(cook.events);
  return aligned === 'started' ? cook.createdAt : effective.find(({ kind }) => kind === 'in')?.at;
};

const OntoCook = ({ log, id, onOver }: Props & { readonly id: string }) => {
  const dispatch = useAppDispatch();
  const { data: cook, error } = useCookQuery(id);
  const [aligned, setAligned] = useState<Aligned>(log.firstAt === undefined ? 'in' : 'clock');
  const [sent, setSent] = useState<number>();
  const [said, setSaid] = useState<string>();
  const begins = cook && beginningOf(cook, aligned, log.firstAt);
  const { least, most } = INSTRUMENT_LIMITS.probe;
  const readings = useMemo(
    () =>
      begins === undefined
        ? []
        : log.readings
            .filter(({ celsius }) => celsius >= least && celsius <= most)
            .map(({ seconds, celsius }) => ({
              kind: 'reading' as const,
              at: Math.round(begins + seconds * 1000),
              celsius: Math.round(celsius * 100) / 100,
              by: 'probe' as const,
            })),
    [begins, log, least, most],
  );
  if (error) return <Text role="alert">{describeFailure(error)}</Text>;
  if (!cook) return <Text tone="text-iron-500">{t('opening-it')}</Text>;
  const add = async (): Promise<void> => {
    setSent(0);
    try {
      const added = await sendReadings(dispatch, id, readings, {
        progress: setSent,
        stopped: () => false,
      });
      setSaid(t('readings-are-on-the-cooks-page', { added }));
    } catch (failure) {
      setSaid(t('not-all-were-added-try-again-none', { failure: describeFailure(failure) }));
    }
    setSent(undefined);
  };
  return (
    <View className="gap-3">
      <Text voice="label">{t('its-first-row-is-from')}</Text>
      <Choice
        label={t('where-the-log-begins')}
        value={aligned}
        onChange={setAligned}
        options={ALIGNED.filter((one) => one !== 'clock' || log.firstAt !== undefined).map(
          (value) => ({ value, label: ALIGNED_WORDS[value] }),
        )}
      />
      {begins === undefined ? <Text>{t('this-cook-never-met-the-heat-choose')}</Text> : null}
      {sent !== undefined ? (
        <Progress
          label={t('added-of', { sent, readingsCount: readings.length })}
          share={sent / Math.max(1, readings.length)}
        />
      ) : said !== undefined ? (
        <View className="items-start gap-2">
          <Text role="status">{said}</Text>
          <Link href={`/book/${id}`} className="min-h-touch justify-center">
            <Text tone="text-flame-light" className="underline">
              {cook.plan.title}
            </Text>
          </Link>
          <Button kind="plain" label={t('another-file')} onPress={onOver} />
        </View>
      ) : (
        <View className="items-start">
          <Button
            label={t('add-readings-to', { readingsCount: readings.length, title: cook.plan.title })}
            disabled={readings.length === 0}
            onPress={() => void add()}
          />
        </View>
      )}
    </View>
  );
};
