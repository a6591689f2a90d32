import { createReadStream, mkdirSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { setImmediate as breath } from 'node:timers/promises';
import { Router, type Response } from 'express';
import { cookSearchSchema } from '@crustan/core/formats';
import { writeReadingsCsv } from '@crustan/core/formats/bookReadingsCsv';
import { writeCooksCsv } from '@crustan/core/formats/cooksCsv';
import { z } from 'zod';
import { allLines } from '../db/cookList';
import { cookStore } from '../db/cookStore';
import type { Book } from '../db/openBook';
import { bookImports } from '../imports/bookImports';
import { restoreBook } from '../imports/restoreBook';
import { everyCook, writeBook, writeOn } from '../imports/writeBook';
import { parsed, problem } from '../problems';
import { idParam } from './planRoutes';

const searchQuery = cookSearchSchema.extend({
  from: z.coerce.number().int().positive().optional(),
  to: z.coerce.number().int().positive().optional(),
});

/** Pages of a backup copied between two breaths. */
const PAGES = 400;

const download = (res: Response, name: string, type: string): void => {
  res.set({ 'Content-Type': type, 'Content-Disposition': `attachment; filename="${name}"` });
};

const dayOf = (now: number): string => new Date(now).toISOString().slice(0, 10);

/** The whole book: as files out and in, as a backup out and in, and as lines to compare. */
export const bookRoutes = (book: Book, migrations: string, now: () => number): Router => {
  const routes = Router();
  const imports = bookImports(book, now);
  const cooks = cookStore(book);

  routes.get('/lines', (req, res) => {
    res.json({ cooks: allLines(book, parsed(searchQuery, req.query)) });
  });
  routes.get('/book.json', async (_req, res) => {
    download(res, `crustan-book-${dayOf(now())}.json`, 'application/json');
    await writeBook(book, res);
  });
  /** A table of every cook, some cooks at a time. */
  const table = (name: string, rows: (id: string, first: boolean) => string): void => {
    routes.get(`/${name}.csv`, async (_req, res) => {
      download(res, `crustan-${name}-${dayOf(now())}.csv`, 'text/csv; charset=utf-8');
      let first = true;
      for (const id of everyCook(book)) {
        const text = rows(id, first);
        if (text !== '' && !(await writeOn(res, `${first ? '\uFEFF' : '\n'}${text}`))) return;
        if (text !== '') first = false;
        await breath();
      }
      res.end(first ? '' : '\n');
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

  routes.post('/imports', async (req, res) => {
    if (imports.busy())
      throw problem(409, 'Another file is being read', 'Wait for it, or stop it.');
    const size = Number(req.headers['content-length']);
    res.status(202).json(await imports.begin(req, Number.isFinite(size) ? size : undefined));
  });
  const known = <T>(state: T | undefined): T => {
    if (state === undefined) throw problem(404, 'No such import', 'It is over, or never was.');
    return state;
  };
  routes.get('/imports/:id', (req, res) => {
    res.json(known(imports.get(parsed(idParam, req.params).id)));
  });
  routes.post('/imports/:id/store', (req, res) => {
    const state = known(imports.store(parsed(idParam, req.params).id));
    if (state.phase !== 'done') {
      throw problem(
        409,
        'Not ready',
        `It is ${state.phase}; only a file that was read whole goes in.`,
      );
    }
    res.json(state);
  });
  routes.delete('/imports/:id', async (req, res) => {
    res.json(known(await imports.stop(parsed(idParam, req.params).id)));
  });

  routes.get('/backup', async (_req, res) => {
    const folder = path.join(book.folder, 'imports');
    mkdirSync(folder, { recursive: true });
    const copy = path.join(folder, `backup-${now()}-${process.hrtime.bigint()}.sqlite`);
    try {
      await book.sqlite.backup(copy, { progress: () => PAGES });
    } catch (error) {
      rmSync(copy, { force: true });
      throw error;
    }
    download(res, `crustan-backup-${dayOf(now())}.sqlite`, 'application/vnd.sqlite3');
    res.set('Content-Length', String(statSync(copy).size));
    const stream = createReadStream(copy);
    stream.pipe(res);
    res.once('close', () => {
      stream.destroy();
      rmSync(copy, { force: true });
    });
  });
  routes.put('/backup', async (req, res) => {
    if (imports.busy()) throw problem(409, 'A file is being read', 'Wait for it, or stop it.');
    await imports.stopAll();
    const restored = await restoreBook(book, req, migrations, now());
    if (!restored.ok) throw problem(400, 'Not restored', restored.why);
    res.json({ cooks: restored.cooks, before: restored.before });
  });
  return routes;
};
