import { createReadStream, existsSync } from 'node:fs';
import { phoneList } from './access/phoneList';
import { BookError } from './db/bookError';
import { t } from './words/processWords';
import { openBook } from './db/openBook';
import { restoreBook } from './imports/restoreBook';

interface Options {
  readonly folder: string;
  readonly migrations: string;
  readonly say: (line: string) => void;
}

const minute = (at: number): string => new Date(at).toISOString().slice(0, 16).replace('T', ' ');

const listPhones = ({ folder, say }: Options): number => {
  const all = phoneList(folder).all();
  if (all.length === 0) say('No phone is paired.');
  for (const { id, name, role, seenAt } of all) {
    say(`${id}  ${role.padEnd(7)}  seen ${minute(seenAt)} UTC  ${name}`);
  }
  return 0;
};

const revoke = ({ folder, say }: Options, which: string | undefined): number => {
  const phones = phoneList(folder);
  const found = phones
    .all()
    .filter(({ id, name }) => which === 'all' || id === which || name === which);
  if (found.length === 0) {
    say(t('name-a-phone'));
    return 1;
  }
  for (const { id, name } of found) {
    phones.revoke(id);
    say(t('is-revoked', { name }));
  }
  return 0;
};

const restore = async (
  { folder, migrations, say }: Options,
  file: string | undefined,
): Promise<number> => {
  if (file === undefined || !existsSync(file)) {
    say(t('file-not-found', { file: file ?? '' }));
    return 1;
  }
  try {
    const book = openBook(folder, migrations);
    try {
      const restored = await restoreBook(book, createReadStream(file), migrations, Date.now());
      say(
        restored.ok
          ? t('restored-the-former-is', { before: restored.before })
          : t('not-restored-because', { why: restored.why(t) }),
      );
      return restored.ok ? 0 : 1;
    } finally {
      book.close();
    }
  } catch (error) {
    if (!(error instanceof BookError)) throw error;
    say(error.message);
    return 1;
  }
};

/**
 * Runs a command of the server's command line: `phones`, `revoke NAME|ID|all`, `restore FILE`. A running server
 * notices a revoked phone within seconds; a restore needs it stopped.
 * @returns the exit status; undefined: start serving
 */
export const runCommand = async (
  args: readonly string[],
  options: Options,
): Promise<number | undefined> => {
  const [command, which] = args.filter((arg) => !arg.startsWith('--'));
  switch (command) {
    case undefined:
      return undefined;
    case 'phones':
      return listPhones(options);
    case 'revoke':
      return revoke(options, which);
    case 'restore':
      return restore(options, which);
    default:
      options.say(
        `There is no "${command}": phones, revoke NAME, restore FILE, or nothing, to serve.`,
      );
      return 1;
  }
};
