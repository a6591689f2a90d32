import { translators, type Language } from '@crustan/messages';
import { service } from '@crustan/messages/en/service';
import { shared } from '@crustan/messages/en/shared';
import { names } from '@crustan/messages/es/names';
import { service as serviceInSpanish } from '@crustan/messages/es/service';
import { shared as sharedInSpanish } from '@crustan/messages/es/shared';

const SERVICE = translators(service, { es: serviceInSpanish });
const SHARED = translators(shared, { es: sharedInSpanish });
/** Names that the core gives in English. */
const NAMES: Readonly<Record<Language, Readonly<Record<string, string>>>> = { en: {}, es: names };

/** Stands for a part of a message that differs from one time to the next. */
const PART = '#';

/** Pattern of a message. @param part what stands for the part that differs */
const patternOf = (message: string, part = ''): string =>
  message.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(PART, part);

/** Words of the service in one language: what the phones of an evening press, show and say. */
export const eveningWords = (language: Language) => {
  const t = SERVICE[language];
  const s = SHARED[language];
  const nameOf = (english: string): string => NAMES[language][english] ?? english;
  const table = patternOf(t('table', { table: PART }), '([^ ·:]+)');
  const overdue = new RegExp(
    `^${patternOf(s('overdue-by', { duration: PART, words: '' }), '[^:]+')}`,
  );
  const first = new RegExp(`${patternOf(t('no-2', { value: 1 }))}(?!\\d)`);
  const several = patternOf(t('pieces-2', { count: PART }), '\\d+');
  const count = new RegExp(` · (${patternOf(t('1-piece'))}|${several}).*$`);
  return {
    t,
    saved: t('all-entries-saved'),
    /** Button that takes up a service; the demo's own is called tonight. */
    continueOwn: new RegExp(`^${patternOf(t('continue', { name: '' }))}(?!tonight)`),
    /** Words of a due time that has come: `now` ends one, the other begins or ends it. */
    due: { now: s('now'), late: s('late', { short: '' }).trim() },
    soon: s('soon', { words: '' }).trim(),
    addPiece: (name: string, doneness: string): string =>
      t('add', { name, doneness: nameOf(doneness) }),
    /** @returns table that a call or a task names */
    tableOf: (words: string): string | undefined => new RegExp(table).exec(words)?.[1],
    /** Pattern of a table in an alert. */
    tableNamed: (name: string): RegExp =>
      new RegExp(`${patternOf(t('table', { table: name }))}(?!\\d)`),
    /**
     * The thing that a call or the board names, without how late it is and how many pieces its table has by then. The
     * first of its kind gets a number only when there is a second.
     */
    thingOf: (words: string): string =>
      words.replace(overdue, '').replace(first, '').replace(count, ''),
  };
};

export type EveningWords = ReturnType<typeof eveningWords>;
