import { PLAN_LIMITS, type Limit } from './limits';
import { LONGEST_OVEN, LONGEST_PAN } from './longest';

/** A step of a cook's own, as a recipe or a habit has it. Seconds and C. */
export type OwnStep =
  | {
      readonly do: 'pan';
      readonly seconds: number;
      /** Absent: the request's pan. */
      readonly pan?: number | undefined;
      /** Turned every so many seconds. */
      readonly every?: number | undefined;
    }
  | { readonly do: 'turn' }
  | {
      readonly do: 'oven';
      readonly seconds: number;
      /** Absent: the request's oven. */
      readonly air?: number | undefined;
    }
  | { readonly do: 'rest'; readonly seconds: number };

/** A part of a line that was not understood, and what would be. */
export interface UnreadPart {
  readonly text: string;
  readonly why: string;
}

export interface OwnSteps {
  readonly steps: readonly OwnStep[];
  readonly unread: readonly UnreadPart[];
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const DURATION = String.raw`${NUMBER}\s*(h|hours?|min|mins|minutes?|m|s|secs?|seconds?)?`;
const HEAT = String.raw`(\d{2,3})\s*(?:°\s*)?(c|f)?`;

/** Seconds of each unit; a bare number is minutes. */
const SECONDS: readonly (readonly [RegExp, number])[] = [
  [/^h/, 3600],
  [/^s/, 1],
  [/^m|^$/, 60],
];

const secondsOf = (amount: string, unit = ''): number =>
  Number(amount.replace(',', '.')) * (SECONDS.find(([name]) => name.test(unit))?.[1] ?? 60);

/** The scale of a heat without a letter: the cook's own. */
export type HeatScale = 'c' | 'f';

const celsiusOf = (figure: string, unit: string): number =>
  unit === 'f' ? ((Number(figure) - 32) * 5) / 9 : Number(figure);

type Read = readonly OwnStep[] | string;

const timeWithin = (seconds: number, longest: number): string | undefined =>
  seconds < 1 || seconds > longest
    ? `a time from 1 s to ${longest / 3600} h would be right`
    : undefined;
const inFahrenheit = (celsius: number): number => Math.round((celsius * 9) / 5 + 32);
const heatWithin = (celsius: number, { least, most }: Limit): string | undefined =>
  celsius < least || celsius > most
    ? `${least} to ${most} C, or ${inFahrenheit(least)} to ${inFahrenheit(most)} F, would be right`
    : undefined;

const pan = (seconds: number, more: object = {}): Read =>
  timeWithin(seconds, LONGEST_PAN) ?? [{ do: 'pan', seconds, ...more }];

interface Form {
  readonly matches: RegExp;
  readonly read: (groups: readonly (string | undefined)[], scale: HeatScale) => Read;
}

const form = (pattern: string, read: Form['read']): Form => ({
  matches: new RegExp(`^${pattern}$`),
  read,
});

const ovenFor = (
  heat: string | undefined,
  unit: string,
  amount: string | undefined,
  of: string | undefined,
): Read => {
  const seconds = secondsOf(amount ?? '', of);
  const air = heat === undefined ? undefined : celsiusOf(heat, unit);
  const limits = { least: PLAN_LIMITS.lowOven.least, most: PLAN_LIMITS.hotOven.most };
  const wrong =
    timeWithin(seconds, LONGEST_OVEN) ?? (air === undefined ? undefined : heatWithin(air, limits));
  return wrong ?? [{ do: 'oven', seconds, ...(air === undefined ? {} : { air }) }];
};

/** What a step may be called, the more particular first. */
const FORMS: readonly Form[] = [
  form(String.raw`(?:turn|turned|turning|flip|flipped) every ${DURATION} for ${DURATION}`, (g) =>
    pan(secondsOf(g[2] ?? '', g[3]), { every: secondsOf(g[0] ?? '', g[1]) }),
  ),
  form(String.raw`(?:turn|flip)(?: it)?(?: over)?`, () => [{ do: 'turn' }]),
  form(
    String.raw`(?:pan |sear )?(?:for )?${DURATION} (?:a|per|each|on each) side(?: in the pan)?`,
    (g) => {
      const side = pan(secondsOf(g[0] ?? '', g[1]));
      return typeof side === 'string' ? side : [...side, { do: 'turn' }, ...side];
    },
  ),
  form(String.raw`(?:in the |into the )?oven(?: at)? ${HEAT},?(?: for)? ${DURATION}`, (g, scale) =>
    ovenFor(g[0], g[1] ?? scale, g[2], g[3]),
  ),
  form(String.raw`${DURATION} (?:in the )?oven at ${HEAT}`, (g, scale) =>
    ovenFor(g[2], g[3] ?? scale, g[0], g[1]),
  ),
  form(String.raw`(?:in the |into the )?oven(?: for)? ${DURATION}`, (g) =>
    ovenFor(undefined, 'c', g[0], g[1]),
  ),
  form(String.raw`${DURATION} in the oven`, (g) => ovenFor(undefined, 'c', g[0], g[1])),
  form(String.raw`(?:let it )?rest(?: for)? ${DURATION}`, (g) => {
    const seconds = secondsOf(g[0] ?? '', g[1]);
    return timeWithin(seconds, LONGEST_PAN) ?? [{ do: 'rest', seconds }];
  }),
  form(String.raw`(?:in the |into the )?pan(?: at)? ${HEAT},?(?: for)? ${DURATION}`, (g, scale) => {
    const celsius = celsiusOf(g[0] ?? '', g[1] ?? scale);
    return (
      heatWithin(celsius, PLAN_LIMITS.pan) ?? pan(secondsOf(g[2] ?? '', g[3]), { pan: celsius })
    );
  }),
  form(String.raw`(?:in the |into the )?(?:pan|sear)(?: for)? ${DURATION}`, (g) =>
    pan(secondsOf(g[0] ?? '', g[1])),
  ),
  form(String.raw`${DURATION}(?: in the pan| pan)?`, (g) => pan(secondsOf(g[0] ?? '', g[1]))),
];

const TOO_SOON = 'a turn after its first side would be right';

const readPart = (text: string, scale: HeatScale): Read => {
  for (const { matches, read } of FORMS) {
    const found = matches.exec(text);
    if (found) return read(found.slice(1), scale);
  }
  return 'a step such as “3 min”, “turn”, “oven 180 8 min” or “rest 5 min” would be right';
};

/**
 * Reads a line of steps, such as `3 min, turn, 1 min, oven 220 8 min, rest 5`: parts between commas,
 * semicolons, lines or "then". A bare number is minutes.
 * @param scale of a heat without a letter
 */
export const readOwnSteps = (line: string, scale: HeatScale = 'c'): OwnSteps => {
  const parts = line
    .toLowerCase()
    .split(/[;\n]|,(?!\d)|\bthen\b/)
    .map((part) => part.replace(/\s+/g, ' ').replace(/[.]$/, '').trim())
    .map((part) => part.replace(/^and\b|\band$/g, '').trim())
    .filter((part) => part !== '');
  const steps: OwnStep[] = [];
  const unread: UnreadPart[] = [];
  for (const text of parts) {
    const read = readPart(text, scale);
    if (typeof read === 'string') unread.push({ text, why: read });
    else if (steps.length === 0 && read[0]?.do === 'turn') unread.push({ text, why: TOO_SOON });
    else steps.push(...read);
  }
  return { steps, unread };
};
