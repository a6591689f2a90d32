import type { Response } from 'express';
import { asc } from 'drizzle-orm';
import { BOOK_FORMAT, type BookCook, type BookService } from '@crustan/core/formats';
import { inBook } from '../db/cookList';
import { cookStore } from '../db/cookStore';
import { demandStore } from '../db/demandStore';
import { dishStore } from '../db/dishStore';
import { kitchenStore } from '../db/kitchenStore';
import type { Book } from '../db/book';
import { photoStore, pictureType } from '../db/photoStore';
import { planStore } from '../db/planStore';
import { practiceStore } from '../db/practiceStore';
import { createYielder } from '../createYielder';
import { cooks } from '../db/schema';
import { serviceStore } from '../db/serviceStore';
import { trialStore } from '../db/trialStore';
import { writeOn } from './writeOn';

/** Ids of every cook, oldest first. */
export const everyCook = (book: Book): readonly string[] =>
  book.db
    .select({ id: cooks.id })
    .from(cooks)
    .where(inBook)
    .orderBy(asc(cooks.createdAt), asc(cooks.id))
    .all()
    .map(({ id }) => id);

/** A cook as the logbook file has it. */
export const bookCook = (book: Book, id: string): BookCook | undefined => {
  const cook = cookStore(book).get(id);
  if (!cook) return undefined;
  const { photo: _flag, ...rest } = cook;
  const photo = photoStore(book).get(id);
  const type = photo && pictureType(photo.bytes);
  if (!photo || type === undefined) return rest;
  return { ...rest, photo: { type, data: photo.bytes.toString('base64') } };
};

/**
 * Writes the whole logbook as one JSON file, one entry per line, never the whole file in memory, and answers requests
 * in between. Unreadable rows are left out; the logbook names them.
 */
export const writeBook = async (book: Book, res: Response): Promise<void> => {
  const breathe = createYielder();
  const list = async (name: string, entries: Iterable<unknown>): Promise<void> => {
    await writeOn(res, `,\n"${name}": [`);
    let first = true;
    for (const entry of entries) {
      if (!(await writeOn(res, `${first ? '' : ','}\n${JSON.stringify(entry)}`))) return;
      first = false;
      await breathe();
    }
    await writeOn(res, '\n]');
  };
  /** Older readers of the format do not have these parts: a logbook without entries for them omits them. */
  const listIfAny = async (name: string, entries: readonly unknown[]): Promise<void> => {
    if (entries.length > 0) await list(name, entries);
  };
  function* cookEntries(): Generator<BookCook> {
    for (const id of everyCook(book)) {
      const cook = bookCook(book, id);
      if (cook) yield cook;
    }
  }
  const kept = kitchenStore(book).get();
  await writeOn(res, `{"format": "${BOOK_FORMAT}"`);
  if (kept) {
    const { kitchen, changedAt } = kept;
    await writeOn(res, `,\n"kitchen": ${JSON.stringify({ kitchen, changedAt })}`);
  }
  await list('plans', planStore(book).all());
  await list('trials', trialStore(book).list().toReversed());
  await listIfAny('dishes', dishStore(book).list());
  const services = serviceStore(book);
  const every = services.all();
  /** Entries of one service at a time: a season of services is long. */
  function* serviceEntries(): Generator<BookService> {
    for (const service of every) {
      yield { service, events: [...services.events(service.id)] };
    }
  }
  if (every.length > 0) await list('services', serviceEntries());
  await listIfAny('demand', demandStore(book).all());
  await listIfAny('practice', practiceStore(book).all());
  await list('cooks', cookEntries());
  await writeOn(res, '\n}\n');
  res.end();
};
