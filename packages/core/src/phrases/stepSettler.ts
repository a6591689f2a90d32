import { PLAN_LIMITS } from '../plan/request/limits';
import { LONGEST_OVEN, LONGEST_PAN } from '../plan/legs/longest';
import type { HeatScale } from '../plan/legs/ownSteps';
import type { SaidSettings, SaidStep, SaidTime } from '../plan/ownTimes/saidStep';
import {
  Clause,
  heatsFrom,
  isWithin,
  LEAST_HEAT,
  NO_PLACE,
  OVEN_HEAT,
  saidIn,
  type Place,
} from './clause';
import type { Span } from './phrase';
import { celsiusOf } from './quantityUnits';
import type { UnreadPart } from './unreadPart';

const timesTo = (longest: number): string =>
  `a time from 1 s to ${longest / 3600} h would be right`;
const TOO_SOON = 'a turn after its first side would be right';
const ENDS_BY_CORE = 'the step before it ends by the core';
const PLACE_WANTED = 'a place, such as the pan, the oven or the rest, would be right';
const UNKNOWN = 'this word is not known here';
const IN_PAN_OR_REST = 'in the pan, or to rest? Choose one';
const WHICH_HEAT = 'an oven, or the pan? Choose one';

const timesTwo = ({ least, most }: SaidTime): SaidTime => ({ least: 2 * least, most: 2 * most });

/** Makes steps and settings of gathered clauses, and keeps what was not understood or used. */
export class StepSettler {
  readonly steps: SaidStep[] = [];
  settings: SaidSettings = {};
  readonly unread: UnreadPart[] = [];
  /** The place of the step before. */
  private last: Place | undefined;
  private pan: number | undefined;
  private readonly left: { readonly text: string; readonly to: number }[] = [];
  /** The clause that ends has changed a step before it. */
  private added = false;
  /** A time was given for a doneness by name. */
  private forDoneness = false;
  /** Sides that were counted before their time: "on all four sides, 2 minutes each". */
  private sides: number | undefined;
  /** The last step that has a time for each side, its sides, and the number of steps up to its end. */
  private each:
    { readonly step: SaidStep; readonly sides: number; readonly to: number } | undefined;
  private clause = new Clause(0);

  /** @param isLine a line of steps, not a recipe: a time without a place is in the pan, and a bare number is minutes */
  constructor(
    private readonly text: string,
    private readonly scale: HeatScale,
    private readonly isLine: boolean,
  ) {}

  /** Words that became neither a step nor a setting. */
  get leftOut(): readonly string[] {
    return this.left.map(({ text }) => text);
  }

  private get said(): string {
    return saidIn(this.text, this.clause);
  }

  refuse(text: string, why: string): void {
    this.unread.push({ text: text.trim(), why });
  }

  /** Asks which of several meanings a part has. */
  ask({ from, to }: Span, why: string, instead: readonly string[]): void {
    this.unread.push({ text: this.text.slice(from, to), why, asks: { from, instead } });
  }

  /** Asks about the clause: each answer is made of its words. */
  private askClause(why: string, answers: (said: string) => readonly string[]): void {
    const { said } = this;
    const from = this.text.indexOf(said, this.clause.from);
    this.ask({ from, to: from + said.length }, why, answers(said));
  }
  /** Makes a step or a setting of a clause that ends. */
  end(clause: Clause, at: number): void {
    const { steps, unread } = this;
    this.clause = clause;
    const stepsBefore = steps.length;
    const unreadBefore = unread.length;
    const settings = this.settings;
    this.settle(clause);
    const used = steps.length > stepsBefore || this.settings !== settings || this.added;
    this.added = false;
    // A recipe has many words on other subjects: those beside a step are reported.
    if (this.isLine || steps.length > stepsBefore) {
      for (const text of clause.unknown) this.refuse(text, UNKNOWN);
    }
    const said = this.text.slice(clause.from, at).trim();
    if (!used && unread.length === unreadBefore && /[a-z]/i.test(said))
      this.leaveOut(said, clause.from);
  }
  /** Keeps what became no step: parts that follow each other as one. */
  private leaveOut(text: string, from: number): void {
    const last = this.left.at(-1);
    if (last?.to === from)
      this.left[this.left.length - 1] = { text: `${last.text} ${text}`, to: from + text.length };
    else this.left.push({ text, to: from + text.length });
  }

  /** Whether a number without a unit is the heat of an oven or a pan. */
  private hasHeat({ numbers, until, down }: Clause): boolean {
    const [number, ...others] = numbers;
    if (!number || others.length > 0 || until !== undefined || down) return false;
    const { least, most } = number.phrase;
    const celsius = celsiusOf(least, this.scale);
    return least === most && least >= LEAST_HEAT[this.scale] && isWithin(celsius, OVEN_HEAT);
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
    // "10 min at 220": a time at a heat, and no place.
    if (this.isLine && !clause.named && clause.time && this.hasHeat(clause)) {
      this.askClause(WHICH_HEAT, (said) => [`oven ${said}`, `pan ${said}`]);
      return;
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
      if (clause.sides !== undefined) this.countSides(clause.sides);
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

  /** A temperature without a time: the oven's or the pan's for the steps that follow. */
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

  /** Basting without a time applies to the step before it. */
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
    time: SaidTime | undefined,
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
    const limits = place === 'oven' ? OVEN_HEAT : PLAN_LIMITS.pan;
    if (heat !== undefined && !isWithin(heat, limits)) {
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
    time: SaidTime | undefined,
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
      // "4 min per side until 52": turned at this interval until then.
      const turned = clause.perSide && time ? { every: time.least } : {};
      if (time && !clause.perSide) this.steps.push({ do: 'pan', time, ...base });
      this.steps.push({ do: 'pan', until, ...turned, ...base });
      return;
    }
    if (!time) return;
    const sides = clause.perSide ? (this.sides ?? clause.sides ?? 2) : (clause.sides ?? 1);
    this.sides = undefined;
    this.pushSides({ do: 'pan', time, ...base }, sides);
    if (clause.perSide)
      this.each = { step: { do: 'pan', time, ...base }, sides, to: this.steps.length };
  }

  private pushSides(step: SaidStep, sides: number): void {
    for (let side = 0; side < sides; side += 1) {
      if (side > 0) this.steps.push({ do: 'turn' });
      this.steps.push(step);
    }
  }

  /** Sides that are counted by themselves: of the step before, where it has a time for each, else of the next one. */
  private countSides(sides: number): void {
    const { each, steps } = this;
    if (each?.to !== steps.length) {
      this.sides = sides;
      return;
    }
    steps.splice(steps.length - (2 * each.sides - 1));
    this.pushSides(each.step, sides);
    this.added = true;
  }
}
