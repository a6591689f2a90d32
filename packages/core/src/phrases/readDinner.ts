import { DONENESS_SCALES } from '../doneness';
import { CUT_IDS, CUTS, type CutId } from '../food';
import { PLAN_LIMITS } from '../plan/limits';
import type { HeatScale } from '../plan/ownSteps';
import type { PlanRequest } from '../plan/request';
import {
  CUT_WORDS,
  DINNER_CODES,
  DINNER_WORDS,
  DONENESS_WORDS,
  type DinnerCode,
} from './dinnerWords';
import { DONENESS_CODES, type DonenessWord } from './donenessWord';
import type { Phrase, Span } from './phrase';
import { celsiusOf, grammarOf } from './phraseParser';
import type { SaidDay } from './saidDay';
import { saidDoneness } from './saidDoneness';
import { vocabularyOf } from './tokens';
import type { UnreadPart } from './unreadPart';

type Meaning =
  | { readonly is: 'cut'; readonly cut: CutId }
  | { readonly is: 'doneness'; readonly word: DonenessWord }
  | { readonly is: 'code'; readonly code: DinnerCode };

const entries: readonly (readonly [string, string, Meaning])[] = [
  ...DINNER_CODES.map((code) => [code, DINNER_WORDS[code], { is: 'code', code }] as const),
  ...CUT_IDS.map((cut) => [`cut ${cut}`, CUT_WORDS[cut], { is: 'cut', cut }] as const),
  ...DONENESS_CODES.map(
    (word) => [`doneness ${word}`, DONENESS_WORDS[word], { is: 'doneness', word }] as const,
  ),
];
const meanings = new Map(entries.map(([name, , meaning]) => [name, meaning]));

const phrasesOf = grammarOf<string>({
  ...vocabularyOf(entries.map(([name, words]) => [name, words] as const)),
  ...{ to: 'to', filler: 'filler', inches: true },
});

/** A dinner as a cook says it: what of a request it says, and when the plate is wanted. */
export interface ReadDinner {
  readonly request: Partial<PlanRequest>;
  /** Hours and minutes of the plate, `19:30`. */
  readonly hour: string | undefined;
  readonly day: SaidDay | undefined;
  /** Words that were not used, and what would be. */
  readonly unread: readonly UnreadPart[];
  /** Parts of the text that were used, in its order. */
  readonly used: readonly Span[];
}

export interface DinnerOptions {
  /** Of a heat without a letter. */
  readonly scale?: HeatScale | undefined;
  /** The piece where none is named. */
  readonly cut?: CutId | undefined;
}

/** What the next figure belongs to. */
type Context = 'oven' | 'pan' | 'salt' | 'temper' | 'every' | 'hour' | 'for' | undefined;

const CORE = { c: { least: 38, most: 80 }, f: { least: 100, most: 176 } } as const;
/** Figures that are hardly C: cores and ovens in F. */
const LOOKS_LIKE_F = 100;
const HOUR = 3600;
/** Time for which a piece is salted "yesterday", and "overnight", s. */
const DAY_AGO = 24 * HOUR;
const OVERNIGHT = 12 * HOUR;
/** Hours of the morning that a lunch is not at. */
const LUNCH_TO = 3;
/** A low oven is no hotter, C. */
const LOW_OVEN = PLAN_LIMITS.lowOven.most;
const MOST_PIECES = 12;

const HOW_LONG = 'how long before the heat? 40 min, 2 h or overnight would be right';
const NOT_KNOWN = 'this word is not known here';

const inRange = (value: number, { least, most }: { least: number; most: number }): boolean =>
  value >= least && value <= most;
const mean = ({ least, most }: { least: number; most: number }): number => (least + most) / 2;

class DinnerReader {
  private request: Partial<PlanRequest> = {};
  private cut: CutId | undefined;
  private doneness: { readonly word: DonenessWord; readonly text: string } | undefined;
  private hour: { readonly hours: number; readonly minutes: number } | undefined;
  private half: 'am' | 'pm' | 'lunch' | 'breakfast' | undefined;
  private day: SaidDay | undefined;
  private inTotal = false;
  private pastHalf = false;
  private context: Context;
  /** Salting was said, and not yet how long before. */
  private salting: string | undefined;
  /** The unknown words that were told last. */
  private unknown: Span | undefined;
  private readonly unread: UnreadPart[] = [];
  private readonly used: Span[] = [];
  private phrases: readonly Phrase<string>[] = [];

  constructor(
    private readonly text: string,
    private readonly scale: HeatScale,
    private readonly usual: CutId | undefined,
  ) {}

  read(): ReadDinner {
    this.phrases = phrasesOf(this.text, this.scale);
    this.phrases.forEach((phrase, i) => this.take(phrase, i));
    if (this.salting !== undefined) this.refuse(this.salting, HOW_LONG);
    this.settleDoneness();
    this.settleWeight();
    const { request, day, unread, used } = this;
    const named = this.cut === undefined ? request : { cut: this.cut, ...request };
    return { request: named, hour: this.hourSaid(), day, unread, used };
  }

  private said(phrase: Span): string {
    return this.text.slice(phrase.from, phrase.to);
  }

  private refuse(text: string, why: string): void {
    this.unread.push({ text, why });
  }

  private set(phrase: Span, more: Partial<PlanRequest>): void {
    this.request = { ...this.request, ...more };
    this.used.push({ from: phrase.from, to: phrase.to });
  }

  private use(phrase: Span): void {
    this.used.push({ from: phrase.from, to: phrase.to });
  }

  private meaningAt(i: number): Meaning | undefined {
    const phrase = this.phrases.at(i);
    return phrase?.is === 'word' ? meanings.get(phrase.code) : undefined;
  }

  /** The next phrase with a meaning of its own. */
  private after(i: number): Meaning | Phrase<string> | undefined {
    for (let j = i + 1; j < this.phrases.length; j += 1) {
      const meaning = this.meaningAt(j);
      if (meaning?.is === 'code' && meaning.code === 'filler') continue;
      return meaning ?? this.phrases[j];
    }
    return undefined;
  }

  private take(phrase: Phrase<string>, i: number): void {
    switch (phrase.is) {
      case 'stop':
      case 'comma':
        this.context = undefined;
        return;
      case 'unknown':
        this.takeUnknown(phrase);
        return;
      case 'length':
        this.takeWithin(phrase, 'thickness');
        return;
      case 'weight':
        this.takeWithin(phrase, 'weight');
        return;
      case 'times':
        this.takePieces(phrase, phrase.count);
        return;
      case 'time':
        this.takeTime(phrase);
        return;
      case 'heat':
        this.takeHeat(phrase, mean(phrase));
        return;
      case 'number':
        this.takeNumber(phrase, i);
        return;
      case 'word': {
        const meaning = meanings.get(phrase.code);
        if (meaning?.is === 'cut') this.takeCut(phrase, meaning.cut);
        else if (meaning?.is === 'doneness') this.takeDoneness(phrase, meaning.word);
        else if (meaning) this.takeCode(phrase, meaning.code, i);
      }
    }
  }

  /** Keeps unknown words that stand beside each other as one part. */
  private takeUnknown(phrase: Span): void {
    if (!/[\p{L}\p{N}]/u.test(this.said(phrase))) return;
    const { unknown } = this;
    const beside = unknown && this.text.slice(unknown.to, phrase.from).trim() === '';
    if (beside) this.unread.pop();
    this.unknown = { from: beside ? unknown.from : phrase.from, to: phrase.to };
    this.refuse(this.said(this.unknown), NOT_KNOWN);
  }

  private takeCut(phrase: Span, cut: CutId): void {
    if (this.cut !== undefined && this.cut !== cut) {
      this.refuse(this.said(phrase), 'one piece at a time: add the other under the sentence');
      return;
    }
    this.cut = cut;
    this.use(phrase);
  }

  private takeDoneness(phrase: Span, word: DonenessWord): void {
    if (this.doneness && this.doneness.word !== word) {
      this.refuse(this.said(phrase), 'one doneness at a time would be right');
      return;
    }
    this.doneness = { word, text: this.said(phrase) };
    this.use(phrase);
  }

  private takeWithin(
    phrase: Span & { readonly least: number; readonly most: number },
    key: 'thickness' | 'weight',
  ): void {
    const value = mean(phrase);
    const { least, most } = PLAN_LIMITS[key];
    if (inRange(value, { least, most })) this.set(phrase, { [key]: value });
    else
      this.refuse(
        this.said(phrase),
        `${key} from ${least} to ${most} ${key === 'weight' ? 'kg' : 'm'} would be right`,
      );
  }

  private takePieces(phrase: Span, count: number): void {
    if (Number.isInteger(count) && count >= 1 && count <= MOST_PIECES) {
      this.set(phrase, { pieces: count });
    } else this.refuse(this.said(phrase), `1 to ${MOST_PIECES} pieces would be right`);
  }

  private takeTime(phrase: Extract<Phrase<string>, { is: 'time' }>): void {
    const text = this.said(phrase);
    const seconds = mean(phrase);
    const clock = /^(\d{1,2}):(\d\d)$/.exec(text);
    if (clock && this.context !== 'salt' && this.context !== 'temper') {
      this.takeHour(phrase, Number(clock[1]), Number(clock[2]));
    } else if (this.context === 'salt') {
      this.salting = undefined;
      this.set(phrase, { saltAhead: Math.min(seconds, PLAN_LIMITS.saltAhead.most) });
    } else if (this.context === 'temper') {
      this.set(phrase, { temper: Math.min(seconds, PLAN_LIMITS.temper.most) });
    } else if (this.context === 'every') {
      this.set(phrase, { every: seconds, way: 'often' });
    } else
      this.refuse(
        text,
        'what takes so long? salted, out of the fridge, or turned every would be right',
      );
  }

  private takeHour(phrase: Span, hours: number, minutes: number): void {
    if (hours > 24 || this.hour) {
      this.refuse(this.said(phrase), 'one time of the day would be right');
      return;
    }
    this.hour = { hours, minutes: minutes + (this.pastHalf ? 30 : 0) };
    this.use(phrase);
  }

  private takeHeat(phrase: Span, celsius: number): void {
    const { context } = this;
    if (context === 'pan' && inRange(celsius, PLAN_LIMITS.pan)) this.set(phrase, { pan: celsius });
    else if (
      context === 'oven' &&
      inRange(celsius, { least: PLAN_LIMITS.lowOven.least, most: PLAN_LIMITS.hotOven.most })
    ) {
      const low = celsius <= LOW_OVEN && this.request.way !== 'sear-oven';
      this.set(phrase, low ? { lowOven: celsius } : { hotOven: celsius });
    } else if (inRange(celsius, CORE.c) && this.request.target === undefined) {
      this.set(phrase, { target: celsius });
    } else if (this.request.way === 'oven-sear' && inRange(celsius, PLAN_LIMITS.lowOven)) {
      this.set(phrase, { lowOven: celsius });
    } else
      this.refuse(
        this.said(phrase),
        'of what? a core of 38 to 80 C, an oven or a pan would be right',
      );
  }

  private takeNumber(phrase: Extract<Phrase<string>, { is: 'number' }>, i: number): void {
    const { scale, context } = this;
    const value = mean(phrase);
    const next = this.after(i);
    // "two 3 cm ribeyes", "3 x ribeye", "2 pieces".
    const counts =
      next?.is === 'cut' ||
      next?.is === 'length' ||
      next?.is === 'weight' ||
      (next?.is === 'code' && next.code === 'pieces');
    if (counts && this.request.pieces === undefined) {
      this.takePieces(phrase, value);
      return;
    }
    const isHour = next?.is === 'code' && ['am', 'pm', 'o-clock'].includes(next.code);
    const heat = celsiusOf(value, scale);
    const hours = /^(\d{1,2})[.,](\d\d)$/.exec(this.said(phrase));
    if (isHour && hours) {
      this.takeHour(phrase, Number(hours[1]), Number(hours[2]));
      return;
    }
    if (
      isHour ||
      ((context === 'hour' || this.pastHalf) && Number.isInteger(value) && value <= 24)
    ) {
      this.takeHour(phrase, value, 0);
    } else if (context === 'for' && Number.isInteger(value) && value <= MOST_PIECES) {
      if (this.request.pieces === undefined) this.takePieces(phrase, value);
      else this.use(phrase);
    } else if (context === 'pan' || context === 'oven') {
      if (scale === 'c' && value > 300)
        this.refuse(this.said(phrase), `is it ${value} F? ${value} F would be right`);
      else this.takeHeat(phrase, heat);
    } else if (inRange(value, CORE[scale])) {
      this.takeHeat(phrase, heat);
    } else if (scale === 'c' && inRange(value, CORE.f) && value >= LOOKS_LIKE_F) {
      this.refuse(
        this.said(phrase),
        `is it ${value} F? ${value} F, or a core in C, would be right`,
      );
    } else if (this.request.pieces === undefined && this.standsAlone(i)) {
      this.takePieces(phrase, value);
    } else this.refuse(this.said(phrase), 'of what? a unit would be right');
  }

  /** Whether a figure is all that is said between two commas, or begins the text. */
  private standsAlone(i: number): boolean {
    const before = this.phrases.at(i - 1);
    const after = this.phrases.at(i + 1);
    const isEnd = (one: Phrase<string> | undefined): boolean =>
      one === undefined || one.is === 'comma' || one.is === 'stop';
    return i === 0 || (isEnd(before) && isEnd(after));
  }

  /** What each word does. Words without an entry set nothing. */
  private takeCode(phrase: Span, code: DinnerCode, i: number): void {
    const { salting } = this;
    switch (code) {
      case 'to':
      case 'filler':
        return;
      case 'pieces':
      case 'each':
        this.use(phrase);
        return;
      case 'total':
        this.inTotal = true;
        this.use(phrase);
        return;
      case 'for':
        if (this.context === undefined || this.context === 'hour') this.context = 'for';
        return;
      case 'at':
      case 'dinner':
        if (this.context === undefined || this.context === 'for') this.context = 'hour';
        if (code === 'dinner') this.use(phrase);
        return;
      case 'pan':
        this.context = 'pan';
        this.use(phrase);
        return;
      case 'oven':
        this.context = 'oven';
        this.use(phrase);
        return;
      case 'salted':
        this.context = 'salt';
        this.salting = this.said(phrase);
        this.use(phrase);
        return;
      case 'not-salted':
        this.set(phrase, { saltAhead: 0 });
        return;
      case 'yesterday':
      case 'overnight':
        if (salting === undefined && this.context !== 'salt') {
          if (this.request.surface === 'aired') this.set(phrase, { saltAhead: DAY_AGO });
          else this.refuse(this.said(phrase), 'what was then? salted yesterday would be right');
          return;
        }
        this.salting = undefined;
        this.set(phrase, { saltAhead: code === 'overnight' ? OVERNIGHT : DAY_AGO });
        return;
      case 'ago':
        this.use(phrase);
        return;
      case 'dry':
      case 'wet':
      case 'aired':
        this.set(phrase, { surface: code });
        return;
      case 'temper':
        this.context = 'temper';
        this.use(phrase);
        return;
      case 'reverse-sear':
        this.context = 'oven';
        this.set(phrase, { way: 'oven-sear' });
        return;
      case 'sear-oven':
        this.context = 'oven';
        this.set(phrase, { way: 'sear-oven' });
        return;
      case 'often':
        this.context = 'every';
        this.set(phrase, { way: 'often' });
        return;
      case 'once':
        this.set(phrase, { way: 'once' });
        return;
      case 'cold-pan':
        this.set(phrase, { way: 'cold-pan' });
        return;
      case 'on-skin':
        this.set(phrase, { way: 'skin-down' });
        return;
      case 'am':
      case 'pm':
      case 'lunch':
      case 'breakfast':
        this.half = code;
        if (code === 'lunch' || code === 'breakfast') this.context = 'hour';
        this.use(phrase);
        return;
      case 'o-clock':
        this.use(phrase);
        return;
      case 'past':
        this.pastHalf = /half/i.test(this.said(phrase));
        this.use(phrase);
        return;
      case 'noon':
        this.hour = { hours: 12, minutes: 0 };
        this.half = 'pm';
        this.use(phrase);
        return;
      case 'before-hour':
        this.refuse(this.said(phrase), 'a time such as 19:45 would be right');
        return;
      case 'not':
        this.refuse(
          `${this.said(phrase)} ${this.said(this.phrases.at(i + 1) ?? phrase)}`,
          'what is not wanted is not planned',
        );
        return;
      case 'today':
      case 'tomorrow':
      case 'monday':
      case 'tuesday':
      case 'wednesday':
      case 'thursday':
      case 'friday':
      case 'saturday':
      case 'sunday':
        this.day = code;
        this.use(phrase);
    }
  }

  /** Hours without a half of the day are in the evening, or about noon for lunch. */
  private hourSaid(): string | undefined {
    if (!this.hour) return undefined;
    const { minutes } = this.hour;
    const { hours } = this.hour;
    const { half } = this;
    const isAfternoon =
      half === 'pm' || half === undefined || (half === 'lunch' && hours <= LUNCH_TO);
    const shown = isAfternoon && hours >= 1 && hours <= 11 ? hours + 12 : hours % 24;
    const at = half === 'am' && hours === 12 ? 0 : shown;
    return `${String(at).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
  }

  private settleDoneness(): void {
    const { doneness } = this;
    if (!doneness) return;
    const cut = this.cut ?? this.usual;
    if (cut === undefined) {
      this.refuse(doneness.text, 'of which piece? a cut would be right');
      return;
    }
    const { species } = CUTS[cut];
    const target = saidDoneness(species, doneness.word);
    if (this.request.target !== undefined) {
      if (target !== this.request.target)
        this.refuse(doneness.text, 'the degrees beside it are planned');
    } else if (target === undefined) {
      const names = DONENESS_SCALES[species].map(({ name }) => name).join(', ');
      this.refuse(doneness.text, `${names} would be right`);
    } else this.request = { ...this.request, target };
  }

  private settleWeight(): void {
    const { weight, pieces } = this.request;
    if (!this.inTotal || weight === undefined || pieces === undefined) return;
    this.request = { ...this.request, weight: weight / pieces };
  }
}

/**
 * Reads a dinner in one sentence: piece, count, thickness, weight, doneness or degrees, salt, way, heats, the plate's time
 * and day. What was not used is listed.
 * @param text at most 10,000 characters
 */
export const readDinner = (text: string, { scale = 'c', cut }: DinnerOptions = {}): ReadDinner =>
  new DinnerReader(text, scale, cut).read();
