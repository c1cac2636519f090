/**
 * slow-spoon reckon FILE: prints the reckoning of an exported meal as JSON. The same code as the
 * app's. A bad file gives one sentence on standard error and exit code 2.
 */
import { readFileSync, statSync } from 'node:fs';
import { readMealFile, tooLarge } from '../src/core/batch/file.ts';
import { reckon } from '../src/core/reckon.ts';
import { drawMeal } from '../src/core/reckoning/draws/draws.ts';
import { reference } from '../src/reference/index.ts';
import { printed } from '../src/core/reckoning/printed.ts';

function refuse(words: string): never {
  process.stderr.write(`${words}\n`);
  process.exit(2);
}

const [path] = process.argv.slice(2);
if (path === undefined) refuse('Say which file: ./slow-spoon reckon FILE');
const read = readFile(path);
const reading = readMealFile(read);
if (!reading.ok) refuse(`${path}: ${reading.error}`);
const { meal, batches, entries, kitchen, reference: table } = reading.file;
if (table !== reference.version) {
  process.stderr.write(
    `The file was made with table ${table}; these figures are from ${reference.version}.\n`,
  );
}
const reckoning = reckon({ meal, batches, entries, kitchen, reference }, drawMeal);
for (const { words } of reckoning.problems) process.stderr.write(`${words}\n`);
process.stdout.write(`${JSON.stringify(printed(reckoning), null, 2)}\n`);

function readFile(file: string): string {
  try {
    const large = tooLarge(statSync(file).size);
    if (large !== undefined) refuse(`${file}: ${large}`);
    return readFileSync(file, 'utf8');
  } catch (error) {
    refuse(`${file} cannot be opened: ${error instanceof Error ? error.message : String(error)}`);
  }
}
