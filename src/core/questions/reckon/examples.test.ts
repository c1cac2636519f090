import { openMeal } from '../../model/index.ts';
import { reckonDrawn } from '../../testing/reckonDrawn.ts';
import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { reference } from '@/reference/index.ts';
import { readMealFile, writeMealFile } from '../../batch/file/file.ts';
import { reckon } from './reckon.ts';
import { withOldRanges } from './withOldRanges.ts';
import { mustClose } from '../../ledger/balance.ts';

const files = readdirSync('examples').filter((name) => name.endsWith('.json'));

describe.each(files)('examples/%s', (name) => {
  const text = readFileSync(`examples/${name}`, 'utf8');
  const reading = readMealFile(text);
  if (!reading.ok) throw new Error(reading.error);
  const { meal, batches, entries, kitchen } = reading.file;
  const input = { meal, batches, entries, kitchen, reference };

  test('is as the program writes it', () => {
    expect(writeMealFile(reading.file)).toBe(text);
    expect(reading.file.reference).toBe(reference.version);
  });

  test('closes, has no problem and answers everything', () => {
    const { plannedRun, nominal } = openMeal(input);
    for (const { flows } of [plannedRun, nominal]) mustClose(flows);
    const result = reckonDrawn(input);
    // The demo's slow cooker keeps more liquid than its plates take, and says so.
    expect(result.problems.filter(({ batch }) => batch !== 'demo-slow')).toEqual([]);
    expect(result.meal.enough).not.toBeNull();
    for (const batch of result.batches) {
      expect(batch.liquid.brothMl ?? batch.liquid.sauceMl).not.toBeNull();
      expect(batch.meat.shredG.p10).toBeGreaterThan(0);
    }
  });

  test('without draws the nominal run is the same, and takes the old ranges until there are new ones', () => {
    const full = reckonDrawn(input);
    const nominal = reckon(openMeal(input));
    expect(nominal.batches.map((b) => b.meat.shredG.mid)).toEqual(full.batches.map((b) => b.meat.shredG.mid));
    const shown = withOldRanges(nominal, full);
    expect(shown.meal.shredG).toEqual(full.meal.shredG);
    expect(shown.meal.enough).toBe(full.meal.enough);
  });
});

test('the examples show one lot, mixed lots, an own cut, two batches and weighed figures', () => {
  expect(files.sort()).toEqual([
    'lantern-supper.json',
    'mixed-lots.json',
    'one-lot.json',
    'own-cut.json',
    'two-batches.json',
    'weighed.json',
  ]);
});
