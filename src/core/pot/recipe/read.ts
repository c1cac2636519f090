/** A recipe as it came in: its name if it has one, and its lines of ingredients. */
export type RecipeReading =
  | { readonly ok: true; readonly name: string | undefined; readonly lines: readonly string[] }
  | { readonly ok: false; readonly error: string };

/** A recipe with more lines is a book. */
const MOST_LINES = 200;
const MOST_CHARS = 2_000_000;

const refused = (error: string): RecipeReading => ({ ok: false, error });
type Json = Readonly<Record<string, unknown>>;
const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null;

/**
 * Reads a schema.org Recipe as JSON-LD (alone, in a list or a graph, or in the page it stands in), or
 * plain lines of text.
 */
export function readRecipe(text: string): RecipeReading {
  if (text.trim() === '') return refused('There is nothing in it; paste the lines of a recipe.');
  if (text.length > MOST_CHARS)
    return refused(`This is ${Math.round(text.length / 1e6)} MB, and a recipe is never more than 2 MB.`);
  const embedded = [...text.matchAll(/<script[^>]*ld\+json[^>]*>([\s\S]*?)<\/script>/gi)].map(
    ([, inside]) => inside ?? '',
  );
  const looksJson = /^\s*[{[]/.test(text);
  if (!looksJson && embedded.length === 0) {
    if (/^\s*<(!doctype|html)/i.test(text))
      return refused('This page holds no recipe as JSON-LD; paste its lines instead.');
    return plainLines(text);
  }
  const sources = looksJson ? [text] : embedded;
  const parsed: unknown[] = [];
  for (const source of sources) {
    try {
      parsed.push(JSON.parse(source));
    } catch {
      // Of several on a page one may be broken; the others still count.
    }
  }
  if (parsed.length === 0) return refused('This file is broken or not JSON: it may have been cut off.');
  const recipe = parsed.map(findRecipe).find((found) => found !== undefined);
  if (!recipe) return refused(`This file holds no recipe: ${typesIn(parsed[0])}.`);
  const given = recipe.recipeIngredient ?? recipe.ingredients;
  const lines = (Array.isArray(given) ? given : typeof given === 'string' ? given.split('\n') : [])
    .filter((line): line is string => typeof line === 'string' && line.trim() !== '')
    .map(unescaped);
  const name = typeof recipe.name === 'string' ? unescaped(recipe.name).slice(0, 200) : undefined;
  if (lines.length === 0) return refused(`The recipe “${name ?? ''}” names no ingredients.`);
  return { ok: true, name, lines: lines.slice(0, MOST_LINES) };
}

function plainLines(text: string): RecipeReading {
  const lines = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '' && !line.endsWith(':') && line.length <= 300);
  if (lines.length === 0) return refused('No line of it names an ingredient; write one to a line.');
  return { ok: true, name: undefined, lines: lines.slice(0, MOST_LINES) };
}

const typesOf = (value: Json): readonly unknown[] =>
  Array.isArray(value['@type']) ? value['@type'] : [value['@type']];

function findRecipe(value: unknown): Json | undefined {
  if (Array.isArray(value)) return value.map(findRecipe).find((found) => found !== undefined);
  if (!isObject(value)) return undefined;
  if (typesOf(value).some((type) => typeof type === 'string' && /(^|\/)Recipe$/.test(type))) return value;
  return findRecipe(value['@graph'] ?? value.mainEntity);
}

function typesIn(value: unknown): string {
  const first: unknown = Array.isArray(value) ? value[0] : value;
  const type = isObject(first) ? typesOf(first)[0] : undefined;
  return typeof type === 'string' ? `it is a “${type.slice(0, 60)}”` : 'nothing in it says that it is one';
}

const unescaped = (text: string) =>
  text
    .replace(/&amp;/g, '&')
    .replace(/&frac12;|&#189;/g, '½')
    .replace(/&frac14;|&#188;/g, '¼')
    .replace(/&nbsp;|&#160;/g, ' ')
    .replace(/&#39;|&rsquo;/g, '’')
    .replace(/<[^>]+>/g, ' ')
    .trim();
