import { z } from 'zod';
import { readOwnSteps, type HeatScale, type OwnSteps } from '../plan/ownSteps';

/** A step of a recipe, or a section of steps, as schema.org has them. */
const stepSchema = z.looseObject({
  text: z.string().optional(),
  name: z.string().optional(),
  /** ISO 8601. */
  performTime: z.string().optional(),
  timeRequired: z.string().optional(),
  itemListElement: z.array(z.unknown()).optional(),
});

interface WordedStep {
  readonly text: string;
  readonly seconds: number | undefined;
}

const ISO = /^PT(?:(\d+)H)?(?:(\d+)M)?(?:(\d+)S)?$/;

const isoSeconds = (text: string | undefined): number | undefined => {
  const found = text === undefined ? null : ISO.exec(text);
  if (!found) return undefined;
  const [, hours = '0', minutes = '0', seconds = '0'] = found;
  return Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds);
};

/** The steps of a recipe's instructions, however they are nested. */
const stepsIn = (value: unknown): readonly WordedStep[] => {
  if (typeof value === 'string') return [{ text: value, seconds: undefined }];
  if (Array.isArray(value)) return value.flatMap(stepsIn);
  const read = stepSchema.safeParse(value);
  if (!read.success) return [];
  const { text, name, performTime, timeRequired, itemListElement } = read.data;
  if (itemListElement) return stepsIn(itemListElement);
  const said = text ?? name;
  return said === undefined
    ? []
    : [{ text: said, seconds: isoSeconds(performTime ?? timeRequired) }];
};

const TIME =
  /(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|to)\s*\d+)?\s*(hours?|h|minutes?|mins?|min|seconds?|secs?|s)\b/i;
const HEAT = /(\d{2,3})\s*°?\s*(c|f)\b/i;
const A_SIDE = /(?:a|per|each|on each|on both) sides?/i;

/** What a sentence is about, the more particular first; nothing else has a time in the heat. */
const ABOUT: readonly (readonly [RegExp, (time: string, heat: string) => string])[] = [
  [/\b(?:rest|stand)\b/i, (time) => `rest ${time}`],
  [/\b(?:oven|roast|bake)/i, (time, heat) => `oven ${heat}${time}`],
  [/\b(?:sear|fry|pan|skillet|side|brown|cook)/i, (time) => time],
];

const sentences = (text: string): readonly string[] =>
  text.split(/(?<=[.;!])\s+|\n+|,?\s+then\s+/i).filter((part) => part.trim() !== '');

/** One sentence as parts of a line of steps. */
const partsOf = (sentence: string, seconds: number | undefined): readonly string[] => {
  const turned = /\b(?:turn|flip)/i.test(sentence) ? ['turn'] : [];
  const time = TIME.exec(sentence);
  const said = time ? `${time[1]} ${time[2]}` : seconds === undefined ? undefined : `${seconds} s`;
  const about =
    ABOUT.find(([words]) => words.test(sentence)) ?? (turned.length > 0 ? ABOUT[2] : undefined);
  if (said === undefined || about === undefined) return turned;
  const heat = HEAT.exec(sentence);
  const part = about[1](said, heat ? `${heat[1]} ${heat[2]} ` : '');
  return A_SIDE.test(sentence) ? [`${part} a side`] : [...turned, part];
};

/** The steps with times of a recipe's instructions; an amount from one to another is taken as its least. */
export const recipeTimes = (recipe: unknown, scale: HeatScale = 'c'): OwnSteps => {
  const found = z.looseObject({ recipeInstructions: z.unknown() }).safeParse(recipe);
  const line = stepsIn(found.data?.recipeInstructions).flatMap(({ text, seconds }) => {
    const parts = sentences(text);
    // A step's own time is for all of it: it stands for a sentence that has none.
    return parts.flatMap((part) => partsOf(part, parts.length === 1 ? seconds : undefined));
  });
  return readOwnSteps(line.join(', '), scale);
};
