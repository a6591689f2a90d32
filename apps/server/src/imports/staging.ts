import { setImmediate as breath } from 'node:timers/promises';
import type { BookCook } from '@crustan/core/formats';
import { eventRow, happenedColumns, judgementRow, plannedColumns, searchOf } from '../db/cookRows';
import type { Book } from '../db/openBook';

/** Cooks deleted at a time when an import is dropped, and events kept back before a write. */
const DROPPED_AT_ONCE = 10;
const FLUSHED_AT = 1500;

const EVENT = `insert into events (id, cook_id, kind, at, received_at, celsius, undoes, detail)
  values (@id, @cookId, @kind, @at, @receivedAt, @celsius, @undoes, @detail)
  on conflict (id) do nothing`;

const COLUMNS = [
  'id',
  'created_at',
  'title',
  'target',
  'cook_seconds',
  'plan',
  'together',
  'waits',
  'cut',
  'own',
  'way',
  'thickness',
  'weight',
  'pan',
  'pull_at',
  'learned',
  'trial',
  'actual_seconds',
  'actual_pull',
  'sliced_at',
  'search',
  'pending',
] as const;
const COOK = `insert into cooks (${COLUMNS.join(', ')}) values (${COLUMNS.map(() => '?').join(', ')})`;
const JUDGEMENT = `insert into judgements
  (cook_id, end_temperature, crust, notes, judged_at, again, weight_before, weight_after, paid, detail)
  values (@cookId, @endTemperature, @crust, @notes, @judgedAt, @again, @weightBefore, @weightAfter, @paid, @detail)`;

/**
 * Cooks of an import, written beside the book's own under the import's name: on disk, but in no
 * list until they are published all at once, and gone when they are dropped. Statements are
 * prepared once: millions of readings pass here.
 */
export class Staging {
  private readonly cooks: { readonly cook: BookCook; readonly at: number }[] = [];
  private readonly met = new Set<string>();
  private events = 0;
  private statements: ReturnType<Staging['prepare']> | undefined;

  constructor(
    private readonly book: Book,
    private readonly name: string,
  ) {}

  private prepare() {
    const { sqlite } = this.book;
    return {
      sqlite,
      has: sqlite.prepare('select 1 from cooks where id = ?'),
      cook: sqlite.prepare(COOK),
      event: sqlite.prepare(EVENT),
      judgement: sqlite.prepare(JUDGEMENT),
      photo: sqlite.prepare('insert into photos (cook_id, type, bytes) values (?, ?, ?)'),
    };
  }

  /** A restore opens another file: statements are of one. */
  private get ready() {
    if (this.statements?.sqlite !== this.book.sqlite) this.statements = this.prepare();
    return this.statements;
  }

  /** @returns how many of its events another cook has already, or `here` when the book has it */
  add(cook: BookCook, at: number): number | 'here' {
    if (this.met.has(cook.id) || this.ready.has.get(cook.id) !== undefined) return 'here';
    this.met.add(cook.id);
    this.cooks.push({ cook, at });
    this.events += cook.events.length;
    return this.events >= FLUSHED_AT ? this.flush() : 0;
  }

  /** Writes what is kept back. */
  flush(): number {
    let refused = 0;
    if (this.cooks.length === 0) return refused;
    const { sqlite } = this.ready;
    sqlite.transaction(() => {
      for (const { cook, at } of this.cooks) refused += this.write(cook, at);
    })();
    this.cooks.length = 0;
    this.events = 0;
    return refused;
  }

  private write(cook: BookCook, at: number): number {
    const { cook: insertCook, event, judgement, photo } = this.ready;
    const { plan, together } = cook;
    const planned = plannedColumns(plan);
    const happened = happenedColumns(
      plan.plan,
      cook.events.filter(({ kind }) => kind !== 'reading'),
    );
    insertCook.run(
      cook.id,
      cook.createdAt,
      plan.title,
      planned.target,
      planned.cookSeconds,
      JSON.stringify(plan),
      together?.id ?? null,
      together?.waits ?? null,
      planned.cut,
      planned.own,
      planned.way,
      planned.thickness,
      planned.weight,
      planned.pan,
      planned.pullAt,
      planned.learned ? 1 : 0,
      planned.trial,
      happened.actualSeconds,
      happened.actualPull,
      happened.slicedAt,
      searchOf(plan, cook.judgement?.notes),
      this.name,
    );
    let refused = 0;
    for (const one of cook.events) {
      refused += 1 - event.run(eventRow(one, cook.id, at)).changes;
    }
    if (cook.judgement) judgement.run(judgementRow(cook.id, cook.judgement, at));
    if (cook.photo) photo.run(cook.id, cook.photo.type, Buffer.from(cook.photo.data, 'base64'));
    return refused;
  }

  publish(): void {
    this.flush();
    this.book.sqlite.prepare('update cooks set pending = null where pending = ?').run(this.name);
  }

  /** Takes all of it away again, some cooks at a time: the stove is served in between. */
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
