import { EmbeddedActionsParser, EOF, Lexer, type IToken } from 'chevrotain';
import type { HeatScale } from '../plan/ownSteps';
import type { Phrase, Span } from './phrase';
import {
  Amount,
  And,
  AttachedInch,
  Article,
  Between,
  Celsius,
  Clock,
  Comma,
  Dash,
  Degree,
  DoublePrime,
  Fahrenheit,
  Fraction,
  GasMark,
  Half,
  Length,
  numberOf,
  NumberWord,
  Or,
  Prime,
  Quarter,
  secondsOf,
  Stop,
  Times,
  TimeUnit,
  To,
  type Vocabulary,
  Weight,
  UnknownSign,
  UnknownWord,
  VulgarFraction,
  Word,
} from './tokens';

const VULGAR: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
};
/** C of the gas marks; below 1 they are a half and a quarter. The usual table of ovens. */
const GAS_MARKS = [110, 140, 150, 170, 180, 190, 200, 220, 230, 240] as const;
const gasCelsius = (mark: number): number => GAS_MARKS[Math.round(mark)] ?? NaN;

export const celsiusOf = (figure: number, scale: HeatScale): number =>
  scale === 'f' ? ((figure - 32) * 5) / 9 : figure;

interface Range {
  readonly least: number;
  readonly most: number;
}

const spanOf = (first: IToken, last: IToken): Span => ({
  from: first.startOffset,
  to: last.startOffset + last.image.length,
});

/** A vocabulary, and what the grammar needs of it. */
export interface GrammarOf<Code extends string> extends Vocabulary<Code> {
  /** The codes of "to", and of words without a meaning of their own. */
  readonly to: Code;
  readonly filler: Code;
  /** Double primes are inches; absent: seconds. */
  readonly inches?: true | undefined;
}

/** Metres and kilograms of the units, by how they begin. */
const METRES: readonly (readonly [RegExp, number])[] = [
  [/^mm|^milli/i, 0.001],
  [/^c/i, 0.01],
  [/^in|^["′″”]/i, 0.0254],
];
const KILOGRAMS: readonly (readonly [RegExp, number])[] = [
  [/^k/i, 1],
  [/^g/i, 0.001],
  [/^lb|^pound/i, 0.453592],
  [/^o/i, 0.0283495],
];
const unitOf = (table: readonly (readonly [RegExp, number])[], image: string): number =>
  table.find(([name]) => name.test(image))?.[1] ?? NaN;

/**
 * The grammar of quantities: numbers, ranges, times, heats. Any text is parsed: what has no meaning becomes a phrase of its
 * own.
 */
class PhraseParser<Code extends string> extends EmbeddedActionsParser {
  constructor(private readonly vocabulary: GrammarOf<Code>) {
    super([...vocabulary.tokens], { maxLookahead: 3, recoveryEnabled: false });
    this.performSelfAnalysis();
  }

  private one = (): IToken => this.LA(0);

  /** `1`, `1½`, `1 1/2`, `½`, `one`, `one and a half`. */
  private readonly figure = this.RULE('figure', (): number =>
    this.OR([
      { ALT: () => this.SUBRULE(this.fraction) },
      {
        ALT: () => {
          const whole = this.OR1([
            { ALT: () => Number(this.CONSUME(Amount).image.replace(',', '.')) },
            {
              ALT: () => {
                const { tokenType } = this.CONSUME(NumberWord);
                return this.ACTION(() => numberOf(tokenType));
              },
            },
          ]);
          const part = this.OPTION(() => this.SUBRULE1(this.fraction));
          const half = this.OPTION1({
            GATE: () => this.LA(2).tokenType === Article && this.LA(3).tokenType === Half,
            DEF: () => {
              this.CONSUME(And);
              this.CONSUME(Article);
              this.CONSUME(Half);
              return 0.5;
            },
          });
          return whole + (part ?? 0) + (half ?? 0);
        },
      },
    ]),
  );

  private readonly fraction = this.RULE('fraction', (): number =>
    this.OR([
      {
        ALT: () => {
          const [above, below] = this.CONSUME(Fraction).image.split('/');
          return Number(above) / Number(below);
        },
      },
      { ALT: () => VULGAR[this.CONSUME(VulgarFraction).image] ?? 0 },
    ]),
  );

  /** `6`, `6-8`, `6 to 8`, `6 or 8`, `between 6 and 8`. */
  private readonly range = this.RULE('range', (): Range =>
    this.OR([
      {
        ALT: () => {
          this.CONSUME(Between);
          const least = this.SUBRULE(this.figure);
          this.CONSUME(And);
          const most = this.SUBRULE1(this.figure);
          return { least, most };
        },
      },
      {
        ALT: () => {
          const least = this.SUBRULE2(this.figure);
          const most = this.OPTION({
            GATE: () => this.isFigure(2),
            DEF: () => {
              this.OR1([
                { ALT: () => this.CONSUME(Dash) },
                { ALT: () => this.CONSUME(To) },
                { ALT: () => this.CONSUME(Or) },
              ]);
              return this.SUBRULE3(this.figure);
            },
          });
          return { least, most: most ?? least };
        },
      },
    ]),
  );

  private isFigure(at: number): boolean {
    const { tokenType } = this.LA(at);
    return (
      tokenType === Amount ||
      tokenType === Fraction ||
      tokenType === VulgarFraction ||
      (tokenType.CATEGORIES ?? []).includes(NumberWord)
    );
  }

  private isMeasure(at: number): boolean {
    const { tokenType } = this.LA(at);
    return tokenType === Weight || tokenType === Length || tokenType === AttachedInch;
  }

  private isUnit(at: number): boolean {
    return (this.LA(at).tokenType.CATEGORIES ?? []).includes(TimeUnit);
  }

  /** Rest of a time after its first unit: `and a half`, `15 min`, `and 30 seconds`. s to add. */
  private readonly rest = this.RULE('rest', (unit: number): number => {
    let more = 0;
    this.OPTION({
      GATE: () =>
        this.LA(1).tokenType === And &&
        this.LA(2).tokenType === Article &&
        (this.LA(3).tokenType === Half || this.LA(3).tokenType === Quarter),
      DEF: () => {
        this.CONSUME(And);
        this.CONSUME(Article);
        this.OR([
          {
            ALT: () => {
              this.CONSUME(Half);
              more += 0.5 * unit;
            },
          },
          {
            ALT: () => {
              this.CONSUME(Quarter);
              more += 0.25 * unit;
            },
          },
        ]);
      },
    });
    this.OPTION1({
      GATE: () => this.addsUnit(unit),
      DEF: () => {
        this.OPTION2(() => this.CONSUME1(And));
        const figure = this.SUBRULE(this.figure);
        const { tokenType } = this.CONSUME(TimeUnit);
        more += this.ACTION(() => figure * secondsOf(tokenType));
      },
    });
    this.OPTION3({
      GATE: () => this.addsFigure(unit),
      DEF: () => {
        more += (Number(this.CONSUME(Amount).image) * unit) / 60;
      },
    });
    return more;
  });

  /** Whether a figure without a unit counts the next smaller one: `6 min 30`, where nothing of it follows. */
  private addsFigure(unit: number): boolean {
    const { tokenType } = this.LA(2);
    const ends = tokenType === Comma || tokenType === Stop || tokenType === EOF;
    const figure = Number(this.LA(1).image);
    return unit > 1 && this.LA(1).tokenType === Amount && ends && figure >= 5 && figure < 60;
  }

  /** Whether a smaller unit follows: `1 h 15 min` is one time, `2 min 1 min` are two. */
  private addsUnit(unit: number): boolean {
    const at = this.LA(1).tokenType === And ? 2 : 1;
    return this.isFigure(at) && this.isUnit(at + 1) && secondsOf(this.LA(at + 1).tokenType) < unit;
  }

  /** The end of a range that has a unit at both ends: `45 s to 1 min`. s */
  private readonly longer = this.RULE('longer', (): number => {
    this.OR([
      { ALT: () => this.CONSUME(Dash) },
      { ALT: () => this.CONSUME(To) },
      { ALT: () => this.CONSUME(Or) },
    ]);
    const figure = this.SUBRULE(this.figure);
    const { tokenType } = this.CONSUME(TimeUnit);
    const unit = this.ACTION(() => secondsOf(tokenType));
    return figure * unit + this.SUBRULE(this.rest, { ARGS: [unit] });
  });

  /** A range with what it counts. */
  private readonly amount = this.RULE('amount', (scale: HeatScale): Phrase<Code> => {
    const first = this.LA(1);
    const { least, most } = this.SUBRULE(this.range);
    const made = this.OR([
      {
        ALT: (): Omit<Extract<Phrase, { is: 'time' }>, keyof Span> => {
          const { tokenType } = this.CONSUME(TimeUnit);
          const unit = this.ACTION(() => secondsOf(tokenType));
          const more = this.SUBRULE1(this.rest, { ARGS: [unit] });
          const longer = this.OPTION({
            GATE: () => this.isFigure(2) && this.isUnit(3),
            DEF: () => this.SUBRULE(this.longer),
          });
          return { is: 'time', least: least * unit + more, most: longer ?? most * unit + more };
        },
      },
      {
        ALT: () => {
          this.CONSUME(Prime);
          return { is: 'time' as const, least: least * 60, most: most * 60 };
        },
      },
      {
        ALT: () => {
          this.CONSUME(DoublePrime);
          return this.vocabulary.inches
            ? { is: 'length' as const, least: least * 0.0254, most: most * 0.0254 }
            : { is: 'time' as const, least, most };
        },
      },
      {
        ALT: () => {
          this.CONSUME(Celsius);
          return { is: 'heat' as const, least, most };
        },
      },
      {
        ALT: () => {
          this.CONSUME(Fahrenheit);
          return { is: 'heat' as const, least: celsiusOf(least, 'f'), most: celsiusOf(most, 'f') };
        },
      },
      {
        ALT: () => {
          this.CONSUME(Degree);
          return {
            is: 'heat' as const,
            least: celsiusOf(least, scale),
            most: celsiusOf(most, scale),
          };
        },
      },
      {
        ALT: () => {
          const unit = unitOf(METRES, this.CONSUME(Length).image);
          return { is: 'length' as const, least: least * unit, most: most * unit };
        },
      },
      {
        ALT: () => {
          const unit = unitOf(KILOGRAMS, this.CONSUME(Weight).image);
          return { is: 'weight' as const, least: least * unit, most: most * unit };
        },
      },
      {
        // `2 x 1 min`.
        GATE: () => this.isFigure(2) && this.isUnit(3),
        ALT: () => {
          this.CONSUME(Times);
          const figure = this.SUBRULE(this.figure);
          const { tokenType } = this.CONSUME1(TimeUnit);
          const seconds = this.ACTION(() => figure * secondsOf(tokenType));
          return { is: 'time' as const, least: seconds, most: seconds, count: least };
        },
      },
      { ALT: () => ({ is: 'number' as const, least, most }) },
    ]);
    return { ...made, ...spanOf(first, this.one()) };
  });

  /** `half a minute`, `half an hour`, `a minute and a half`, `an hour`, `a quarter of an hour`. */
  private readonly wordedTime = this.RULE('wordedTime', (): Phrase<Code> => {
    const first = this.LA(1);
    const share = this.OPTION(() =>
      this.OR([
        {
          ALT: () => {
            this.CONSUME(Half);
            return 0.5;
          },
        },
        {
          ALT: () => (/three/i.test(this.CONSUME(Quarter).image) ? 0.75 : 0.25),
        },
      ]),
    );
    this.CONSUME(Article);
    const { tokenType } = this.CONSUME(TimeUnit);
    const unit = this.ACTION(() => secondsOf(tokenType));
    const more = this.SUBRULE(this.rest, { ARGS: [unit] });
    const seconds = (share ?? 1) * unit + more;
    return { is: 'time', least: seconds, most: seconds, ...spanOf(first, this.one()) };
  });

  /** `an inch`, `an inch and a half`, `half an inch`. */
  private readonly wordedLength = this.RULE('wordedLength', (): Phrase<Code> => {
    const first = this.LA(1);
    const share = this.OPTION(() => {
      this.CONSUME(Half);
      return 0.5;
    });
    this.CONSUME(Article);
    const unit = unitOf(METRES, this.CONSUME(Length).image);
    const more = this.OPTION1({
      GATE: () => this.LA(2).tokenType === Article && this.LA(3).tokenType === Half,
      DEF: () => {
        this.CONSUME(And);
        this.CONSUME1(Article);
        this.CONSUME1(Half);
        return 0.5;
      },
    });
    const length = ((share ?? 1) + (more ?? 0)) * unit;
    return { is: 'length', least: length, most: length, ...spanOf(first, this.one()) };
  });

  private readonly clock = this.RULE('clock', (): Phrase<Code> => {
    const token = this.CONSUME(Clock);
    const seconds = token.image.split(':').reduce((sum, part) => 60 * sum + Number(part), 0);
    return { is: 'time', least: seconds, most: seconds, ...spanOf(token, token) };
  });

  private readonly gas = this.RULE('gas', (): Phrase<Code> => {
    const first = this.CONSUME(GasMark);
    const mark = this.SUBRULE(this.figure);
    const celsius = this.ACTION(() => gasCelsius(mark));
    return { is: 'heat', least: celsius, most: celsius, ...spanOf(first, this.one()) };
  });

  private readonly times = this.RULE('times', (): Phrase<Code> => {
    const first = this.CONSUME(Times);
    const count = this.SUBRULE(this.figure);
    return { is: 'times', count, ...spanOf(first, this.one()) };
  });

  private word(code: Code, token: IToken): Phrase<Code> {
    return { is: 'word', code, ...spanOf(token, token) };
  }

  private readonly phrase = this.RULE('phrase', (scale: HeatScale): Phrase<Code> =>
    this.OR([
      {
        GATE: () => this.LA(1).tokenType !== Between || this.isFigure(2),
        ALT: () => this.SUBRULE(this.amount, { ARGS: [scale] }),
      },
      {
        GATE: () =>
          this.LA(1).tokenType === Half || this.LA(1).tokenType === Quarter
            ? this.LA(2).tokenType === Article && this.isUnit(3)
            : this.isUnit(2),
        ALT: () => this.SUBRULE(this.wordedTime),
      },
      {
        GATE: () => this.LA(this.LA(1).tokenType === Half ? 3 : 2).tokenType === Length,
        ALT: () => this.SUBRULE(this.wordedLength),
      },
      { ALT: () => this.SUBRULE(this.clock) },
      {
        ALT: () => {
          const token = this.CONSUME(TimeUnit);
          const seconds = this.ACTION(() => secondsOf(token.tokenType));
          return this.ACTION((): Phrase<Code> => ({
            ...{ is: 'time', least: seconds, most: seconds, unit: true },
            ...spanOf(token, token),
          }));
        },
      },
      { ALT: () => this.SUBRULE(this.gas) },
      {
        GATE: () => this.isFigure(2) && !this.isMeasure(3),
        ALT: () => this.SUBRULE(this.times),
      },
      // `2 x 250 g`: the figure before it counts.
      {
        GATE: () => this.isFigure(2) && this.isMeasure(3),
        ALT: () => this.word(this.vocabulary.filler, this.CONSUME(Times)),
      },
      {
        ALT: () => {
          const token = this.CONSUME(Word);
          return this.ACTION(() =>
            this.word(this.vocabulary.codeOf(token.tokenType) ?? this.vocabulary.filler, token),
          );
        },
      },
      { ALT: () => this.word(this.vocabulary.to, this.CONSUME(To)) },
      {
        ALT: () => {
          const token = this.OR1([
            { ALT: () => this.CONSUME(Or) },
            { ALT: () => this.CONSUME(And) },
            { ALT: () => this.CONSUME(Article) },
            { ALT: () => this.CONSUME(Dash) },
            { ALT: () => this.CONSUME(Between) },
          ]);
          return this.ACTION(() => this.word(this.vocabulary.filler, token));
        },
      },
      {
        ALT: () => {
          const token = this.CONSUME(Stop);
          return { is: 'stop' as const, ...spanOf(token, token) };
        },
      },
      {
        ALT: () => {
          const token = this.CONSUME(Comma);
          return { is: 'comma' as const, ...spanOf(token, token) };
        },
      },
      {
        ALT: () => {
          const token = this.OR2([
            { ALT: () => this.CONSUME(UnknownWord) },
            { ALT: () => this.CONSUME(UnknownSign) },
            { ALT: () => this.CONSUME(Celsius) },
            { ALT: () => this.CONSUME(Fahrenheit) },
            { ALT: () => this.CONSUME(Degree) },
            { ALT: () => this.CONSUME(Half) },
            { ALT: () => this.CONSUME(Quarter) },
            { ALT: () => this.CONSUME(Prime) },
            { ALT: () => this.CONSUME(DoublePrime) },
            { ALT: () => this.CONSUME1(Length) },
            { ALT: () => this.CONSUME1(Weight) },
            { ALT: () => this.CONSUME1(GasMark) },
            { ALT: () => this.CONSUME1(Times) },
          ]);
          return this.ACTION((): Phrase<Code> => ({ is: 'unknown', ...spanOf(token, token) }));
        },
      },
    ]),
  );

  readonly text = this.RULE('text', (scale: HeatScale): Phrase<Code>[] => {
    const phrases: Phrase<Code>[] = [];
    this.MANY(() => {
      const phrase = this.SUBRULE(this.phrase, { ARGS: [scale] });
      this.ACTION(() => phrases.push(phrase));
    });
    return phrases;
  });
}

/** A list's numbers at the start of its lines, or after a sentence, are not amounts. */
const withoutListMarks = (text: string): string =>
  text.replace(
    /(^|\n|[.;!](?=\s))([ \t]*(?:\d{1,2}[.)](?=\s+[a-z])|[-*•](?=\D)))/gi,
    (_, before: string, mark: string) => before + ' '.repeat(mark.length),
  );

/** Finds the phrases of a text, in its order. Every character is in one of them, but for white space. */
export type PhrasesOf<Code extends string> = (
  text: string,
  /** Of a heat that is said in degrees without a letter. */
  scale: HeatScale,
) => readonly Phrase<Code>[];

/** Makes the grammar of a vocabulary. */
export const grammarOf = <Code extends string>(vocabulary: GrammarOf<Code>): PhrasesOf<Code> => {
  const lexer = new Lexer([...vocabulary.tokens], {
    ensureOptimizations: true,
    positionTracking: 'onlyOffset',
  });
  const parser = new PhraseParser(vocabulary);
  return (text, scale) => {
    parser.input = lexer.tokenize(withoutListMarks(text)).tokens;
    return parser.text(scale);
  };
};
