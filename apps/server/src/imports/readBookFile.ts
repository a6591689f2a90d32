import { createReadStream } from 'node:fs';
import { JSONParser } from '@streamparser/json';
import { createYielder } from '../createYielder';
import { KEPT_PARTS } from './keptParts';

/** Limits beyond which a file is rejected: size of one entry, bytes, and depth of nesting. */
const MOST_ENTRY_BYTES = 16_000_000;
const DEEPEST = 40;
/** Bytes read between two pauses: a few ms of parsing. */
const CHUNK = 16 * 1024;

/** Parts that are one entry, and parts that are lists. */
const SINGLE = ['format', 'kitchen'] as const;
const LISTS = [...KEPT_PARTS, 'cooks'] as const;
const PARTS = [...SINGLE, ...LISTS] as const;

/** Entry found while a logbook file is read. */
export interface BookEntry {
  readonly part: (typeof PARTS)[number];
  /** Its index in the list, from 0; undefined outside a list. */
  readonly index: number | undefined;
  readonly value: unknown;
}

export type ReadEnd =
  | { readonly kind: 'whole' }
  /** It stops in the middle; what was met before is whole. */
  | { readonly kind: 'truncated' }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'refused'; readonly why: string };

interface Options {
  /** @returns the reason why the whole file is rejected, if this entry shows that it is not a logbook */
  readonly met: (entry: BookEntry) => string | undefined;
  readonly progress: (bytes: number) => void;
  readonly stopped: () => boolean;
}

const partOf = (key: unknown): BookEntry['part'] | undefined => PARTS.find((part) => part === key);

/** Counts how deep brackets are nested, without building anything. */
class Depth {
  private inString = false;
  private escaped = false;
  private depth = 0;
  deepest = 0;

  follow(bytes: Uint8Array): void {
    for (const byte of bytes) {
      if (this.inString) {
        if (this.escaped) this.escaped = false;
        else if (byte === 0x5c) this.escaped = true;
        else if (byte === 0x22) this.inString = false;
      } else if (byte === 0x22) this.inString = true;
      else if (byte === 0x7b || byte === 0x5b) {
        this.depth += 1;
        if (this.depth > this.deepest) this.deepest = this.depth;
      } else if (byte === 0x7d || byte === 0x5d) this.depth -= 1;
    }
  }
}

/**
 * Reads a logbook file entry by entry, never the whole file at once, with a pause between chunks in which the server
 * answers.
 */
export const readBookFile = async (
  file: string,
  { met, progress, stopped }: Options,
): Promise<ReadEnd> => {
  const parser = new JSONParser({
    paths: [...SINGLE.map((part) => `$.${part}`), ...LISTS.map((part) => `$.${part}.*`)],
    keepStack: false,
  });
  let whole = false;
  let refusal: string | undefined;
  let sinceEntry = 0;
  parser.onValue = ({ value, key, stack }) => {
    sinceEntry = 0;
    const listed = partOf(stack.at(-1)?.key);
    if (listed !== undefined && typeof key === 'number') {
      refusal ??= met({ part: listed, index: key, value });
      return;
    }
    const single = partOf(key);
    if (single !== undefined) refusal ??= met({ part: single, index: undefined, value });
  };
  parser.onError = (error) => {
    refusal ??= `It is not JSON: ${error.message.slice(0, 200)}`;
  };
  parser.onEnd = () => {
    whole = true;
  };
  const utf8 = new TextDecoder('utf-8', { fatal: true });
  const depth = new Depth();
  let read = 0;
  const breathe = createYielder();
  for await (const chunk of createReadStream(file, { highWaterMark: CHUNK })) {
    if (stopped()) return { kind: 'stopped' };
    const bytes: Uint8Array = chunk;
    const first = read === 0;
    read += bytes.length;
    if (first && ((bytes[0] === 0xff && bytes[1] === 0xfe) || bytes[0] === 0)) {
      return { kind: 'refused', why: 'It is written in UTF-16; a logbook file is UTF-8.' };
    }
    try {
      utf8.decode(bytes, { stream: true });
    } catch {
      return {
        kind: 'refused',
        why: `It is not UTF-8 text: the ${Math.ceil(read / 1000)} kB read so far hold other bytes.`,
      };
    }
    const text = first && bytes[0] === 0xef && bytes[1] === 0xbb ? bytes.subarray(3) : bytes;
    depth.follow(text);
    sinceEntry += text.length;
    if (depth.deepest > DEEPEST) {
      return { kind: 'refused', why: `It is nested more than ${DEEPEST} deep; no logbook is.` };
    }
    if (sinceEntry > MOST_ENTRY_BYTES) {
      return { kind: 'refused', why: 'One entry is over 16 MB, more than any cook has.' };
    }
    try {
      parser.write(text);
    } catch (error) {
      refusal ??= `It is not JSON: ${error instanceof Error ? error.message.slice(0, 200) : ''}`;
    }
    if (refusal !== undefined) return { kind: 'refused', why: refusal };
    progress(read);
    await breathe();
  }
  if (read === 0) return { kind: 'refused', why: 'It is empty.' };
  return whole ? { kind: 'whole' } : { kind: 'truncated' };
};
