import { useEffect, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { describeFailure } from '../../store/bookApi';
import { useDemandQuery, useKeepDemandMutation } from '../../store/passApi';
import { useDishes } from '../../store/useDishes';
import { kitchenNow } from '../../store/clock';
import { nextDays, plateMoment } from '../../store/plateTime';
import { Button } from '../../ui/Button';
import { Terms } from '../../ui/Meanings';
import { FileButton } from '../../ui/FileButton';
import { saveFile } from '../../ui/saveFile';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import type { DishPar } from '../../workers/pass.worker';
import { passWorker } from '../../workers/passWorker';
import { byName } from './demandNames';
import { ParRow } from './ParRow';
import { dishesLike, parsAsked } from './parsAsked';
import { t } from './t';

/** A moment of a day that no change of clocks leaps over. */
const NOON = '12:00';

/** Prep counts for the next day, to salt, thaw or temper: computed from past orders. */
export const Tomorrow = () => {
  const { data: days, error } = useDemandQuery();
  const { dishes } = useDishes();
  const [keep, kept] = useKeepDemandMutation();
  const [pars, setPars] = useState<readonly DishPar[]>();
  const [stock, setStock] = useState<Readonly<Record<string, number>>>({});
  const [read, setRead] = useState<readonly string[]>([]);
  const show = useShow();
  // The kitchen's own calendar: tomorrow is another day in each zone, and 23 or 25 hours long at a change of clocks.
  const [, date = ''] = nextDays(kitchenNow(), 2);

  useEffect(() => {
    if (days === undefined || days.length === 0) return undefined;
    let stale = false;
    const named = byName(days, dishes);
    const names = [...named.map(({ dish }) => dish), ...dishes.map(({ name }) => name)];
    const asked = parsAsked([...new Set(names)], dishes, stock);
    passWorker('counts')
      .pars(named, date, asked, dishesLike(dishes))
      .then((found) => {
        if (!stale) setPars(found);
      })
      .catch(() => undefined);
    return () => {
      stale = true;
    };
  }, [days, dishes, date, stock]);

  const take = async (file: File): Promise<void> => {
    const { readDemandCsv } = await import('@crustan/core/formats/csv');
    const found = readDemandCsv(await file.text());
    if (!found.ok) {
      setRead([found.why]);
      return;
    }
    const { days: rows, refused } = found.read;
    await keep(rows);
    setRead([
      t('days-of-dishes-read', { rowsCount: rows.length }),
      ...refused.slice(0, 5).map(({ row, why }) => t('row-left-out', { row, why })),
      ...(refused.length > 5 ? [t('and-more-rows', { value: refused.length - 5 })] : []),
    ]);
  };
  const save = async (): Promise<void> => {
    const { writeDemandCsv } = await import('@crustan/core/formats/csv');
    saveFile('crustan-demand.csv', 'text/csv', writeDemandCsv(byName(days ?? [], dishes)));
  };
  return (
    <ScrollView
      className="min-h-0 flex-1"
      contentContainerClassName="max-w-[760px] gap-4 pb-8 pt-4"
    >
      <Text voice="strong" heading={1}>
        {t('how-many-for', {
          longDay: show.longDay(plateMoment({ hour: NOON, day: date }, kitchenNow())),
        })}
      </Text>
      {pars && pars.length > 0 ? <Terms of={['prep']} /> : null}
      {error ? <Text role="alert">{describeFailure(error)}</Text> : null}
      {days?.length === 0 ? <Text>{t('no-past-days-import-a-table-with')}</Text> : null}
      {pars?.map((par) => (
        <ParRow
          key={par.dish}
          found={par}
          priced={dishes.some(
            ({ name, cost, price }) =>
              name === par.dish && cost !== undefined && price !== undefined,
          )}
          stock={stock[par.dish] ?? 0}
          onStock={(count) => setStock((before) => ({ ...before, [par.dish]: count }))}
        />
      ))}
      <View className="no-print gap-2">
        <Text voice="head" heading={2}>
          {t('past-days')}
        </Text>
        <FileButton
          label={t('read-a-table-of-past-days')}
          accept=".csv,text/csv"
          onFile={(file) => void take(file)}
        />
        {read.map((line) => (
          <Text key={line} voice="small" role="status">
            {line}
          </Text>
        ))}
        {kept.error ? (
          <Text role="alert">{t('not-saved', { failure: describeFailure(kept.error) })}</Text>
        ) : null}
        {days && days.length > 0 ? (
          <View className="flex-row flex-wrap gap-2">
            <Button kind="plain" label={t('save-them-as-csv')} onPress={() => void save()} />
            <Button kind="plain" label={t('print-the-prep-list')} onPress={() => window.print()} />
          </View>
        ) : null}
      </View>
    </ScrollView>
  );
};
