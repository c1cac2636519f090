/**
 * Measures what has been reached against `speed/reached.json`: what is counted may not be more, what is timed, as a ratio to a
 * yardstick of the same run, not half as much again. With --keep what has become a tenth better is written into the table.
 */
import { writeFileSync } from 'node:fs';
import { callFigures } from './gate/calls.ts';
import { coreFigures } from './gate/core.ts';
import { pageFigures } from './gate/page.ts';
import { type Figure, fails, reachedTable, TABLE, tightened, worthTimes, verdictOf } from './gate/verdict.ts';

const table = reachedTable();
const began = performance.now();
// Calls are counted in a process of their own, while the page is loaded and nothing is timed yet.
const counting = callFigures();
const page = await pageFigures(worthTimes(table), counting);
const core = await coreFigures(table);
const figures: readonly Figure[] = [...page.figures, ...core.figures, ...(await counting)];

const show = (value: number, exact: boolean) => (exact ? String(value) : value.toPrecision(3));
let failed = 0;
for (const figure of figures) {
  const before = table[figure.name];
  const verdict = verdictOf(figure, before);
  if (fails(verdict)) failed += 1;
  const bound = before ? `reached ${String(before.reached)}` : 'no bound';
  const mark = fails(verdict)
    ? 'FAILS '
    : verdict === 'as it was'
      ? '      '
      : verdict === 'better'
        ? 'better'
        : 'told  ';
  process.stdout.write(
    `${mark}  ${figure.name}: ${show(figure.value, figure.exact)} ${figure.unit} (${bound})\n`,
  );
}
for (const line of [...page.told, ...core.told]) process.stdout.write(`        ${line}\n`);
process.stdout.write(`        measured in ${((performance.now() - began) / 1000).toFixed(0)} s\n`);
if (process.argv.includes('--keep')) {
  const kept = tightened(table, figures);
  writeFileSync(TABLE, `${JSON.stringify(kept, null, 2)}\n`);
  process.stdout.write(`        kept in ${TABLE}\n`);
} else process.exitCode = failed === 0 ? 0 : 1;
