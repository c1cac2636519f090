import { isTooDeep } from '../../meal/index.ts';
import { plainWords, scriptsIn } from './page.ts';

/** A recipe as it came in: its name if it has one, and its lines of ingredients. */
export type RecipeReading =
  | { readonly ok: true; readonly name: string | undefined; readonly lines: readonly string[] }
  | { readonly ok: false; readonly why: NoRecipe };

/** Why a text is no recipe. */
export type NoRecipe =
  | { readonly what: 'empty' | 'page without one' | 'broken' | 'no line' }
  | { readonly what: 'too large'; readonly bytes: number }
  /** type: what it says that it is, if it says. */
  | { readonly what: 'none in it'; readonly type: string | undefined }
  | { readonly what: 'no ingredients'; readonly name: string };

/** A recipe with more lines is a book. */
const MOST_LINES = 200;
/** No page with a recipe is larger. */
const MOST_CHARS = 500_000;
/** A longer line is no ingredient. */
const LINE_MOST = 300;

const refused = (why: NoRecipe): RecipeReading => ({ ok: false, why });
type Json = Readonly<Record<string, unknown>>;
const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null;

/**
 * Reads a schema.org Recipe as JSON-LD (alone, in a list or a graph, or in the page it stands in), or
 * plain lines of text.
 */
export function readRecipe(text: string): RecipeReading {
  if (text.trim() === '') return refused({ what: 'empty' });
  if (text.length > MOST_CHARS) return refused({ what: 'too large', bytes: text.length });
  const isPage = /^\s*<|<script/i.test(text);
  const embedded = isPage ? scriptsIn(text) : [];
  const looksJson = /^\s*[{[]/.test(text);
  if (!looksJson && embedded.length === 0) {
    if (/^\s*<(!doctype|html)/i.test(text)) return refused({ what: 'page without one' });
    return plainLines(text);
  }
  const sources = looksJson ? [text] : embedded;
  const parsed: unknown[] = [];
  for (const source of sources) {
    // Deeper than any recipe is, it would stop whoever walks through it.
    if (isTooDeep(source)) continue;
    try {
      parsed.push(JSON.parse(source));
    } catch {
      // Of several on a page one may be broken; the others still count.
    }
  }
  if (parsed.length === 0) return refused({ what: 'broken' });
  const recipe = parsed.map(findRecipe).find((found) => found !== undefined);
  if (!recipe) return refused({ what: 'none in it', type: typeIn(parsed[0]) });
  const given = recipe.recipeIngredient ?? recipe.ingredients;
  const lines = (Array.isArray(given) ? given : typeof given === 'string' ? given.split('\n') : [])
    .filter((line): line is string => typeof line === 'string' && line.trim() !== '')
    .slice(0, MOST_LINES)
    .map((line) => plainWords(line.slice(0, LINE_MOST)));
  const name =
    typeof recipe.name === 'string' ? plainWords(recipe.name.slice(0, LINE_MOST)).slice(0, 200) : undefined;
  if (lines.length === 0) return refused({ what: 'no ingredients', name: name ?? '' });
  return { ok: true, name, lines };
}

function plainLines(text: string): RecipeReading {
  const lines = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '' && !line.endsWith(':') && line.length <= LINE_MOST);
  if (lines.length === 0) return refused({ what: 'no line' });
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

function typeIn(value: unknown): string | undefined {
  const first: unknown = Array.isArray(value) ? value[0] : value;
  const type = isObject(first) ? typesOf(first)[0] : undefined;
  return typeof type === 'string' ? type.slice(0, 60) : undefined;
}
