import { type Batch, type Heat, type Level, isStrained } from '@/core/meal/index.ts';
import type { RecipeOut } from '@/core/answers/index.ts';
import type { NoRecipe } from '@/core/pot/index.ts';
import { beforeWords } from './before.ts';
import { agrees, counted, noun } from './nouns.ts';

const grams = (g: number) =>
  g >= 1000 ? `${(g / 1000).toFixed(2)} kg` : g >= 10 ? `${Math.round(g)} g` : `${g.toFixed(1)} g`;
const heatWords: Readonly<Record<Heat, string>> = {
  oven: 'in the oven',
  stove: 'on the stove',
  'slow cooker': 'in the slow cooker',
  smoker: 'in the smoker',
};

const pourWords: Readonly<Record<Level, string>> = {
  cover: 'Pour liquid to cover.',
  'tops showing': 'Pour liquid until only the tops show.',
  'half way': 'Pour liquid half way up.',
  'own juice': 'Pour nothing: it braises in its own juice.',
};

/** A batch as a schema.org Recipe, JSON-LD: what goes in, how it is done, and what it gives. */
export function recipeFile({ meal, batch, lots, items, saltG, minutes, shredG }: RecipeOut): string {
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: `${meal}: ${batch.name}`,
    recipeYield: `${grams(shredG)} of shredded meat`,
    ...(minutes !== undefined && { cookTime: `PT${Math.floor(minutes / 60)}H${minutes % 60}M` }),
    recipeIngredient: [
      ...lots.map((lot) => `${grams(lot.grams)} ${lot.name.toLowerCase()}`),
      ...items.map(
        (item) => `${item.typed ?? grams(item.grams)} ${item.name}${item.prep ? `, ${item.prep}` : ''}`,
      ),
      ...(saltG > 0 ? [`${grams(saltG)} salt`] : []),
    ],
    recipeInstructions: stepsOf(batch, minutes).map((text) => ({ '@type': 'HowToStep', text })),
  };
  return `${JSON.stringify(recipe, null, 2)}\n`;
}

function stepsOf(batch: Batch, minutes: number | undefined): string[] {
  const phases = batch.cook.map(({ heat, lid, setting }) => {
    const at = typeof setting === 'object' ? ` at ${setting.text}` : setting ? `, ${setting}` : '';
    return `Braise ${heatWords[heat]}${at}, lid ${lid}.`;
  });
  return [
    ...(batch.steps ?? []).map(
      ({ what, minutes: time }) =>
        `${beforeWords[what].asks}${time?.lo === undefined ? '' : ` for ${time.text}`}.`,
    ),
    batch.sear ? 'Brown the meat in one layer, not crowded.' : 'Put the meat in raw.',
    pourWords[batch.level],
    ...phases,
    ...(minutes === undefined ? [] : [`After about ${minutes} minutes, test: a fork turns freely.`]),
    isStrained(batch) ? 'Strain the liquid and skim it.' : 'Skim the sauce and keep its vegetables.',
    'Shred the meat, pick it over, and dress it.',
  ];
}

/** Why a text is no recipe, and what to do. */
export function noRecipeWords(why: NoRecipe): string {
  switch (why.what) {
    case 'empty':
      return 'There is nothing in it; paste the lines of a recipe.';
    case 'too large':
      return `This is ${Math.round(why.bytes / 1e6)} MB, and a recipe is never more than 2 MB.`;
    case 'page without one':
      return 'This page has no recipe as JSON-LD in it; paste its lines instead.';
    case 'broken':
      return 'This file is broken or not JSON: it may have been cut off.';
    case 'none in it':
      return `This file has no recipe in it: ${why.type === undefined ? 'nothing in it says that it is one' : `it is a “${why.type}”`}.`;
    case 'no ingredients':
      return `The recipe “${why.name}” lists no ingredients.`;
    case 'no line':
      return 'No line of it names an ingredient; write one to a line.';
  }
}

const LINE = noun('line');
/** How many lines are still asked about. */
export const stillToSettle = (n: number): string =>
  `${counted(n, LINE)} ${agrees(n, 'is', 'are')} still to be settled.`;

/** What undo calls it when these go in. */
export const puttingIn = (names: readonly string[]): string =>
  names.length === 1 ? `putting in ${names[0] ?? ''}` : `putting in ${counted(names.length, noun('thing'))}`;
