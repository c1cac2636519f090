import type { Batch } from '../batch/index.ts';
import { itemsOf } from '../pot/index.ts';
import type { Reckoning } from './reckon/reckon.ts';
import { ingredientsById, type OpenedMeal } from '../model/index.ts';

const grams = (g: number) =>
  g >= 1000 ? `${(g / 1000).toFixed(2)} kg` : g >= 10 ? `${Math.round(g)} g` : `${g.toFixed(1)} g`;
const heatWords = {
  oven: 'in the oven',
  stove: 'on the stove',
  'slow cooker': 'in the slow cooker',
  smoker: 'in the smoker',
};

/** A batch as a schema.org Recipe, JSON-LD: what goes in, how it is done, and what it gives. */
export function recipeOut(
  { input }: Pick<OpenedMeal, 'input'>,
  reckoning: Reckoning,
  batchId: string,
): string {
  const batch = input.batches.find(({ id }) => id === batchId);
  const at = reckoning.batches.find(({ id }) => id === batchId);
  if (!batch || !at) throw new Error(`There is no batch “${batchId}”.`);
  const ingredients = ingredientsById(input);
  const items = at.pot?.items ?? [];
  const lines = [
    ...at.lots.map((lot) => `${grams(lot.rawG)} ${lot.name.toLowerCase()}`),
    ...itemsOf(batch).flatMap((item) => {
      const planned = items.find(({ id }) => id === item.id);
      const known = ingredients.get(item.ref);
      if (!known || !planned) return [];
      const typed = item.amount?.lo !== undefined ? item.amount.text : undefined;
      return [`${typed ?? grams(planned.grams)} ${known.name}${item.prep ? `, ${item.prep}` : ''}`];
    }),
    ...(at.salt && at.salt.nowG > 0 ? [`${grams(at.salt.nowG)} salt`] : []),
  ];
  const minutes = at.ready.min === null ? undefined : Math.round(at.ready.min.mid);
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: `${input.meal.name}: ${batch.name}`,
    recipeYield: `${grams(at.meat.shredG.mid)} of shredded meat`,
    ...(minutes !== undefined && { cookTime: `PT${Math.floor(minutes / 60)}H${minutes % 60}M` }),
    recipeIngredient: lines,
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
        `${what.charAt(0).toUpperCase()}${what.slice(1)}${time?.lo === undefined ? '' : ` for ${time.text}`}.`,
    ),
    batch.sear ? 'Brown the meat in one layer, not crowded.' : 'Put the meat in raw.',
    batch.level === 'own juice'
      ? 'Pour nothing: it braises in its own juice.'
      : `Pour until the liquid stands: ${batch.level}.`,
    ...phases,
    ...(minutes === undefined
      ? []
      : [`Look when a fork may sink in and turn freely, after about ${minutes} minutes.`]),
    batch.strain ? 'Strain the liquid and skim it.' : 'Skim the sauce and keep its vegetables.',
    'Shred the meat, pick it over, and dress it.',
  ];
}
