import { PLAN_LIMITS } from '../plan/limits';
import { LONGEST_OVEN, LONGEST_PAN } from '../plan/longest';
import type { HeatScale } from '../plan/ownSteps';
import type { SaidSettings, SaidStep, SaidTime } from '../plan/saidStep';
import { ENGLISH_WORDS } from './englishWords';
import { celsiusOf, grammarOf } from './phraseParser';
import { WORD_CODES, type Phrase, type Span, type WordCode } from './phrase';
import { vocabularyOf } from './tokens';
import type { UnreadPart } from './unreadPart';

/** Phrases of cooking times. */
const phrasesOf = grammarOf({
  ...vocabularyOf(WORD_CODES.map((code) => [code, ENGLISH_WORDS[code]] as const)),
  ...{ to: 'to', filler: 'filler' },
});

/** A text as it was understood. */
export interface ReadSteps {
  readonly steps: readonly SaidStep[];
  readonly settings: SaidSettings;
  readonly unread: readonly UnreadPart[];
  /** What became neither a step nor a setting. */
  readonly leftOut: readonly string[];
}

export interface ReadOptions {
  /** Of a heat without a letter. */
  readonly scale?: HeatScale | undefined;
  /** A time without a place is in the pan, and a number without a unit is minutes: a line of steps says no more. */
  readonly isLine?: boolean | undefined;
}

/** Bounds of what is read: C. */
const OVEN = { least: PLAN_LIMITS.lowOven.least, most: PLAN_LIMITS.hotOven.most };
const CORE = { least: 30, most: 100 } as const;
/** A heat in the kitchen's own scale from which on a number beside an oven is a heat, not minutes. */
const LEAST_HEAT = { c: 50, f: 120 } as const;
/** Figures over this are hardly C: an oven, a core. */
const MOST_CELSIUS = { oven: 300, core: 90 } as const;

type Place = 'pan' | 'oven' | 'rest';
type Time = SaidTime;

/** What is gathered of a step until it ends. */
class Clause {
  to: number;
  place: Place | undefined = undefined;
  /** It was named by a verb or a place; absent: taken over or supposed. */
  named = false;
  time: Time | undefined = undefined;
  heat: number | undefined = undefined;
  until: number | undefined = undefined;
  every: Time | undefined = undefined;
  turn = false;
  perSide = false;
  sides: number | undefined = undefined;
  second = false;
  basted = false;
  butter = false;
  covered = false;
  down = false;
  up = false;
  heatsUp = false;
  tempers = false;
  ahead = false;
  other = false;
  /** Something of it was asked about: it is no step until that is answered. */
  asked = false;
  not = false;
  cold = false;
  /** The time before it is spent before the heat: "an hour before cooking". */
  before = false;
  /** Its turn comes at the end of its time: "flip after 3 minutes". */
  after = false;
  halfway = false;
  repeat = false;
  /** "Leave 5 min": in the pan, or to rest? */
  left = false;
  doneness = false;
  perSize = false;
  readonly unknown: string[] = [];
  /** The next heat is the core's, or the next time is that between turns. */
  next: 'until' | 'every' | 'each-of' | undefined = undefined;
  readonly numbers: { readonly phrase: Phrase & { readonly is: 'number' } }[] = [];

  constructor(readonly from: number) {
    this.to = from;
  }
}

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

const between = (value: number, { least, most }: { least: number; most: number }): boolean =>
  value >= least - 1e-9 && value <= most + 1e-9;
const inFahrenheit = (celsius: number): number => Math.round((celsius * 9) / 5 + 32);
const heatsFrom = ({ least, most }: { least: number; most: number }): string =>
  `${least} to ${most} C, or ${inFahrenheit(least)} to ${inFahrenheit(most)} F, would be right`;
const timesTo = (longest: number): string =>
  `a time from 1 s to ${longest / 3600} h would be right`;

const TOO_SOON = 'a turn after its first side would be right';
const ENDS_BY_CORE = 'the step before it ends by the core';
const PLACE_WANTED = 'a place, such as the pan, the oven or the rest, would be right';
const UNKNOWN = 'this word is not known here';
const NO_TIME = 'times and heats are read here: say the size in the sentence above';
const IS_IT_TURNED = 'is it turned between them? a turn between two times would be right';
const IN_PAN_OR_REST = 'in the pan, or to rest? one of them would be right';
const WHICH_HEAT = 'is it an oven, or the pan? one of them would be right';
const NO_PLACE = 'a time or a heat that belongs to it would be right';

const timesTwo = ({ least, most }: SaidTime): SaidTime => ({ least: 2 * least, most: 2 * most });
const mean = ({ least, most }: { least: number; most: number }): number => (least + most) / 2;

class StepReader {
  private readonly steps: SaidStep[] = [];
  private settings: SaidSettings = {};
  private readonly unread: UnreadPart[] = [];
  private clause: Clause = new Clause(0);
  /** The place of the step before. */
  private last: Place | undefined;
  private pan: number | undefined;
  private readonly left: { readonly text: string; readonly to: number }[] = [];
  /** The clause that ends has changed a step before it. */
  private added = false;
  /** A time was given for a doneness by name. */
  private forDoneness = false;
  private phrases: readonly Phrase[] = [];
  /** The phrase after the one that is being read. */
  private at = 0;
  /** Sides that were counted before their time: "on all four sides, 2 minutes each". */
  private sides: number | undefined;

  constructor(
    private readonly text: string,
    private readonly scale: HeatScale,
    private readonly isLine: boolean,
  ) {}

  read(): ReadSteps {
    let unknown: { from: number; to: number } | undefined;
    const tellUnknown = (): void => {
      if (unknown) this.clause.unknown.push(this.text.slice(unknown.from, unknown.to));
      unknown = undefined;
    };
    this.phrases = phrasesOf(this.text, this.scale);
    for (const phrase of this.phrases) {
      this.at += 1;
      if (phrase.is === 'unknown') {
        const said = this.text.slice(phrase.from, phrase.to);
        if (said === '/' && this.isBetweenTimes) this.ask(phrase, IS_IT_TURNED, [', turn, ', ', ']);
        // Signs between words are not words.
        if (!/[\p{L}\p{N}]/u.test(said)) continue;
        unknown = { from: unknown?.from ?? phrase.from, to: phrase.to };
        continue;
      }
      if (phrase.is !== 'word' || phrase.code !== 'filler') tellUnknown();
      this.take(phrase);
      this.clause.to = phrase.to;
    }
    tellUnknown();
    this.end(this.text.length);
    const { steps, settings, unread } = this;
    return { steps, settings, unread, leftOut: this.left.map(({ text }) => text) };
  }

  private refuse(text: string, why: string): void {
    this.unread.push({ text: text.trim(), why });
  }

  /** Asks which of several meanings a part has. */
  private ask({ from, to }: Span, why: string, instead: readonly string[]): void {
    this.unread.push({ text: this.text.slice(from, to), why, asks: { from, instead } });
  }

  /** Asks about the clause: each answer is made of its words. */
  private askClause(why: string, answers: (said: string) => readonly string[]): void {
    const { said } = this;
    const from = this.text.indexOf(said, this.clause.from);
    this.ask({ from, to: from + said.length }, why, answers(said));
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
    return this.text
      .slice(this.clause.from, this.clause.to)
      .replace(/^[\s,.;:]+/, '')
      .trimEnd();
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
        this.refuse(this.text.slice(phrase.from, phrase.to), NO_TIME);
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
      if (between(celsius, CORE)) clause.until = celsius;
      else this.refuse(this.text.slice(phrase.from, phrase.to), `a core of ${heatsFrom(CORE)}`);
      return;
    }
    // A second heat of an oven that has one is the core's where it can be: "oven 120 to 52".
    if (clause.heat !== undefined && between(celsius, CORE)) clause.until = celsius;
    else if (clause.heat === undefined) clause.heat = celsius;
    else this.refuse(this.text.slice(phrase.from, phrase.to), NO_PLACE);
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
        this.ask(phrase, `is it ${least} F? ${least} F, or a core in C, would be right`, [
          `${least} F`,
        ]);
        return;
      }
      this.takeHeat(celsiusOf((least + most) / 2, scale), phrase);
      return;
    }
    const core = celsiusOf(least, scale);
    if (inOven && clause.heat !== undefined && clause.until === undefined && between(core, CORE)) {
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
        this.ask(
          phrase,
          `is it ${least} F? ${least} F, or ${OVEN.least} to ${OVEN.most} C, would be right`,
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
    // "1 hour roasting": what goes on during the time before it.
    const isNoun = code === 'rest-verb' && this.endsHere;
    const goesOn =
      !clause.named && (isNoun || /ing$/i.test(this.text.slice(phrase.from, phrase.to)));
    if (verb !== undefined) {
      if (clause.before) return;
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
      return;
    }
    const noun = NOUNS[code];
    if (noun !== undefined) {
      if (code === 'board' && clause.place !== 'rest') return;
      if (clause.time && clause.named && clause.place !== noun) this.end(phrase.from);
      const now = this.clause;
      if (now.place !== 'rest') now.place = noun;
      now.named = true;
      // A number before an oven is its heat: "200 oven".
      const [number] = now.numbers;
      if (
        noun === 'oven' &&
        number &&
        now.heat === undefined &&
        !this.isBareMinutes(number.phrase)
      ) {
        now.numbers.shift();
        this.takeNumber(number.phrase);
      }
      return;
    }
    switch (code) {
      case 'turn':
        if (this.isTurning(phrase)) {
          clause.turn = true;
          return;
        }
        if (clause.time || clause.until !== undefined) this.end(phrase.from);
        this.clause.turn = true;
        return;
      case 'butter':
        clause.butter = true;
        return;
      case 'move':
      case 'stop-cooking':
        if (clause.time) this.end(phrase.from);
        return;
      case 'heat-up':
        if (clause.time) this.end(phrase.from);
        this.clause.heatsUp = true;
        return;
      case 'burner-down':
      case 'burner-up':
        if (clause.time) this.end(phrase.from);
        if (code === 'burner-down') this.clause.down = true;
        else this.clause.up = true;
        return;
      case 'cover':
        this.clause.covered = true;
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
          this.refuse(this.said, 'how many sides? four sides would be right');
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
      case 'halfway':
        clause.halfway = true;
        return;
      case 'leave':
        if (clause.time) this.end(phrase.from);
        this.clause.left = true;
        return;
      case 'repeat':
        if (clause.time) this.end(phrase.from);
        this.clause.repeat = true;
        return;
      case 'doneness':
        clause.doneness = true;
        return;
      case 'per-size':
        clause.perSize = true;
        return;
      case 'temper':
        clause.tempers = true;
        return;
      case 'salt':
      case 'dry':
        clause.ahead = true;
        return;
      case 'other':
        clause.other = true;
        return;
      case 'not':
        clause.not = true;
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
    const { clause, steps, unread } = this;
    const before = steps.length;
    const told = unread.length;
    const settings = this.settings;
    this.settle(clause);
    const used = steps.length > before || this.settings !== settings || this.added;
    this.added = false;
    // A recipe has many words of other things: they are told where they stand beside a step.
    if (this.isLine || steps.length > before) {
      for (const text of clause.unknown) this.refuse(text, UNKNOWN);
    }
    const said = this.text.slice(clause.from, at).trim();
    if (!used && unread.length === told && /[a-z]/i.test(said)) this.leaveOut(said, clause.from);
    this.clause = new Clause(at);
  }

  /** Keeps what became no step: parts that follow each other as one. */
  private leaveOut(text: string, from: number): void {
    const last = this.left.at(-1);
    if (last?.to === from)
      this.left[this.left.length - 1] = { text: `${last.text} ${text}`, to: from + text.length };
    else this.left.push({ text, to: from + text.length });
  }

  /** A number without a unit is minutes, where a time is missing. */
  private numbersAsTimes(clause: Clause): void {
    for (const { phrase } of clause.numbers) {
      const { least, most } = phrase;
      const couldBe = clause.time === undefined && (this.isLine || clause.place !== undefined);
      if (couldBe && clause.until === undefined) {
        clause.time = { least: 60 * least, most: 60 * most };
      } else if (this.isLine || clause.named) {
        this.refuse(this.text.slice(phrase.from, phrase.to), NO_PLACE);
      }
    }
  }

  private settle(clause: Clause): void {
    if (clause.cold) this.settings = { ...this.settings, startsCold: true };
    if (clause.heatsUp || clause.tempers || clause.ahead || clause.before) {
      if (!this.isStepAfterAll(clause)) {
        this.settleBefore(clause);
        return;
      }
    }
    if (clause.next === 'until' && this.isLine) {
      this.refuse(this.said, 'a core temperature to end at, or a time, would be right');
    }
    this.numbersAsTimes(clause);
    const { place = this.placeSupposed(clause), time, until } = clause;
    const nothing = time === undefined && until === undefined;
    if (clause.not && (!nothing || clause.turn)) {
      this.refuse(this.said, 'what is not done is no step');
      return;
    }
    if (clause.other && !clause.basted) {
      if (!nothing) this.refuse(this.said, 'only the piece itself in a pan or an oven is planned');
      return;
    }
    if (clause.asked) return;
    clause.basted ||= clause.butter && !clause.named;
    if (clause.halfway && clause.turn) {
      this.refuse(this.said, 'two times with a turn between them would be right');
    } else if (clause.turn && clause.every === undefined && !clause.after) this.turn();
    if (clause.repeat) this.repeat();
    if (nothing) {
      this.keepHeat(clause, place);
      this.addToLast(clause);
      if (clause.sides !== undefined) this.sides = clause.sides;
      return;
    }
    if (place === undefined) {
      const last = this.steps.at(-1);
      const byCore = last !== undefined && 'until' in last && last.until !== undefined;
      this.refuse(this.said, byCore ? ENDS_BY_CORE : PLACE_WANTED);
      return;
    }
    if (clause.left && !clause.named && this.steps.at(-1)?.do === 'pan') {
      this.askClause(IN_PAN_OR_REST, (said) =>
        ['rest', 'in the pan'].map((place) => said.replace(/leave to stand|leave|left/i, place)),
      );
      return;
    }
    // A heat of a low oven, and no place: no pan sears at it.
    if (place === 'pan' && !clause.named && clause.heat !== undefined && this.isOvenHeat(clause)) {
      this.askClause(WHICH_HEAT, (said) => [`oven ${said}`, `pan ${said}`]);
      return;
    }
    if (clause.second && this.last !== undefined) this.turn(true);
    if (clause.perSize) {
      this.refuse(this.said, 'a time for this piece would be right');
      return;
    }
    if (clause.doneness && this.forDoneness) {
      this.refuse(this.said, 'a time for one doneness would be right');
      return;
    }
    this.forDoneness ||= clause.doneness;
    this.add(clause, place, time, until);
    if (clause.turn && clause.after) this.turn();
    this.last = place;
  }

  private isOvenHeat({ heat, down, turn, perSide }: Clause): boolean {
    const inPan = down || turn || perSide;
    return heat !== undefined && heat <= PLAN_LIMITS.lowOven.most && !inPan;
  }

  /** "Flip and repeat": the last side once more. */
  private repeat(): void {
    const side = this.steps.findLast(({ do: does }) => does === 'pan');
    if (!side) return;
    this.turn(true);
    this.steps.push(side);
  }

  /** Salted and seared in one sentence: a step of the heat with its own verb and time. */
  private isStepAfterAll(clause: Clause): boolean {
    return (
      clause.ahead &&
      !clause.tempers &&
      !clause.heatsUp &&
      clause.named &&
      clause.time !== undefined
    );
  }

  private placeSupposed(clause: Clause): Place | undefined {
    if (clause.after && this.last !== undefined) return this.last;
    if (clause.down || clause.up || clause.turn || clause.perSide || clause.second) return 'pan';
    if (clause.every || clause.sides !== undefined) return 'pan';
    if (!this.isLine) return undefined;
    return 'pan';
  }

  /** A heat without a time: the oven's or the pan's for what follows. */
  private keepHeat(clause: Clause, place: Place | undefined): void {
    const { heat } = clause;
    if (clause.down && heat !== undefined) this.pan = heat;
    else if (heat !== undefined && place === 'oven') {
      this.settings = { ...this.settings, oven: heat };
    } else if (heat !== undefined && place === 'pan' && clause.named) {
      this.settings = { ...this.settings, pan: heat };
    } else if (heat !== undefined && this.isLine) this.refuse(this.said, NO_PLACE);
    if ((clause.down || clause.up) && heat === undefined && this.isLine) this.askHeat();
    else if (
      clause.named &&
      heat === undefined &&
      this.isLine &&
      place !== 'rest' &&
      !clause.turn &&
      !this.bastesLast(clause)
    ) {
      this.refuse(this.said, 'how long? a time, or a core temperature to end at, would be right');
    }
  }

  private askHeat(): void {
    this.refuse(this.said, `to which heat? a pan of ${heatsFrom(PLAN_LIMITS.pan)}`);
  }

  /** Basting without a time of its own goes on during the step before it. */
  private bastesLast({ basted }: Clause): boolean {
    return basted && this.steps.at(-1)?.do === 'pan';
  }

  /** Adds words that follow their step: "8 min, turning every minute", "rest 10 min, tented". */
  private addToLast(clause: Clause): void {
    const { every, covered } = clause;
    const last = this.steps.at(-1);
    if (last?.do === 'pan' && this.bastesLast(clause)) {
      this.steps[this.steps.length - 1] = { ...last, basted: true };
      this.added = true;
    }
    if (every) {
      if (last?.do === 'pan' && last.every === undefined) {
        this.steps[this.steps.length - 1] = { ...last, every: every.least };
        this.added = true;
      } else this.refuse(this.said, 'how long it is turned so would be right beside it');
    }
    if (covered && last?.do === 'rest') {
      this.steps[this.steps.length - 1] = { ...last, covered };
      this.added = true;
    }
  }

  private settleBefore(clause: Clause): void {
    const { heat, place, time } = clause;
    if (clause.heatsUp && heat !== undefined) {
      if (place === 'pan') this.settings = { ...this.settings, pan: heat };
      else this.settings = { ...this.settings, oven: heat };
    }
    const number = clause.numbers.at(0)?.phrase;
    if (clause.heatsUp && heat === undefined && number && number.least >= LEAST_HEAT[this.scale]) {
      const celsius = celsiusOf(number.least, this.scale);
      this.settings = { ...this.settings, [place === 'pan' ? 'pan' : 'oven']: celsius };
    }
    if ((clause.tempers || clause.before) && time)
      this.settings = { ...this.settings, temper: time.least };
    else if (clause.ahead && time) this.settings = { ...this.settings, ahead: time.least };
  }

  private turn(unlessTurned = false): void {
    const before = this.steps.at(-1);
    if (before === undefined || this.steps.every((step) => step.do === 'rest')) {
      if (!unlessTurned) this.refuse('turn', TOO_SOON);
      return;
    }
    if (before.do === 'turn' && unlessTurned) return;
    this.steps.push({ do: 'turn' });
  }

  private add(
    clause: Clause,
    place: Place,
    time: Time | undefined,
    until: number | undefined,
  ): void {
    const longest = place === 'oven' ? LONGEST_OVEN : LONGEST_PAN;
    if (time && (time.least < 1 || time.most > longest || time.most < time.least)) {
      this.refuse(this.said, timesTo(longest));
      return;
    }
    const { heat } = clause;
    if (place === 'rest') {
      if (!time) return;
      this.steps.push({ do: 'rest', time, ...(clause.covered ? { covered: true } : {}) });
      return;
    }
    const limits = place === 'oven' ? OVEN : PLAN_LIMITS.pan;
    if (heat !== undefined && !between(heat, limits)) {
      this.refuse(this.said, heatsFrom(limits));
      return;
    }
    const ends = until === undefined ? {} : { until };
    if (place === 'oven') {
      const air = heat ?? this.settings.oven;
      this.steps.push({
        ...{ do: 'oven', ...ends },
        ...(time ? { time } : {}),
        ...(air === undefined ? {} : { air }),
      });
      return;
    }
    if ((clause.down || clause.up) && heat === undefined) this.askHeat();
    if (clause.down && heat !== undefined) this.pan = heat;
    this.addInPan(clause, time, until, heat ?? this.pan);
  }

  private addInPan(
    clause: Clause,
    time: Time | undefined,
    until: number | undefined,
    pan: number | undefined,
  ): void {
    const base = {
      ...(pan === undefined ? {} : { pan }),
      ...(clause.basted ? { basted: true as const } : {}),
    };
    const every = clause.every?.least;
    if (every !== undefined) {
      if (time || until !== undefined) {
        const ends = until === undefined ? {} : { until };
        const total = time && clause.perSide ? timesTwo(time) : time;
        const lasts = until === undefined && total ? { time: total } : {};
        this.steps.push({ do: 'pan', ...lasts, ...ends, every, ...base });
      }
      return;
    }
    if (until !== undefined) {
      // "4 min per side until 52": turned so often until then.
      const turned = clause.perSide && time ? { every: time.least } : {};
      if (time && !clause.perSide) this.steps.push({ do: 'pan', time, ...base });
      this.steps.push({ do: 'pan', until, ...turned, ...base });
      return;
    }
    if (!time) return;
    const sides = clause.perSide ? (this.sides ?? clause.sides ?? 2) : (clause.sides ?? 1);
    this.sides = undefined;
    for (let side = 0; side < sides; side += 1) {
      if (side > 0) this.steps.push({ do: 'turn' });
      this.steps.push({ do: 'pan', time, ...base });
    }
  }
}

/**
 * Reads the steps of a text: sides, turns, ovens, rests, ends by the core. What is not understood is listed.
 * @param text at most 10,000 characters
 */
export const readSteps = (
  text: string,
  { scale = 'c', isLine = false }: ReadOptions = {},
): ReadSteps => new StepReader(text, scale, isLine).read();
