import { printedLines } from '../../src/core/pot/index.ts';
import { reference } from '../../src/reference/index.ts';
import { names } from '../../src/reference/names.ts';
import { pantry } from '../../src/reference/pantry.ts';
import { type Answer, Refused, textOf } from './said.ts';

/** slow-spoon read FILE: how each line of a text file is understood as a line of a recipe. */
export function linesRead([path]: readonly string[]): Answer {
  if (path === undefined) throw new Refused('Say which file: ./slow-spoon read FILE');
  // The short table is preferred to the large one where both have a thing.
  const short = new Set(reference.ingredients.map(({ id }) => id));
  const large = pantry.filter(({ id }) => !short.has(id));
  const tables = { usual: reference.ingredients, large, cuts: reference.cuts, names };
  return { json: printedLines(textOf(path), tables), beside: [] };
}
