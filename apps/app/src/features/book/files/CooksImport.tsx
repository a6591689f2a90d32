import { formatList } from '@crustan/messages';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import type { CooksTable } from '@crustan/core/formats/cooksCsv';
import { useAppSelector } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import { BookImport } from './BookImport';
import { cooksAsBook, type TableBook } from './cooksAsBook';
import { GoingOn } from './GoingOn';
import { Refused } from './Refused';
import { t } from '../t';

interface Props {
  readonly table: Extract<CooksTable, { ok: true }>;
  readonly onOver: () => void;
}

/** Rows shown before anything is done. */
const SHOWN = 5;

/** A table of cooks: what each row was taken for, then planned, then put in like a logbook. */
export const CooksImport = ({ table, onOver }: Props) => {
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const [done, setDone] = useState<number>();
  const [made, setMade] = useState<TableBook & { readonly file: Blob }>();
  const stop = useRef(false);
  const { rows, refused, ignored } = table;
  const plan = async (): Promise<void> => {
    stop.current = false;
    setDone(0);
    const found = await cooksAsBook(rows, {
      kitchen,
      show,
      progress: setDone,
      stopped: () => stop.current,
    });
    setDone(undefined);
    if (!found) return;
    const file = new Blob([JSON.stringify(found.book)], { type: 'application/json' });
    setMade({ ...found, file });
  };
  const left = [...refused, ...(made?.refused ?? [])];
  return (
    <View className="gap-3">
      <Text>{t('a-table-of-each-row-is-planned', { rowsCount: rows.length })}</Text>
      <View role="list">
        {rows.slice(0, SHOWN).map(({ row, title, at, request, cookedSeconds }) => (
          <Text key={row} role="listitem" voice="small">
            {t('row-to', {
              row,
              title,
              day: show.day(at),
              thickness: show.thickness(request.thickness),
              degrees: show.degrees(request.target),
              part:
                cookedSeconds === undefined
                  ? ''
                  : t('min-2', { value: Math.round(cookedSeconds / 60) }),
            })}
          </Text>
        ))}
        {rows.length > SHOWN ? (
          <Text voice="small">{t('and-more', { value: rows.length - SHOWN })}</Text>
        ) : null}
      </View>
      {ignored.length === 0 ? null : (
        <Text voice="small">
          {t('columns-that-are-not-used', { ignored: formatList(ignored) })}
        </Text>
      )}
      <Refused all={left.map(({ row, why }) => t('row', { row, why }))} count={left.length} />
      {made ? (
        <BookImport file={made.file} onOver={onOver} />
      ) : done === undefined ? (
        <View className="items-start">
          <Button
            label={t('plan-2', {
              part: rows.length === 1 ? t('it') : t('these', { rowsCount: rows.length }),
            })}
            disabled={rows.length === 0}
            onPress={() => void plan()}
          />
        </View>
      ) : (
        <GoingOn
          label={t('planned-of', { done, rowsCount: rows.length })}
          share={done / rows.length}
          onStop={() => {
            stop.current = true;
          }}
        />
      )}
    </View>
  );
};
