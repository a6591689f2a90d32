import type { HeatScale } from '../plan/legs/ownSteps';
import type { SaidSettings, SaidStep } from '../plan/ownTimes/saidStep';
import {
  Clause,
  CORE_HEAT,
  heatsFrom,
  isWithin,
  LEAST_HEAT,
  NO_PLACE,
  OVEN_HEAT,
  saidIn,
  type Place,
} from './clause';
import { ENGLISH_WORDS } from './englishWords';
import { perLanguage } from './perLanguage';
import { grammarOf } from './phraseParser';
import { celsiusOf } from './quantityUnits';
import { WORD_CODES, type Phrase, type WordCode } from './phrase';
import { SPANISH_NUMBERS, SPANISH_TIMES } from './spanishDinner';
import { SPANISH_WORDS } from './spanishWords';
import { StepSettler } from './stepSettler';
import { vocabularyOf, type PhraseLanguage } from './tokens';
import type { UnreadPart } from './unreadPart';

const spellingsOf = (list: string): readonly string[] =>
  list.split(',').map((one) => one.trim().replace(/\s+/g, ' '));

/** Spanish words, and English ones that mean nothing in Spanish: lines of the interface are in English. */
const spanishAndEnglish = () => {
  const taken = new Set([
    ...Object.values(SPANISH_WORDS).flatMap(spellingsOf),
    ...Object.keys(SPANISH_NUMBERS),
    ...SPANISH_TIMES.flatMap(({ words }) => spellingsOf(words)),
  ]);
  return WORD_CODES.map((code) => {
    const english = spellingsOf(ENGLISH_WORDS[code]).filter((one) => !taken.has(one));
    return [code, [SPANISH_WORDS[code], ...english].join(',')] as const;
  });
};

const WORDS_IN = {
  en: () => WORD_CODES.map((code) => [code, ENGLISH_WORDS[code]] as const),
  es: spanishAndEnglish,
} as const;

/** Phrases of cooking times in a language. */
const phrasesIn = perLanguage((language) =>
  grammarOf({ ...vocabularyOf(WORDS_IN[language](), language), ...{ to: 'to', filler: 'filler' } }),
);

/** Result of reading a text. */
export interface ReadSteps {
  readonly steps: readonly SaidStep[];
  readonly settings: SaidSettings;
  readonly unread: readonly UnreadPart[];
  /** Words that became neither a step nor a setting. */
  readonly leftOut: readonly string[];
}

export interface ReadOptions {
  /** Of a heat without a letter. */
  readonly scale?: HeatScale | undefined;
  /** Default: English. In Spanish, English words that mean nothing in it are read too. */
  readonly language?: PhraseLanguage | undefined;
  /** A time without a place is in the pan, and a number without a unit is minutes: a line of steps says no more. */
  readonly isLine?: boolean | undefined;
}

/** Figures over this are hardly C: an oven, a core. */
const MOST_CELSIUS = { oven: 300, core: 90 } as const;
/** Verbs by the place that they cook in. */
const VERBS: Readonly<Partial<Record<WordCode, Place>>> = {
  sear: 'pan',
  roast: 'oven',
  'rest-verb': 'rest',
  baste: 'pan',
};
const NOUNS: Readonly<Partial<Record<WordCode, Place>>> = {
  oven: 'oven',
  pan: 'pan',
  board: 'rest',
};

/** Words that say one thing of their clause. */
const FLAGS = {
  butter: 'butter',
  cover: 'covered',
  halfway: 'halfway',
  doneness: 'doneness',
  'per-size': 'perSize',
  temper: 'tempers',
  salt: 'ahead',
  dry: 'ahead',
  other: 'other',
  not: 'not',
} as const satisfies Partial<Record<WordCode, keyof Clause>>;
const isFlag = (code: WordCode): code is keyof typeof FLAGS => code in FLAGS;
/** Words that begin a step of their own, with the meaning of each. */
const BEGINS = {
  'heat-up': 'heatsUp',
  'burner-down': 'down',
  'burner-up': 'up',
  leave: 'left',
  repeat: 'repeat',
} as const satisfies Partial<Record<WordCode, keyof Clause>>;
const isBegin = (code: WordCode): code is keyof typeof BEGINS => code in BEGINS;

const NO_TIME = 'times and heats are read here: say the size in the sentence above';
/** Words that stand in place of the sign. */
const TURNED_OR_NOT = [' turn ', ' then '] as const;
const IS_IT_TURNED = 'is the piece turned between the two times? Choose one';

const mean = ({ least, most }: { least: number; most: number }): number => (least + most) / 2;

/** Gathers the phrases of a text into clauses, a step each. */
class StepReader {
  private clause = new Clause(0);
  private phrases: readonly Phrase[] = [];
  /** The phrase after the one that is being read. */
  private at = 0;
  private readonly settler: StepSettler;

  constructor(
    private readonly text: string,
    private readonly scale: HeatScale,
    private readonly isLine: boolean,
  ) {
    this.settler = new StepSettler(text, scale, isLine);
  }

  read(language: PhraseLanguage): ReadSteps {
    let unknown: { from: number; to: number } | undefined;
    const tellUnknown = (): void => {
      if (unknown) this.clause.unknown.push(this.text.slice(unknown.from, unknown.to));
      unknown = undefined;
    };
    this.phrases = phrasesIn(language)(this.text, this.scale);
    for (const phrase of this.phrases) {
      this.at += 1;
      if (phrase.is === 'unknown') {
        const said = this.text.slice(phrase.from, phrase.to);
        if (said === '/' && this.isBetweenTimes)
          this.settler.ask(phrase, IS_IT_TURNED, TURNED_OR_NOT);
        // Signs between words are not words.
        if (!/[\p{L}\p{N}]/u.test(said)) continue;
        unknown = { from: unknown?.from ?? phrase.from, to: phrase.to };
        continue;
      }
      if (this.text.slice(phrase.from, phrase.to) === '+' && this.isBetweenTimes) {
        this.settler.ask(phrase, IS_IT_TURNED, TURNED_OR_NOT);
      }
      if (phrase.is !== 'word' || phrase.code !== 'filler') tellUnknown();
      this.take(phrase);
      this.clause.to = phrase.to;
    }
    tellUnknown();
    this.end(this.text.length);
    const { steps, settings, unread, leftOut } = this.settler;
    return { steps, settings, unread, leftOut };
  }
  /** The next phrase that means something. */
  private get coming(): Phrase | undefined {
    for (let i = this.at; i < this.phrases.length; i += 1) {
      const one = this.phrases[i];
      if (one.is !== 'unknown' && !(one.is === 'word' && one.code === 'filler')) return one;
    }
    return undefined;
  }

  /** Whether a sign stands right after a time, and another time comes. */
  private get isBetweenTimes(): boolean {
    const { coming } = this;
    const before = this.phrases.at(this.at - 2)?.is;
    return (
      (before === 'time' || before === 'number') &&
      (coming?.is === 'time' || coming?.is === 'number')
    );
  }

  /** Whether nothing more comes in this step. */
  private get endsHere(): boolean {
    const { coming } = this;
    return coming === undefined || coming.is === 'stop' || coming.is === 'comma';
  }

  private get said(): string {
    return saidIn(this.text, this.clause);
  }

  private take(phrase: Phrase): void {
    const { clause } = this;
    switch (phrase.is) {
      case 'stop':
        this.end(phrase.to);
        return;
      case 'comma':
        if (this.isWhole(clause)) this.end(phrase.to);
        return;
      case 'time':
        this.takeTime(phrase);
        return;
      case 'heat':
        this.takeHeat(phrase.most < phrase.least ? phrase.least : mean(phrase), phrase);
        // From a heat down to a core: "oven 120 to 52".
        if (phrase.most < phrase.least) this.takeHeat(phrase.most, phrase);
        return;
      case 'number':
        if (phrase.most < phrase.least) {
          this.takeNumber({ ...phrase, most: phrase.least });
          this.takeNumber({ ...phrase, least: phrase.most });
        } else this.takeNumber(phrase);
        return;
      case 'times':
        if (clause.time && !clause.perSide) clause.sides = phrase.count;
        return;
      case 'word':
        this.takeWord(phrase.code, phrase);
        return;
      case 'length':
      case 'weight':
        this.settler.refuse(this.text.slice(phrase.from, phrase.to), NO_TIME);
        return;
      case 'unknown':
    }
  }

  /** Whether a comma ends the step. */
  private isWhole(clause: Clause): boolean {
    const { time, until, numbers, turn, next, heatsUp, heat } = clause;
    return (
      [time, until, next].some((one) => one !== undefined) ||
      (numbers.length > 0 && this.isLine) ||
      (turn && clause.every === undefined) ||
      (heatsUp && heat !== undefined)
    );
  }

  private takeTime(phrase: Extract<Phrase, { is: 'time' }>): void {
    const { clause } = this;
    const { from, unit } = phrase;
    // "3 min second": the side, not a unit of time.
    if (unit && clause.time && this.text.slice(from, phrase.to).toLowerCase() === 'second') {
      clause.second = true;
      return;
    }
    // "2 more minutes": the number came before.
    const number = unit && !clause.time ? clause.numbers.pop()?.phrase : undefined;
    const least = phrase.least * (number?.least ?? 1);
    const most = phrase.most * (number?.most ?? 1);
    if (clause.next === 'every') {
      clause.every = { least, most };
      clause.next = undefined;
      return;
    }
    if (clause.time && clause.turn && clause.every === undefined && !clause.named) this.end(from);
    else if (clause.time) this.endKeeping(from);
    this.clause.time = { least, most };
    if (phrase.count !== undefined) this.clause.sides = phrase.count;
  }

  private takeHeat(celsius: number, phrase: Phrase): void {
    const { clause } = this;
    if (clause.next === 'until') {
      clause.next = undefined;
      if (isWithin(celsius, CORE_HEAT)) clause.until = celsius;
      else
        this.settler.refuse(
          this.text.slice(phrase.from, phrase.to),
          `a core of ${heatsFrom(CORE_HEAT)}`,
        );
      return;
    }
    // A second heat of an oven that has one is the core's where it can be: "oven 120 to 52".
    if (clause.heat !== undefined && isWithin(celsius, CORE_HEAT)) clause.until = celsius;
    else if (clause.heat === undefined) clause.heat = celsius;
    else this.settler.refuse(this.text.slice(phrase.from, phrase.to), NO_PLACE);
  }

  private takeNumber(phrase: Phrase & { readonly is: 'number' }): void {
    const { clause, scale } = this;
    const { least, most } = phrase;
    if (clause.next === 'each-of') {
      clause.sides = least;
      clause.next = undefined;
      return;
    }
    const inOven = clause.place === 'oven' || clause.heatsUp;
    if (clause.next === 'until') {
      if (scale === 'c' && least > MOST_CELSIUS.core) {
        clause.next = undefined;
        this.settler.ask(phrase, `is it ${least} F? Choose it, or write a core in C`, [
          `${least} F`,
        ]);
        return;
      }
      this.takeHeat(celsiusOf((least + most) / 2, scale), phrase);
      return;
    }
    const core = celsiusOf(least, scale);
    if (
      inOven &&
      clause.heat !== undefined &&
      clause.until === undefined &&
      isWithin(core, CORE_HEAT)
    ) {
      clause.until = core;
      return;
    }
    const asHeat = least >= LEAST_HEAT[scale] && clause.heat === undefined;
    if (
      asHeat &&
      (inOven || clause.place === 'pan' || clause.down) &&
      !this.isBareMinutes(phrase)
    ) {
      if (scale === 'c' && inOven && least > MOST_CELSIUS.oven) {
        this.settler.ask(
          phrase,
          `is it ${least} F? Choose it, or write ${OVEN_HEAT.least} to ${OVEN_HEAT.most} C`,
          [`${least} F`],
        );
        clause.asked = true;
        return;
      }
      clause.heat = celsiusOf((least + most) / 2, scale);
      return;
    }
    clause.numbers.push({ phrase });
  }

  /** Whether a number with a place is minutes: it has no heat's size. */
  private isBareMinutes({ least }: { readonly least: number }): boolean {
    return least < LEAST_HEAT[this.scale];
  }

  private takeWord(code: WordCode, phrase: Phrase): void {
    const { clause } = this;
    const verb = VERBS[code];
    const noun = NOUNS[code];
    if (verb !== undefined) this.takeVerb(code, verb, phrase);
    else if (noun !== undefined) this.takeNoun(code, noun, phrase);
    else if (isFlag(code)) clause[FLAGS[code]] = true;
    else if (isBegin(code)) {
      if (clause.time) this.end(phrase.from);
      this.clause[BEGINS[code]] = true;
    } else this.takeOther(code, phrase);
  }

  private takeVerb(code: WordCode, verb: Place, phrase: Phrase): void {
    const { clause } = this;
    if (clause.before) return;
    // "1 hour roasting": the action during the time before it.
    const isNoun = code === 'rest-verb' && this.endsHere;
    const goesOn =
      !clause.named && (isNoun || /ing$/i.test(this.text.slice(phrase.from, phrase.to)));
    if (goesOn && clause.time && !clause.turn && !clause.perSide) {
      clause.place = verb;
      clause.named = true;
      clause.basted ||= code === 'baste';
      return;
    }
    const isNext = clause.basted && verb !== 'pan';
    if (clause.time || isNext || (clause.turn && !clause.every)) this.end(phrase.from);
    const now = this.clause;
    if (code === 'baste') now.basted = true;
    if (now.place !== 'rest' && !(now.place === 'oven' && verb === 'pan')) now.place = verb;
    now.named = true;
  }

  private takeNoun(code: WordCode, noun: Place, phrase: Phrase): void {
    const { clause } = this;
    if (code === 'board' && clause.place !== 'rest') return;
    if (clause.time && clause.named && clause.place !== noun) this.end(phrase.from);
    const now = this.clause;
    if (now.place !== 'rest') now.place = noun;
    now.named = true;
    // A number before an oven is its heat: "200 oven".
    const [number] = now.numbers;
    const isHeat = number !== undefined && !this.isBareMinutes(number.phrase);
    if (noun === 'oven' && isHeat && now.heat === undefined) {
      now.numbers.shift();
      this.takeNumber(number.phrase);
    }
  }

  /** Words whose meaning depends on their neighbours; the others have none. */
  private takeOther(code: WordCode, phrase: Phrase): void {
    const { clause } = this;
    switch (code) {
      case 'turn':
        if (this.isTurning(phrase)) {
          clause.turn = true;
          return;
        }
        if (clause.time || clause.until !== undefined) this.end(phrase.from);
        this.clause.turn = true;
        return;
      case 'move':
      case 'stop-cooking':
        if (clause.time) this.end(phrase.from);
        return;
      case 'per-side':
        // "turn each minute".
        if (clause.turn && this.coming?.is === 'time' && clause.every === undefined) {
          clause.next = 'every';
        } else clause.perSide = true;
        return;
      case 'each-of':
        clause.next = 'each-of';
        return;
      case 'sides':
        // "four sides": the number before it counts them.
        if (clause.sides === undefined) clause.sides = clause.numbers.pop()?.phrase.least;
        if (clause.sides === undefined) {
          clause.next = undefined;
          this.settler.refuse(this.said, 'how many sides? four sides would be right');
        }
        return;
      case 'second-side':
      case 'skin-up':
        // A side that is named before its time belongs to a new step.
        if (clause.time && clause.second) this.end(phrase.from);
        this.clause.second = true;
        return;
      case 'first-side':
      case 'skin-down':
        return;
      case 'every':
        clause.next = 'every';
        return;
      case 'until':
        // "56 in the middle": the core's heat came before.
        if (clause.until === undefined) clause.next = 'until';
        return;
      case 'to':
        if (clause.heat !== undefined && !clause.down && !clause.heatsUp) clause.next = 'until';
        return;
      case 'before':
        clause.before ||= clause.time !== undefined && !clause.named;
        return;
      case 'after':
        clause.after = clause.time === undefined;
        return;
      case 'cold-pan':
        clause.cold = true;
        clause.place ??= 'pan';
        return;
      default:
    }
  }

  /** "6 min turning every 45 s": it is turned during the time before it. */
  private isTurning(phrase: Phrase): boolean {
    return /ing$/i.test(this.text.slice(phrase.from, phrase.to)) && this.clause.time !== undefined;
  }

  /** Ends the step, and keeps its place for the next: "oven 8 min 2 min". */
  private endKeeping(at: number): void {
    const { place, named } = this.clause;
    this.end(at);
    this.clause.place = place;
    this.clause.named = named;
  }

  private end(at: number): void {
    this.settler.end(this.clause, at);
    this.clause = new Clause(at);
  }
}

/**
 * Reads the steps of a text: sides, turns, ovens, rests, ends by the core. What is not understood is listed.
 * @param text at most 10,000 characters
 */
export const readSteps = (
  text: string,
  { scale = 'c', isLine = false, language = 'en' }: ReadOptions = {},
): ReadSteps => new StepReader(text, scale, isLine).read(language);
