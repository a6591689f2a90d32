import { formatList, translateName } from '@crustan/messages';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { cookState } from '@crustan/core/cook/cookState';
import type { ServiceInFull } from '@crustan/core/formats/serviceSchema';
import { serviceReport } from '@crustan/core/pass/afterService';
import { serviceState } from '@crustan/core/pass/serviceTickets';
import { formatDuration } from '@crustan/core/units';
import { describeFailure } from '../../store/bookApi';
import { useKeepDemandMutation, useServiceQuery, useServicesQuery } from '../../store/passApi';
import { dayOf } from '../../store/plateTime';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { Choice } from '../../ui/Choice';
import { useDishes } from '../../store/useDishes';
import { saveFile } from '../../ui/saveFile';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { describeWhyLate } from './passWords';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

/** Services that are offered to be looked at. */
const OFFERED = 8;

/** Report of a service: tables, lateness, use of the line, cost. */
export const After = () => {
  const open = useAppSelector((state) => state.pass.open);
  const { data: services = [], error } = useServicesQuery();
  const [chosen, setChosen] = useState<string>();
  const id = chosen ?? open ?? services[0]?.id;
  return (
    <ScrollView
      className="min-h-0 flex-1"
      contentContainerClassName="max-w-[860px] gap-4 pb-8 pt-4"
    >
      <Text voice="strong" heading={1}>
        {t('after-service')}
      </Text>
      {error ? <Text role="alert">{describeFailure(error)}</Text> : null}
      {services.length === 0 ? <Text>{t('no-service-is-in-the-logbook-yet')}</Text> : null}
      {services.length > 1 ? (
        <Choice
          label={t('which-service')}
          options={services
            .slice(0, OFFERED)
            .map(({ id: value, name }) => ({ value, label: name }))}
          value={id}
          onChange={setChosen}
        />
      ) : null}
      {id === undefined ? null : <Report key={id} id={id} />}
      <BringService />
    </ScrollView>
  );
};

/** A service from a file: another kitchen's, or this one's of another logbook. */
const BringService = () => {
  const dispatch = useAppDispatch();
  const [says, setSays] = useState<string>();
  const take = async (file: File): Promise<void> => {
    try {
      const { bringService } = await import('../../store/bringService');
      const found = await bringService(dispatch, await file.text());
      setSays(
        found.ok
          ? t('is-in-the-logbook-tables', { name: found.name, tables: found.tables })
          : t('not-read', { why: found.why }),
      );
    } catch (error) {
      setSays(t('partly-saved-import-it-again-nothing-is', { failure: describeFailure(error) }));
    }
  };
  return (
    <View className="no-print gap-2 border-t border-salt-300 pt-3">
      <Text voice="head" heading={2}>
        {t('a-service-from-a-file')}
      </Text>
      <FileButton
        label={t('read-a-service-from-a-file')}
        accept=".json,application/json"
        onFile={(file) => void take(file)}
      />
      {says === undefined ? null : (
        <Text voice="small" role="status">
          {says}
        </Text>
      )}
    </View>
  );
};

const Report = ({ id }: { readonly id: string }) => {
  const { data, error } = useServiceQuery(id, { refetchOnMountOrArgChange: true });
  if (error) return <Text role="alert">{describeFailure(error)}</Text>;
  return data ? <ServiceReport found={data} /> : <Text>{t('reading-the-service')}</Text>;
};

/** Nearer to its time than this a table was on time, s. */
const ON_TIME = 30;

const describeLate = (late: number): string => {
  if (Math.abs(late) <= ON_TIME) return t('on-time');
  return late > 0
    ? t('late', { duration: formatDuration(late) })
    : t('early', { duration: formatDuration(-late) });
};

const ServiceReport = ({ found }: { readonly found: ServiceInFull }) => {
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const { dishes, error: noDishes } = useDishes();
  const [keep, kept] = useKeepDemandMutation();
  const on = new Map(
    found.cooks.map(({ id, createdAt, plan, events }) => [
      id,
      cookState(plan.plan, createdAt, events).progress.actions,
    ]),
  );
  const report = serviceReport(serviceState(found.events), dishes, on);
  const { sent, pieces, onTime, timed, refired, cancelled, use, cost, byDish } = report;
  const nameOf = (place: 'pan' | 'oven', gear: string): string =>
    place === 'pan'
      ? translateName(kitchen.pans.find((pan) => pan.id === gear)?.name ?? gear)
      : t('oven');

  const saveCsv = async (): Promise<void> => {
    const { writeServiceCsv } = await import('@crustan/core/formats/csv');
    saveFile('crustan-service.csv', 'text/csv', writeServiceCsv(report));
  };
  const saveJson = (): void => {
    const used = dishes.filter(({ id }) => found.service.dishes.includes(id));
    const file = { format: 'crustan-service/1', ...found, dishes: used };
    saveFile('crustan-service.json', 'application/json', JSON.stringify(file, null, 2));
  };
  return (
    <View className="gap-3">
      <Text>
        {sent.length === 0
          ? t('no-table-has-been-sent')
          : `${t('tables-and-pieces', { tables: sent.length, pieces })}${timed === 0 ? '' : t('of-within-a-minute-and-a-half', { onTime, timed })}${refired === 0 ? '' : t('cooked-again', { refired })}${cancelled === 0 ? '' : t('cancelled', { cancelled })}${cost === undefined ? '' : t('pieces-for', { cost: formatFixed(cost, 2) })}.`}
      </Text>
      <View role="list" aria-label={t('tables-sent')}>
        {sent.map(({ id, table, dueAt, sentAt, late, why, waited }) => (
          <View key={id} role="listitem" className="border-t border-salt-300 py-1">
            <View className="flex-row justify-between gap-3">
              <Text voice="label">{t('table', { table })}</Text>
              <Text voice="label">{late === undefined ? '' : describeLate(late)}</Text>
            </View>
            <Text voice="small">
              {t('sent', {
                clock: show.clock(sentAt),
                part: dueAt === undefined ? '' : t('due', { clock: show.clock(dueAt) }),
                part2:
                  waited === 0
                    ? ''
                    : t('the-first-piece-waited', { duration: formatDuration(waited) }),
                part3: why ? `; ${describeWhyLate(why)}` : '',
              })}
            </Text>
          </View>
        ))}
      </View>
      {use.length === 0 ? null : (
        <Text voice="small">
          {t('in-use-of-the-time', {
            map: formatList(
              use.map(
                ({ place, id, share }) => `${nameOf(place, id)} ${Math.round(100 * share)} %`,
              ),
            ),
          })}
        </Text>
      )}
      <Text voice="small">{t('what-the-pieces-taught-of-this-kitchen')}</Text>
      <View className="no-print flex-row flex-wrap gap-2">
        <Button kind="plain" label={t('tables-as-csv')} onPress={() => void saveCsv()} />
        <Button kind="plain" label={t('the-service-as-a-file')} onPress={saveJson} />
        <Button kind="plain" label={t('print')} onPress={() => window.print()} />
        <Button
          kind="plain"
          label={kept.isSuccess ? t('counted') : t('add-to-prep-counts')}
          disabled={byDish.length === 0 || kept.isLoading}
          onPress={() =>
            void keep(
              byDish.map(({ dish, count }) => ({
                date: dayOf(found.service.opensAt),
                dish,
                count,
                source: found.service.id,
              })),
            )
          }
        />
      </View>
      {noDishes ? (
        <Text role="alert">{t('dishes-not-read', { failure: describeFailure(noDishes) })}</Text>
      ) : null}
      {kept.error ? (
        <Text role="alert">{t('not-counted', { failure: describeFailure(kept.error) })}</Text>
      ) : null}
    </View>
  );
};
