import { z } from 'zod';
import type { PhraseLanguage } from '../phrases/tokens';
import { readSteps, type ReadSteps } from '../phrases/readSteps';
import type { HeatScale } from '../plan/legs/ownSteps';

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

/** Longer instructions are cut, characters. */
const MOST_TEXT = 10_000;

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

const HAS_TIME = /\d|minut|hour|hora|second|segundo/i;

/**
 * The steps of a recipe's instructions in words: what happens before the heat becomes settings, everything else is listed.
 * @param recipe a schema.org Recipe, or its text
 * @param scale of a heat without a letter
 */
export const recipeTimes = (
  recipe: unknown,
  scale: HeatScale = 'c',
  language: PhraseLanguage = 'en',
): ReadSteps => {
  const found = z.looseObject({ recipeInstructions: z.unknown() }).safeParse(recipe);
  const instructions = typeof recipe === 'string' ? recipe : found.data?.recipeInstructions;
  const lines = stepsIn(instructions).map(({ text, seconds }) =>
    // A step's own time stands for words that have none.
    seconds === undefined || HAS_TIME.test(text)
      ? text
      : `${text.replace(/[.\s]+$/, '')} ${seconds} s`,
  );
  return readSteps(lines.join('\n').slice(0, MOST_TEXT), { scale, language });
};
