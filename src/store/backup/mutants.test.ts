import { runs } from '@/core/testing/runs.ts';
import { expect, test } from '@jest/globals';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { canonical } from '@/core/meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import { openDb } from '../db.ts';
import { putPastMeals } from '../past.ts';
import { readBackup } from './read.ts';
import { restore } from './restore.ts';
import { saveAll } from './save.ts';

/** Backups with one to four things wrong in them, each time the same ones; of those that are read some are brought in. */
const READ = runs(3_000, 250);
const BROUGHT_IN = READ / 60;

const random = xoroshiro128plus(20_261_128);
const upTo = (most: number) => uniformInt(random, 0, most);
const oneOf = <T>(all: readonly T[]): T => all[upTo(all.length - 1)] as T;
const bits = ['', '"', '}', ']', ',', '\n', '0', '-', '1e999', 'null', '\u0000', '{"a":', '​', 'é'];

function mutant(text: string): string {
  let out = text;
  for (let times = upTo(3); times >= 0; times -= 1) {
    const lines = out.split('\n');
    const at = upTo(out.length - 1);
    switch (upTo(6)) {
      case 0:
        out = out.slice(0, at);
        break;
      case 1:
        lines.splice(upTo(lines.length - 1), 1);
        out = lines.join('\n');
        break;
      case 2:
        lines.push(oneOf(lines));
        out = lines.join('\n');
        break;
      case 3: {
        // A figure that is another: far larger, below nought, or no number.
        const figures = [...out.matchAll(/:-?\d+(?:\.\d+)?/g)];
        const found = figures.length > 0 ? oneOf(figures) : undefined;
        if (found)
          out = `${out.slice(0, found.index)}:${oneOf(['-1', '0', '1e12', '"7"', 'null', '0.5'])}${out.slice(found.index + found[0].length)}`;
        break;
      }
      default:
        out = out.slice(0, at) + oneOf(bits) + out.slice(at + upTo(5));
    }
    if (out === '') return '';
  }
  return out;
}

test(`${READ} mutated backups are each refused in a sentence, or read line by line: what is brought in is whole`, async () => {
  const db = openDb('mutants');
  const meal = (id: string) => {
    const pot = { ...batchOf([lotOf('beef-shank', 2000)]), id: `${id}-pot` };
    const { meal: one, batches } = inputOf([pot], [dishOf('taco', 9)]);
    const entry = { ...weighedEntry({ what: 'sum', flow: 'bone' }, 600), id: `${id}-bone`, batch: pot.id };
    return { meal: { ...one, id, name: `Supper ${id}` }, batches, entries: [entry] };
  };
  await putPastMeals(db, [meal('a'), meal('b')], 'two');
  const text = await (await saveAll(db)).text();
  const before = text;
  let refused = 0;
  let broughtIn = 0;
  for (let i = 0; i < READ; i += 1) {
    const reading = await readBackup(new Blob([mutant(text)]));
    if (!reading.ok) {
      refused += 1;
      expect(reading.error).toMatch(/[.]$/);
      continue;
    }
    const { meals, unread } = reading.backup;
    for (const words of unread) expect(words).toMatch(/[.]$/);
    if (broughtIn >= BROUGHT_IN || i % 20 !== 0) continue;
    broughtIn += 1;
    const done = await restore(db, reading.backup, 'replace').then(
      () => true,
      () => false,
    );
    const after = await (await saveAll(db)).text();
    // All of it or nothing: the meals that were read, and no others.
    const kept = after
      .trimEnd()
      .split('\n')
      .slice(1)
      .map((line) => canonical(JSON.parse(line)));
    if (done) expect(new Set(kept)).toEqual(new Set(meals.map((one) => canonical(one))));
    else expect(after).toBe(before);
    const whole = await readBackup(new Blob([text]));
    if (whole.ok) await restore(db, whole.backup, 'replace');
  }
  expect(refused).toBeGreaterThan(READ / 20);
  expect(broughtIn).toBeGreaterThan(0);
  await db.delete();
}, 120_000);
