import { EmbeddedActionsParser, EOF, type IToken, type TokenType } from 'chevrotain';
import type { HeatScale } from '../plan/legs/ownSteps';
import type { Phrase, Span } from './phrase';
import { celsiusOf, gasCelsius, KILOGRAMS, METRES, spanOf, unitOf, VULGAR } from './quantityUnits';
import {
  Amount,
  And,
  Article,
  AttachedInch,
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
  VulgarFraction,
  Weight,
} from './tokens';
import { VALIDATES_GRAMMARS } from './validatesGrammars';

interface Range {
  readonly least: number;
  readonly most: number;
}

/**
 * The grammar of quantities: figures, ranges, times, heats, lengths and weights. `amount` and the rules after it give a
 * phrase each.
 */
export abstract class QuantityParser extends EmbeddedActionsParser {
  /** @param inches true if double primes are inches, not seconds */
  constructor(
    tokens: readonly TokenType[],
    private readonly inches: boolean,
  ) {
    super([...tokens], {
      maxLookahead: 3,
      recoveryEnabled: false,
      skipValidations: !VALIDATES_GRAMMARS,
    });
  }

  protected one = (): IToken => this.LA(0);

  /** `1`, `1½`, `1 1/2`, `½`, `one`, `one and a half`. */
  protected readonly figure = this.RULE('figure', (): number =>
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

  protected readonly fraction = this.RULE('fraction', (): number =>
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
  protected readonly range = this.RULE('range', (): Range =>
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

  protected isFigure(at: number): boolean {
    const { tokenType } = this.LA(at);
    return (
      tokenType === Amount ||
      tokenType === Fraction ||
      tokenType === VulgarFraction ||
      (tokenType.CATEGORIES ?? []).includes(NumberWord)
    );
  }

  protected isMeasure(at: number): boolean {
    const { tokenType } = this.LA(at);
    return tokenType === Weight || tokenType === Length || tokenType === AttachedInch;
  }

  protected isUnit(at: number): boolean {
    return (this.LA(at).tokenType.CATEGORIES ?? []).includes(TimeUnit);
  }

  /** Rest of a time after its first unit: `and a half`, `15 min`, `and 30 seconds`. s to add. */
  protected readonly rest = this.RULE('rest', (unit: number): number => {
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

  /** Whether a figure without a unit counts the next smaller one: `6 min 30`, if no unit follows. */
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
  protected readonly longer = this.RULE('longer', (): number => {
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
  protected readonly amount = this.RULE('amount', (scale: HeatScale): Phrase<never> => {
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
          return this.inches
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
  protected readonly wordedTime = this.RULE('wordedTime', (): Phrase<never> => {
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
  protected readonly wordedLength = this.RULE('wordedLength', (): Phrase<never> => {
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

  protected readonly clock = this.RULE('clock', (): Phrase<never> => {
    const token = this.CONSUME(Clock);
    const seconds = token.image.split(':').reduce((sum, part) => 60 * sum + Number(part), 0);
    return { is: 'time', least: seconds, most: seconds, ...spanOf(token, token) };
  });

  protected readonly gas = this.RULE('gas', (): Phrase<never> => {
    const first = this.CONSUME(GasMark);
    const mark = this.SUBRULE(this.figure);
    const celsius = this.ACTION(() => gasCelsius(mark));
    return { is: 'heat', least: celsius, most: celsius, ...spanOf(first, this.one()) };
  });

  protected readonly times = this.RULE('times', (): Phrase<never> => {
    const first = this.CONSUME(Times);
    const count = this.SUBRULE(this.figure);
    return { is: 'times', count, ...spanOf(first, this.one()) };
  });
}
