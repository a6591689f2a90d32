import { CUT_IDS, type CutId } from '../food';
import { PLAN_LIMITS } from '../plan/request/limits';
import type { HeatScale } from '../plan/legs/ownSteps';
import type { PlanRequest } from '../plan/request/request';
import { DINNER_CODES, DINNER_WORDS, type DinnerCode } from './dinnerWords';
import { DONENESS_CODES, type DonenessWord } from './donenessWord';
import type { Phrase, Span } from './phrase';
import { cutAndDonenessWords, grammarByLanguage } from './grammarByLanguage';
import { celsiusOf } from './quantityUnits';
import { DINNER_EFFECTS, type DinnerContext, type DinnerEffect } from './dinnerEffects';
import { WEEKDAYS, type SaidDay } from './saidDay';
import { saidHour, type HalfOfDay } from './saidHour';
import { settleDinner, type GatheredWords } from './settleDinner';
import { SPANISH_DINNER_WORDS } from './spanishDinner';
import type { PhraseLanguage } from './tokens';
import type { UnreadPart } from './unreadPart';

type Meaning =
  | { readonly is: 'cut'; readonly cut: CutId }
  | { readonly is: 'doneness'; readonly word: DonenessWord }
  | { readonly is: 'code'; readonly code: DinnerCode };

const meanings = new Map<string, Meaning>([
  ...DINNER_CODES.map((code) => [code, { is: 'code', code }] as const),
  ...CUT_IDS.map((cut) => [`cut ${cut}`, { is: 'cut', cut }] as const),
  ...DONENESS_CODES.map((word) => [`doneness ${word}`, { is: 'doneness', word }] as const),
]);

const DINNER_WORDS_IN = { en: DINNER_WORDS, es: SPANISH_DINNER_WORDS } as const;

const phrasesIn = grammarByLanguage((language) => [
  ...DINNER_CODES.map((code) => [code, DINNER_WORDS_IN[language][code]] as const),
  ...cutAndDonenessWords(language),
]);

/** A dinner read from a cook's sentence: parts of a request, and the plate time. */
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
  /** Default: English. */
  readonly language?: PhraseLanguage | undefined;
}

const CORE = { c: { least: 38, most: 80 }, f: { least: 100, most: 176 } } as const;
/** Figures that are hardly C: cores and ovens in F. */
const LOOKS_LIKE_F = 100;
const HOUR = 3600;
/** Time for which a piece is salted "yesterday", and "overnight", s. */
const DAY_AGO = 24 * HOUR;
const OVERNIGHT = 12 * HOUR;
/** Highest temperature of a low oven, C. */
const LOW_OVEN = PLAN_LIMITS.lowOven.most;
const MOST_PIECES = 12;
const isDay = (code: DinnerCode): code is SaidDay =>
  code === 'today' || code === 'tomorrow' || WEEKDAYS.some((day) => day === code);

/** Minutes after the hour that was said before. */
const AFTER_HOUR = { 'half-after': 30, 'quarter-after': 15, 'quarter-before': -15 } as const;

const HOW_LONG = 'how long before the heat? 40 min, 2 h or overnight would be right';
const HALF_PAST = 'is it half past? Choose it, or write a time such as 19:30';
const NOT_KNOWN = 'this word is not known here';

const inRange = (value: number, { least, most }: { least: number; most: number }): boolean =>
  value >= least && value <= most;
const mean = ({ least, most }: { least: number; most: number }): number => (least + most) / 2;

/** Words whose meaning depends on the whole sentence, while they are gathered. */
type Gathered = { -readonly [Key in keyof GatheredWords]: GatheredWords[Key] } & {
  readonly places: ('oven' | 'once')[];
};

class DinnerReader {
  private request: Partial<PlanRequest> = {};
  private cut: CutId | undefined;
  private readonly gathered: Gathered = { places: [], inTotal: false };
  private hour: { readonly hours: number; readonly minutes: number } | undefined;
  private half: HalfOfDay | undefined;
  private day: SaidDay | undefined;
  /** Place of a phrase that the one before it has taken. */
  private taken: number | undefined;
  /** Minutes after the hour that is said next; below 0: before it. */
  private past = 0;
  private context: DinnerContext | undefined;
  /** Salting was said, and not yet how long before. */
  private salting: string | undefined;
  /** The last unknown words that were reported. */
  private unknown: Span | undefined;
  private readonly unread: UnreadPart[] = [];
  private readonly used: Span[] = [];
  private phrases: readonly Phrase<string>[] = [];

  constructor(
    private readonly text: string,
    private readonly scale: HeatScale,
    private readonly fallback: CutId | undefined,
    private readonly language: PhraseLanguage,
  ) {}

  read(): ReadDinner {
    this.phrases = phrasesIn(this.language)(this.text, this.scale);
    this.phrases.forEach((phrase, i) => {
      if (i !== this.taken) this.take(phrase, i);
    });
    if (this.salting !== undefined) this.refuse(this.salting, HOW_LONG);
    const { gathered, day, unread, used } = this;
    const request = settleDinner(
      { ...gathered, request: this.request, cut: this.cut },
      this.fallback,
      {
        refuse: (text, why) => this.refuse(text, why),
        ask: (span, why, instead) => this.ask(span, why, instead),
      },
    );
    const hour = this.hour && saidHour(this.hour.hours, this.hour.minutes, this.half);
    return { request, hour, day, unread, used };
  }

  private said(phrase: Span): string {
    return this.text.slice(phrase.from, phrase.to);
  }

  private refuse(text: string, why: string): void {
    this.unread.push({ text, why });
  }

  /** Asks which of several meanings a part has. */
  private ask(phrase: Span, why: string, instead: readonly string[]): void {
    this.unread.push({ text: this.said(phrase), why, asks: { from: phrase.from, instead } });
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

  /** The next phrase with a meaning by itself. */
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
        this.takeUnknown(phrase, i);
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
  private takeUnknown(phrase: Span, i: number): void {
    if (!/[\p{L}\p{N}]/u.test(this.said(phrase))) return;
    const next = this.phrases.at(i + 1);
    if (/^half$/i.test(this.said(phrase)) && next?.is === 'number') {
      this.taken = i + 1;
      this.ask({ from: phrase.from, to: next.to }, HALF_PAST, [`half past ${this.said(next)}`]);
      return;
    }
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
    const { doneness } = this.gathered;
    if (doneness && doneness.word !== word) {
      this.refuse(this.said(phrase), 'one doneness at a time would be right');
      return;
    }
    this.gathered.doneness = { word, text: this.said(phrase) };
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
    const clock = /^(\d{1,2})(?::(\d\d)|h(\d\d)?)$/i.exec(text);
    const isHour = this.context === undefined || this.context === 'hour' || this.context === 'for';
    if (clock && isHour) {
      this.takeHour(phrase, Number(clock[1]), Number(clock[2] ?? clock[3] ?? 0));
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
    this.hour = { hours, minutes: minutes + this.past };
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
    const minutes = Number.isInteger(value) && value <= 24 ? this.minutesAfter(i) : undefined;
    if (minutes !== undefined) {
      this.takeHour(phrase, value, minutes);
      return;
    }
    if (
      next?.is === 'code' &&
      next.code === 'past-hour' &&
      inRange(value, { least: 1, most: 59 })
    ) {
      this.past = value;
      this.use(phrase);
      return;
    }
    const counts =
      next?.is === 'cut' ||
      next?.is === 'length' ||
      next?.is === 'weight' ||
      (next?.is === 'code' && (next.code === 'pieces' || next.code === 'fillets'));
    if (counts && this.request.pieces === undefined) {
      this.takePieces(phrase, value);
      return;
    }
    const isHour = next?.is === 'code' && ['am', 'pm', 'o-clock'].includes(next.code);
    const heat = celsiusOf(value, scale);
    const hours = /^([01]?\d|2[0-3])[.,]([0-5]\d)$/.exec(this.said(phrase));
    if (hours && (isHour || context === 'hour' || this.endsAfter(i))) {
      this.takeHour(phrase, Number(hours[1]), Number(hours[2]));
      return;
    }
    if (isHour || (context === 'hour' && Number.isInteger(value) && value <= 24)) {
      this.takeHour(phrase, value, 0);
    } else if (context === 'for' && Number.isInteger(value) && value <= MOST_PIECES) {
      if (this.request.pieces === undefined) this.takePieces(phrase, value);
      else this.use(phrase);
    } else if (context === 'pan' || context === 'oven') {
      if (scale === 'c' && value > 300)
        this.ask(phrase, `is it ${value} F? Choose it, or write C`, [`${value} F`]);
      else this.takeHeat(phrase, heat);
    } else if (inRange(value, CORE[scale])) {
      this.takeHeat(phrase, heat);
    } else if (scale === 'c' && inRange(value, CORE.f) && value >= LOOKS_LIKE_F) {
      this.ask(phrase, `is it ${value} F? Choose it, or write a core in C`, [`${value} F`]);
    } else if (this.request.pieces === undefined && this.standsAlone(i)) {
      this.takePieces(phrase, value);
    } else this.refuse(this.said(phrase), 'of what? a unit would be right');
  }

  /** Minutes of an hour that stand right after it and end what is said: "eight thirty". They are taken. */
  private minutesAfter(i: number): number | undefined {
    const phrase = this.phrases.at(i + 1);
    if (phrase?.is !== 'number' || phrase.least !== phrase.most) return undefined;
    if (!inRange(phrase.least, { least: 5, most: 59 }) || !this.endsAfter(i + 1)) return undefined;
    this.taken = i + 1;
    this.use(phrase);
    return phrase.least;
  }

  /** Whether a figure is all that is said between two commas, or begins the text. */
  private standsAlone(i: number): boolean {
    const before = this.phrases.at(i - 1)?.is;
    return i === 0 || ((before === 'comma' || before === 'stop') && this.endsAfter(i));
  }

  /** Whether nothing with a meaning follows before a comma or the end. */
  private endsAfter(i: number): boolean {
    const next = this.after(i)?.is;
    return next === undefined || next === 'comma' || next === 'stop';
  }

  private takeCode(phrase: Span, code: DinnerCode, i: number): void {
    const effect = DINNER_EFFECTS[code];
    if (effect) this.takeEffect(phrase, effect);
    else if (isDay(code)) {
      this.day = code;
      this.use(phrase);
    } else this.takeOther(phrase, code, i);
    if (code === 'oven' || code === 'once') this.gathered.places.push(code);
  }

  private takeEffect(phrase: Span, { sets, context, weak, half, past, quiet }: DinnerEffect): void {
    const isFree = this.context === undefined || this.context === 'hour' || this.context === 'for';
    if (context !== undefined && (weak === undefined || isFree)) this.context = context;
    if (half !== undefined) this.half = half;
    if (past !== undefined) this.past = past;
    if (sets) this.set(phrase, sets);
    else if (!quiet) this.use(phrase);
  }

  /** Words whose meaning depends on their neighbours. */
  private takeOther(phrase: Span, code: DinnerCode, i: number): void {
    switch (code) {
      case 'total':
        this.gathered.inTotal = true;
        this.use(phrase);
        return;
      case 'salted':
        this.context = 'salt';
        this.salting = this.said(phrase);
        this.use(phrase);
        return;
      case 'yesterday':
      case 'overnight':
        this.takeNight(phrase, code);
        return;
      case 'noon':
        this.hour = { hours: 12, minutes: 0 };
        this.half = 'pm';
        this.use(phrase);
        return;
      case 'half-after':
      case 'quarter-after':
      case 'quarter-before':
        this.takeAfter(phrase, code);
        return;
      case 'fillets':
        this.gathered.fillets = phrase;
        this.use(phrase);
        return;
      case 'with-skin':
      case 'without-skin':
        this.gathered.skin = { code, text: this.said(phrase) };
        this.use(phrase);
        return;
      case 'not':
        this.refuse(
          `${this.said(phrase)} ${this.said(this.phrases.at(i + 1) ?? phrase)}`,
          'what is not wanted is not planned',
        );
        return;
      default:
        this.refuse(this.said(phrase), NOT_KNOWN);
    }
  }

  /** Minutes that are said after their hour: "las ocho y media". */
  private takeAfter(phrase: Span, code: keyof typeof AFTER_HOUR): void {
    if (this.hour === undefined) {
      this.refuse(this.said(phrase), NOT_KNOWN);
      return;
    }
    this.hour = { ...this.hour, minutes: this.hour.minutes + AFTER_HOUR[code] };
    this.use(phrase);
  }

  private takeNight(phrase: Span, code: 'yesterday' | 'overnight'): void {
    if (this.salting !== undefined || this.context === 'salt') {
      this.salting = undefined;
      this.set(phrase, { saltAhead: code === 'overnight' ? OVERNIGHT : DAY_AGO });
    } else if (this.request.surface === 'aired') this.set(phrase, { saltAhead: DAY_AGO });
    else this.refuse(this.said(phrase), 'what was then? salted yesterday would be right');
  }
}

/**
 * Reads a dinner in one sentence: piece, count, thickness, weight, doneness or degrees, salt, way, heats, the plate's time
 * and day. What was not used is listed.
 * @param text at most 10,000 characters
 */
export const readDinner = (
  text: string,
  { scale = 'c', cut, language = 'en' }: DinnerOptions = {},
): ReadDinner => new DinnerReader(text, scale, cut, language).read();
