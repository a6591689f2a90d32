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
      <Text>
        {`A table of ${rows.length} ${rows.length === 1 ? 'cook' : 'cooks'}. Each row is planned as given, and saved with its time over heat and its judgement.`}
      </Text>
      <View role="list">
        {rows.slice(0, SHOWN).map(({ row, title, at, request, cookedSeconds }) => (
          <Text key={row} role="listitem" voice="small">
            {`Row ${row}: ${title}, ${show.day(at)}, ${show.thickness(request.thickness)} to ${show.degrees(request.target)}${cookedSeconds === undefined ? '' : `, ${Math.round(cookedSeconds / 60)} min`}`}
          </Text>
        ))}
        {rows.length > SHOWN ? (
          <Text voice="small">{`And ${rows.length - SHOWN} more.`}</Text>
        ) : null}
      </View>
      {ignored.length === 0 ? null : (
        <Text voice="small">{`Columns that are not used: ${ignored.join(', ')}.`}</Text>
      )}
      <Refused all={left.map(({ row, why }) => `Row ${row}: ${why}`)} count={left.length} />
      {made ? (
        <BookImport file={made.file} onOver={onOver} />
      ) : done === undefined ? (
        <View className="items-start">
          <Button
            label={`Plan ${rows.length === 1 ? 'it' : `these ${rows.length}`}`}
            disabled={rows.length === 0}
            onPress={() => void plan()}
          />
        </View>
      ) : (
        <GoingOn
          label={`Planned ${done} of ${rows.length}`}
          share={done / rows.length}
          onStop={() => {
            stop.current = true;
          }}
        />
      )}
    </View>
  );
};
