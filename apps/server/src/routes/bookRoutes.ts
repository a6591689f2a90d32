import { createReadStream, mkdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { Router, type Response } from 'express';
import { writeReadingsCsv } from '@crustan/core/formats/bookReadingsCsv';
import { writeCooksCsv } from '@crustan/core/formats/cooksCsv';
import { idParam, linesQuery } from '../apiRequests';
import { createYielder } from '../createYielder';
import { removeFile } from '../db/bookFiles';
import { allLines } from '../db/cookList';
import { cookStore } from '../db/cookStore';
import type { Book } from '../db/book';
import { checkPages } from '../db/checkPages';
import { bookImports } from '../imports/bookImports';
import { restoreBook } from '../imports/restoreBook';
import { everyCook, writeBook } from '../imports/writeBook';
import { writeOn } from '../imports/writeOn';
import { LongWork } from '../longWork';
import { bodyOf } from '../ownRequests';
import { parsed, problem } from '../problems';
import { wordsFor } from '../words/wordsFor';

const BACKUP_TYPE = 'application/vnd.sqlite3';
/** A client that reads nothing for this time is disconnected, ms. */
const READS_WITHIN = 60_000;
/** Pages of a backup copied between two breaths. */
const PAGES = 400;

const download = (res: Response, name: string, type: string): void => {
  res.set({ 'Content-Type': type, 'Content-Disposition': `attachment; filename="${name}"` });
};

const dayOf = (now: number): string => new Date(now).toISOString().slice(0, 10);

/** The whole logbook: as files out and in, as a backup out and in, and as lines to compare. */
export const bookRoutes = (book: Book, migrations: string, now: () => number): Router => {
  const routes = Router();
  const work = new LongWork();
  const imports = bookImports(book, work, now);
  const cooks = cookStore(book);

  routes.get('/lines', (req, res) => {
    res.json({ cooks: allLines(book, parsed(linesQuery, req.query)) });
  });
  /** Rows that cannot be read: left out of lists and files, and kept for repair. */
  routes.get('/unreadable', (_req, res) => {
    res.json({ count: book.damage.count, rows: book.damage.listed });
  });
  routes.get('/book.json', async (_req, res) => {
    const ended = work.begin('writing', 'reads');
    try {
      download(res, `crustan-book-${dayOf(now())}.json`, 'application/json');
      await writeBook(book, res);
    } finally {
      ended();
    }
  });
  /** A table of every cook, some cooks at a time. */
  const table = (name: string, rows: (id: string, first: boolean) => string): void => {
    routes.get(`/${name}.csv`, async (_req, res) => {
      const ended = work.begin('writing', 'reads');
      try {
        download(res, `crustan-${name}-${dayOf(now())}.csv`, 'text/csv; charset=utf-8');
        const breathe = createYielder();
        let first = true;
        for (const id of everyCook(book)) {
          const text = rows(id, first);
          if (text !== '' && !(await writeOn(res, `${first ? '\uFEFF' : '\n'}${text}`))) return;
          if (text !== '') first = false;
          await breathe();
        }
        res.end(first ? '' : '\n');
      } finally {
        ended();
      }
    });
  };
  table('cooks', (id, first) => {
    const cook = cooks.get(id);
    return cook ? writeCooksCsv([cook], first) : '';
  });
  table('readings', (id, first) => {
    const cook = cooks.get(id);
    const readings = cook?.events.some(({ kind }) => kind === 'reading');
    return cook && readings ? writeReadingsCsv([cook], first) : '';
  });

  routes.post('/imports', bodyOf('application/json'), async (req, res) => {
    const size = Number(req.headers['content-length']);
    const bytes = Number.isFinite(size) ? size : undefined;
    res.status(202).json(await imports.begin(req, bytes, wordsFor(req)));
  });
  const known = <T>(state: T | undefined): T => {
    if (state === undefined) throw problem(404, (t) => [t('no-such-import'), t('import-is-over')]);
    return state;
  };
  routes.get('/imports/:id', (req, res) => {
    res.json(known(imports.get(parsed(idParam, req.params).id)));
  });
  routes.post('/imports/:id/store', async (req, res) => {
    const state = known(await imports.store(parsed(idParam, req.params).id));
    if (state.phase !== 'done') {
      const { phase } = state;
      throw problem(409, (t) => [t('not-ready'), t('import-not-read-whole', { phase })]);
    }
    res.json(state);
  });
  routes.delete('/imports/:id', async (req, res) => {
    res.json(known(await imports.stop(parsed(idParam, req.params).id)));
  });

  routes.get('/backup', async (_req, res) => {
    const ended = work.begin('backup', 'reads');
    const folder = path.join(book.folder, 'imports');
    const copy = path.join(folder, `backup-${now()}-${process.hrtime.bigint()}.sqlite`);
    try {
      mkdirSync(folder, { recursive: true });
      await book.sqlite.backup(copy, { progress: () => PAGES });
      const damage = await checkPages(copy);
      if (damage !== undefined) {
        throw problem(500, (t) => [t('damaged'), t('take-the-last-sound-backup', { damage })]);
      }
      download(res, `crustan-backup-${dayOf(now())}.sqlite`, BACKUP_TYPE);
      res.set('Content-Length', String(statSync(copy).size));
    } catch (error) {
      removeFile(copy);
      throw error;
    } finally {
      // The copy is a separate file: sending the file delays no change of the logbook.
      ended();
    }
    const stream = createReadStream(copy);
    stream.once('error', () => res.destroy());
    // A client that reads nothing for this time is disconnected, and its copy deleted.
    res.setTimeout(READS_WITHIN, () => res.destroy());
    res.once('close', () => {
      stream.destroy();
      removeFile(copy);
    });
    stream.pipe(res);
  });
  routes.put(
    '/backup',
    bodyOf(BACKUP_TYPE, 'application/x-sqlite3', 'application/octet-stream'),
    async (req, res) => {
      const ended = work.begin('restore', 'changes');
      try {
        await imports.dropWaiting();
        const restored = await restoreBook(book, req, migrations, now());
        if (!restored.ok) throw problem(400, (t) => [t('not-restored'), restored.why(t)]);
        const { ok: _ok, ...said } = restored;
        res.json(said);
      } finally {
        ended();
      }
    },
  );
  return routes;
};
