import { z } from 'zod';
import type { KeptPlan } from './cookPlanSchema';
import { planFileSchema } from './planFile';
import { problemOf } from './problem';

const PLAN = 'crustan-plan/1';

/** A length of time by ISO 8601, to the second. */
export const isoDuration = (seconds: number): string => {
  const whole = Math.max(0, Math.round(seconds));
  const [hours, minutes, rest] = [
    Math.floor(whole / 3600),
    Math.floor((whole % 3600) / 60),
    whole % 60,
  ];
  const said = `${hours ? `${hours}H` : ''}${minutes ? `${minutes}M` : ''}${rest ? `${rest}S` : ''}`;
  return `PT${said || '0S'}`;
};

/** A plan as others' programs read recipes; the words are the interface's. */
export interface RecipeInput {
  readonly title: string;
  readonly plan: KeptPlan;
  /** s before the first heat that the first step begins. */
  readonly before: number;
  readonly servings: string;
  readonly ingredients: readonly string[];
  readonly steps: readonly { readonly name: string; readonly text: string }[];
}

/** A plan as a schema.org Recipe in JSON-LD; the plan itself goes along as an identifier. */
export const writeRecipe = (input: RecipeInput): string => {
  const { title, plan, before, servings, ingredients, steps } = input;
  const cooking = plan.cookSeconds + plan.restSeconds;
  return `${JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: title,
      recipeYield: servings,
      prepTime: isoDuration(before),
      cookTime: isoDuration(cooking),
      totalTime: isoDuration(before + cooking),
      recipeIngredient: ingredients,
      recipeInstructions: steps.map(({ name, text }, i) => ({
        '@type': 'HowToStep',
        position: i + 1,
        name,
        text,
      })),
      identifier: {
        '@type': 'PropertyValue',
        propertyID: PLAN,
        value: JSON.stringify({ format: PLAN, ...plan.request }),
      },
    },
    null,
    2,
  )}\n`;
};

const propertySchema = z.looseObject({ propertyID: z.string(), value: z.string().max(20_000) });
const recipeSchema = z.looseObject({
  '@type': z.union([z.string(), z.array(z.string())]),
  name: z.string().optional(),
  recipeInstructions: z.unknown().optional(),
  identifier: z.union([propertySchema, z.array(z.unknown())]).optional(),
});
type Recipe = z.infer<typeof recipeSchema>;

export type RecipeRead =
  | {
      readonly ok: true;
      readonly title: string;
      readonly request: z.infer<typeof planFileSchema>;
    }
  | { readonly ok: false; readonly why: string };

/** Every schema.org Recipe that a file holds. */
export const recipesIn = (value: unknown): readonly Recipe[] => {
  const graph = z.looseObject({ '@graph': z.array(z.unknown()) }).safeParse(value);
  const all = graph.success ? graph.data['@graph'] : Array.isArray(value) ? value : [value];
  return all.flatMap((one) => {
    const read = recipeSchema.safeParse(one);
    if (!read.success) return [];
    const types = [read.data['@type']].flat();
    return types.includes('Recipe') ? [read.data] : [];
  });
};

/** Reads a recipe that contains one of our plans; for another's, returns the missing parts. */
export const readRecipe = (value: unknown): RecipeRead => {
  const [recipe] = recipesIn(value);
  if (!recipe) return { ok: false, why: 'It holds no schema.org Recipe.' };
  const title = (recipe.name ?? 'A recipe').slice(0, 120);
  const plan = [recipe.identifier]
    .flat()
    .map((one) => propertySchema.safeParse(one).data)
    .find((one) => one?.propertyID === PLAN);
  if (!plan) {
    const steps = Array.isArray(recipe.recipeInstructions) ? recipe.recipeInstructions.length : 0;
    return {
      ok: false,
      why: `“${title}” has ${steps} steps in words, but no piece with a thickness and a weight: a plan cannot be computed from it. Say the piece in Plan.`,
    };
  }
  let said: unknown;
  try {
    said = JSON.parse(plan.value);
  } catch {
    return { ok: false, why: `“${title}” carries a plan that is not JSON.` };
  }
  const read = planFileSchema.safeParse(said);
  return read.success
    ? { ok: true, title, request: read.data }
    : { ok: false, why: problemOf(read.error).detail };
};
