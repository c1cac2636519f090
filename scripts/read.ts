/**
 * slow-spoon read FILE: prints as JSON how each line of a text file is understood as a line of a recipe. The same code as the
 * app's. A file that cannot be opened gives one sentence on standard error and exit code 2.
 */
import { readFileSync } from 'node:fs';
import { printedLines } from '../src/core/pot/index.ts';
import { reference } from '../src/reference/index.ts';
import { names } from '../src/reference/names.ts';
import { pantry } from '../src/reference/pantry.ts';

function refuse(words: string): never {
  process.stderr.write(`${words}\n`);
  process.exit(2);
}

const [path] = process.argv.slice(2);
if (path === undefined) refuse('Say which file: ./slow-spoon read FILE');
const text = opened(path);
// The short table is preferred to the large one where both have a thing.
const short = new Set(reference.ingredients.map(({ id }) => id));
const large = pantry.filter(({ id }) => !short.has(id));
const tables = { usual: reference.ingredients, large, cuts: reference.cuts, names };
const lines = printedLines(text, tables);
process.stdout.write(`${JSON.stringify(lines, null, 2)}\n`);

function opened(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    refuse(`${file} cannot be opened: ${error instanceof Error ? error.message : String(error)}`);
  }
}
