import { createHash, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto';
import {
  closeSync,
  existsSync,
  fsyncSync,
  openSync,
  readFileSync,
  renameSync,
  statSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';
import { phoneSchema, type Phone, type PhoneRole } from '@crustan/core/formats/phonesSchema';
import { z } from 'zod';
import { plausible } from '../plausible';
import { BookError } from '../db/bookError';
import { t } from '../words/processWords';

/** Beside the logbook, not in it: a restored logbook neither brings phones along nor takes them away. */
const FILE = 'phones.json';
const keptSchema = z.strictObject({
  phones: z.array(phoneSchema.extend({ tokenHash: z.string().regex(/^[0-9a-f]{64}$/) })),
});
type Kept = z.infer<typeof keptSchema>['phones'][number];

/** Number of random bytes of a token. */
const TOKEN_BYTES = 32;
/** Interval at which the time a phone was last seen is stored, ms. */
const SEEN_EVERY = 60_000;
/** Most phones that are paired at once. */
export const MOST_PHONES = 50;

const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();

/** Paired phones of one data folder. Only the phone itself has its token; the server stores its hash. */
export interface PhoneList {
  readonly all: () => readonly Phone[];
  /** @returns the phone with its token, which is shown only once; undefined: there are too many */
  readonly pair: (
    name: string,
    role: PhoneRole,
    now: number,
  ) => { readonly phone: Phone; readonly token: string } | undefined;
  /** The phone whose token this is, seen now. */
  readonly seen: (token: string, now: number) => Phone | undefined;
  readonly change: (id: string, change: Partial<Pick<Phone, 'name' | 'role'>>) => Phone | undefined;
  /** @returns whether there was such a phone */
  readonly revoke: (id: string) => boolean;
}

const asPhone = ({ tokenHash: _kept, ...phone }: Kept): Phone => phone;

const readKept = (file: string): readonly Kept[] => {
  try {
    return keptSchema.parse(JSON.parse(readFileSync(file, 'utf8'))).phones;
  } catch {
    throw new BookError(t('the-list-of-phones-cannot-be-read', { file }));
  }
};

/** Writes a file completely or not at all, readable by its owner only. */
const writeWhole = (file: string, text: string): void => {
  const next = `${file}.next`;
  const handle = openSync(next, 'w', 0o600);
  try {
    writeSync(handle, text);
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
  renameSync(next, file);
};

/**
 * The phones of a data folder. The file is read again whenever it changed: the command line revokes
 * phones of a server that runs.
 * @throws BookError where the file is not what was written: who is let in is not guessed
 */
export const phoneList = (folder: string): PhoneList => {
  const file = path.join(folder, FILE);
  let phones: readonly Kept[] = [];
  let mark = '';
  const markOf = (): string => {
    if (!existsSync(file)) return '';
    const { mtimeMs, size, ino } = statSync(file);
    return `${mtimeMs} ${size} ${ino}`;
  };
  const read = (): readonly Kept[] => {
    const now = markOf();
    if (now !== mark) {
      phones = now === '' ? [] : readKept(file);
      mark = now;
    }
    return phones;
  };
  const write = (next: readonly Kept[]): void => {
    writeWhole(file, `${JSON.stringify({ phones: next }, null, 2)}\n`);
    phones = next;
    mark = markOf();
  };
  read();
  return {
    all: () => read().map(asPhone),
    pair: (name, role, now) => {
      if (read().length >= MOST_PHONES) return undefined;
      const token = randomBytes(TOKEN_BYTES).toString('base64url');
      const at = plausible(now);
      const phone = { id: randomUUID(), name, role, pairedAt: at, seenAt: at };
      write([...read(), { ...phone, tokenHash: hashOf(token).toString('hex') }]);
      return { phone, token };
    },
    seen: (token, now) => {
      const hash = hashOf(token);
      const found = read().find(({ tokenHash }) =>
        timingSafeEqual(Buffer.from(tokenHash, 'hex'), hash),
      );
      if (!found) return undefined;
      const at = plausible(now);
      if (at < found.seenAt + SEEN_EVERY) return asPhone(found);
      const seen = { ...found, seenAt: at };
      const next = read().map((one) => (one === found ? seen : one));
      try {
        write(next);
      } catch {
        // A full disk refuses no phone: the time is known until the server ends, and written with the next change.
        phones = next;
      }
      return asPhone(seen);
    },
    change: (id, change) => {
      const found = read().find((one) => one.id === id);
      if (!found) return undefined;
      const changed = { ...found, ...change };
      write(read().map((one) => (one === found ? changed : one)));
      return asPhone(changed);
    },
    revoke: (id) => {
      const left = read().filter((one) => one.id !== id);
      if (left.length === read().length) return false;
      write(left);
      return true;
    },
  };
};
