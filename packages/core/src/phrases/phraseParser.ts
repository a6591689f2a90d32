import { Lexer, type IToken } from 'chevrotain';
import type { HeatScale } from '../plan/legs/ownSteps';
import type { Phrase } from './phrase';
import { QuantityParser } from './quantityParser';
import { spanOf } from './quantityUnits';
import { VALIDATES_GRAMMARS } from './validatesGrammars';
import {
  And,
  Article,
  Between,
  Celsius,
  Comma,
  Dash,
  Degree,
  DoublePrime,
  Fahrenheit,
  GasMark,
  Half,
  Length,
  Or,
  Prime,
  Quarter,
  secondsOf,
  Stop,
  Times,
  TimeUnit,
  To,
  UnknownSign,
  UnknownWord,
  type Vocabulary,
  Weight,
  Word,
} from './tokens';

/** Vocabulary of a grammar, with the codes that the grammar itself uses. */
export interface GrammarOf<Code extends string> extends Vocabulary<Code> {
  /** The codes of "to", and of words without a meaning of their own. */
  readonly to: Code;
  readonly filler: Code;
  /** True if double primes are inches; default: seconds. */
  readonly inches?: true | undefined;
}

/**
 * Grammar of phrases: quantities and words. Any text is parsed: a part without a meaning becomes a separate phrase.
 */
class PhraseParser<Code extends string> extends QuantityParser {
  constructor(private readonly vocabulary: GrammarOf<Code>) {
    super(vocabulary.tokens, vocabulary.inches === true);
    this.performSelfAnalysis();
  }

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

/** Finds the phrases of a text, in its order. Every character except white space belongs to one phrase. */
export type PhrasesOf<Code extends string> = (
  text: string,
  /** Of a heat that is said in degrees without a letter. */
  scale: HeatScale,
) => readonly Phrase<Code>[];

/** Makes the grammar of a vocabulary. */
export const grammarOf = <Code extends string>(vocabulary: GrammarOf<Code>): PhrasesOf<Code> => {
  const lexer = new Lexer([...vocabulary.tokens], {
    ensureOptimizations: true,
    skipValidations: !VALIDATES_GRAMMARS,
    positionTracking: 'onlyOffset',
  });
  const parser = new PhraseParser(vocabulary);
  return (text, scale) => {
    parser.input = lexer.tokenize(withoutListMarks(text)).tokens;
    return parser.text(scale);
  };
};
