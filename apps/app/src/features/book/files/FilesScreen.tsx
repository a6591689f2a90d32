import { useState } from 'react';
import { View } from 'react-native';
import { FileButton } from '../../../ui/FileButton';
import { Text } from '../../../ui/Text';
import { BookFrame } from '../BookFrame';
import { BookImport } from './BookImport';
import { CooksImport } from './CooksImport';
import { LogImport } from './LogImport';
import { PlanImport } from './PlanImport';
import { ReadingsImport } from './ReadingsImport';
import { UnreadableRows } from './UnreadableRows';
import { readFile, type FileRead } from './readFile';
import { Restore } from './Restore';
import { API } from '../../../store/apiAddress';
import { INK } from '../../../ui/ink';
import { t } from '../t';

const OUT = [
  {
    href: `${API}/book/book.json`,
    name: t('the-whole-logbook'),
    says: t('one-json-file-kitchen-plans-trials-cooks'),
  },
  { href: `${API}/book/cooks.csv`, name: t('cooks-as-a-table'), says: t('csv-a-row-each') },
  { href: `${API}/book/readings.csv`, name: t('readings-as-a-table'), says: t('csv-a-row-each') },
  {
    href: `${API}/book/backup`,
    name: t('a-backup'),
    says: t('the-logbooks-own-sqlite-file-copied-while'),
  },
] as const;

interface Opened {
  readonly name: string;
  /** Undefined while it is being looked at. */
  readonly read: FileRead | undefined;
}

const Preview = ({ read, onOver }: { readonly read: FileRead; readonly onOver: () => void }) => {
  switch (read.kind) {
    case 'book':
      return <BookImport file={read.file} onOver={onOver} />;
    case 'backup':
      return <Restore file={read.file} />;
    case 'plan':
      return <PlanImport title={read.title} request={read.request} plate={read.plate} />;
    case 'cooks':
      return <CooksImport table={read.table} onOver={onOver} />;
    case 'readings':
      return <ReadingsImport found={read.found} onOver={onOver} />;
    case 'log':
      return <LogImport log={read.log} onOver={onOver} />;
    case 'unknown':
      return <Text role="alert">{read.why}</Text>;
  }
};

/** Files out of the logbook and into it. */
export const FilesScreen = () => {
  const [opened, setOpened] = useState<Opened>();
  const [over, setOver] = useState(false);
  const open = (file: File | undefined): void => {
    if (!file) return;
    const { name } = file;
    setOpened({ name, read: undefined });
    readFile(file).then(
      (read) => setOpened({ name, read }),
      (error: unknown) => {
        const why = error instanceof Error ? error.message : String(error);
        setOpened({ name, read: { kind: 'unknown', why: t('it-could-not-be-read', { why }) } });
      },
    );
  };
  return (
    <BookFrame title={t('import-amp-export')}>
      <UnreadableRows />
      <View className="gap-3">
        <Text voice="head" heading={2}>
          {t('import')}
        </Text>
        <div
          data-testid="drop"
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={(event) => {
            event.preventDefault();
            setOver(false);
            open(event.dataTransfer.files[0]);
          }}
          style={{
            border: `2px dashed ${over ? INK.flameLight : INK.salt300}`,
            borderRadius: 4,
            padding: 16,
          }}
        >
          <View className="items-start gap-3">
            <Text>{t('drop-a-file-here-a-logbook-a')}</Text>
            <FileButton
              label={t('choose-a-file')}
              named={t('a-file-for-the-logbook')}
              onFile={open}
            />
          </View>
        </div>
        {opened === undefined ? null : (
          <View
            key={`${opened.name}${opened.read === undefined}`}
            className="gap-3 border-l-4 border-flame-light pl-3"
          >
            <Text voice="label">{opened.name}</Text>
            {opened.read === undefined ? (
              <Text tone="text-iron-500">{t('looking-at-it')}</Text>
            ) : (
              <Preview read={opened.read} onOver={() => setOpened(undefined)} />
            )}
          </View>
        )}
      </View>
      <View className="gap-2 border-t border-salt-300 pt-3">
        <Text voice="head" heading={2}>
          {t('export')}
        </Text>
        {OUT.map(({ href, name, says }) => (
          <View key={href} className="border-t border-salt-200 py-1">
            <a href={href} download style={{ textDecoration: 'none' }}>
              <View className="min-h-touch justify-center">
                <Text tone="text-flame-light" className="underline">
                  {name}
                </Text>
              </View>
            </a>
            <Text voice="small" tone="text-iron-500">
              {says}
            </Text>
          </View>
        ))}
        <Text voice="small" tone="text-iron-500">
          {t('a-plan-goes-out-from-plan-as')}
        </Text>
      </View>
    </BookFrame>
  );
};
