import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { readBookFile } from './readBookFile';

describe('a logbook file with a string that is too long', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-read-'));
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  it.each([
    ['in an entry', '{"format":"crustan-book/1","plans":[{"title":"', '"}]}'],
    ['in a part that no logbook has', '{"format":"crustan-book/1","notes":"', '"}'],
    ['as a key', '{"format":"crustan-book/1","', '":1}'],
  ])('%s is refused while it is read, long before its end', async (_where, head, tail) => {
    const file = path.join(folder, 'long.json');
    writeFileSync(file, head + 'x'.repeat(64_000_000) + tail);
    let read = 0;
    const end = await readBookFile(file, {
      met: () => undefined,
      progress: (bytes) => {
        read = bytes;
      },
      stopped: () => false,
    });
    expect(end.kind).toBe('refused');
    expect(read).toBeLessThan(20_000_000);
  });
});
