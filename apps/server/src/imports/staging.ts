import { setImmediate as breath } from 'node:timers/promises';
import type { BookCook } from '@crustan/core/formats';
import type { Book } from '../db/book';
import { BookWriter } from './bookWriter';

/** Cooks deleted at a time when an import is dropped, and events kept back before a write. */
const DROPPED_AT_ONCE = 10;
const FLUSHED_AT = 500;

/** Result for a cook found in a file. */
export type Met =
  | 'staged'
  /** The logbook has it. */
  | 'here'
  /** The logbook has it, deleted: it is put back when the import is stored. */
  | 'deleted';

/** A cook with events that another cook has already: they are left out. */
export interface Collided {
  readonly cook: string;
  readonly events: number;
}

/**
 * Cooks of an import, written beside the logbook's own under the import's name: on disk, but in no
 * list until they are published all at once, and gone when they are dropped.
 */
export class Staging {
  private readonly cooks: { readonly cook: BookCook; readonly at: number }[] = [];
  private readonly met = new Set<string>();
  private readonly back = new Set<string>();
  private events = 0;
  private writer: BookWriter | undefined;

  constructor(
    private readonly book: Book,
    private readonly name: string,
  ) {}

  /** A restore opens another file: statements are of one. */
  private get ready(): BookWriter {
    if (this.writer?.sqlite !== this.book.sqlite) this.writer = new BookWriter(this.book.sqlite);
    return this.writer;
  }

  add(cook: BookCook, at: number): Met {
    if (this.met.has(cook.id)) return 'here';
    if (this.ready.hasCook(cook.id)) {
      const deleted = this.book.sqlite
        .prepare('select 1 from cooks where id = ? and deleted_at is not null')
        .get(cook.id);
      if (deleted === undefined) return 'here';
      this.back.add(cook.id);
      return 'deleted';
    }
    this.met.add(cook.id);
    this.cooks.push({ cook, at });
    this.events += cook.events.length + 1;
    return 'staged';
  }

  /** Whether enough is held back for a write. */
  get full(): boolean {
    return this.events >= FLUSHED_AT;
  }

  /**
   * Writes the cooks held back.
   * @returns cooks with events that are in another cook already
   */
  flush(): readonly Collided[] {
    if (this.cooks.length === 0) return [];
    const { ready, name } = this;
    const collided: Collided[] = [];
    ready.sqlite.transaction(() => {
      for (const { cook, at } of this.cooks) {
        const events = ready.cook(cook, {
          pending: name,
          deletedAt: null,
          judgedAt: at,
          receivedAt: at,
        });
        if (events > 0) collided.push({ cook: cook.id, events });
      }
    })();
    this.cooks.length = 0;
    this.events = 0;
    return collided;
  }

  /** Puts everything in the logbook at once, and deleted cooks back in it. */
  publish(): void {
    const { sqlite } = this.book;
    sqlite.prepare('update cooks set pending = null where pending = ?').run(this.name);
    const putBack = sqlite.prepare('update cooks set deleted_at = null where id = ?');
    for (const id of this.back) putBack.run(id);
  }

  /** Removes everything, some cooks at a time: the server answers requests in between. */
  async drop(): Promise<void> {
    this.cooks.length = 0;
    for (;;) {
      const { changes } = this.book.sqlite
        .prepare(
          `delete from cooks where id in (select id from cooks where pending = ? limit ${DROPPED_AT_ONCE})`,
        )
        .run(this.name);
      if (changes === 0) return;
      await breath();
    }
  }
}
