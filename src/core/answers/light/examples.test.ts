import { reckon, withOldRanges } from '../../reckoning/index.ts';
import { openMeal } from '../../model/index.ts';
import { reckonDrawn } from '../../testing/reckonDrawn.ts';
import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { reference } from '@/reference/index.ts';
import { readMealFile, writeMealFile } from '../../meal/file/file.ts';

import { mustClose } from '../../ledger/balance.ts';

const files = readdirSync('examples').filter((name) => name.endsWith('.json'));

describe.each(files)('examples/%s', (name) => {
  const text = readFileSync(`examples/${name}`, 'utf8');
  const reading = readMealFile(text);
  if (!reading.ok) throw new Error(reading.error);
  const { meal, batches, entries, kitchen } = reading.file;
  const input = { meal, batches, entries, kitchen, reference };
  let known: ReturnType<typeof reckonDrawn> | undefined;
  const drawn = () => (known ??= reckonDrawn(input));

  test('is as the program writes it', () => {
    expect(writeMealFile(reading.file)).toBe(text);
    expect(reading.file.reference).toBe(reference.version);
  });

  test('closes, has no problem and answers everything', () => {
    const { plannedRun, nominal } = openMeal(input);
    for (const { flows } of [plannedRun, nominal]) mustClose(flows);
    const result = drawn();
    // The demo's slow cooker keeps more liquid than its plates take, and says so.
    expect(result.problems.filter(({ batch }) => batch !== 'demo-slow')).toEqual([]);
    expect(result.meal.enough).not.toBeNull();
    for (const batch of result.batches) {
      expect(batch.liquid.brothMl ?? batch.liquid.sauceMl).not.toBeNull();
      expect(batch.meat.shredG.p10).toBeGreaterThan(0);
    }
  });

  test('without draws the nominal run is the same, and takes the old ranges until there are new ones', () => {
    const full = drawn();
    const nominal = reckon(openMeal(input));
    expect(nominal.batches.map((b) => b.meat.shredG.mid)).toEqual(full.batches.map((b) => b.meat.shredG.mid));
    const shown = withOldRanges(nominal, full);
    expect(shown.meal.shredG).toEqual(full.meal.shredG);
    expect(shown.meal.enough).toBe(full.meal.enough);
  });
});

describe('what each example shows', () => {
  const reckoned = (name: string) => {
    const reading = readMealFile(readFileSync(`examples/${name}.json`, 'utf8'));
    if (!reading.ok) throw new Error(reading.error);
    const { meal, batches, entries, kitchen } = reading.file;
    const { liquids, liquid, meat } =
      reckon(openMeal({ meal, batches, entries, kitchen, reference })).batches[0] ?? {};
    return { liquids: liquids ?? [], liquid, meat, batch: batches[0] };
  };
  const saltOf = (name: string) => reckoned(name).liquids.map(({ saltPct }) => saltPct.mid);

  test('a part boiled down is as much as was asked, and as salt as is wanted; the rest is weaker', () => {
    const { liquids } = reckoned('part-boiled-down');
    expect(liquids.map(({ id }) => id)).toEqual(['pot', 'dip']);
    expect(liquids[1]?.ml.mid).toBeCloseTo(600, 6);
    const [pot = NaN, dip = NaN] = saltOf('part-boiled-down');
    expect(dip).toBeCloseTo(0.8, 2);
    expect(pot).toBeLessThan(dip);
    expect(liquids[0]?.saltToAddG).toBeGreaterThan(1);
  });

  test('a sauce apart has what was stirred into it', () => {
    const { liquids } = reckoned('sauce-apart');
    expect(liquids.map(({ says }) => says)).toEqual(['broth', 'sauce']);
    expect(liquids[1]?.ml.mid).toBeGreaterThan(1400);
  });

  test('starch makes it hold a line, where without it it runs', () => {
    expect(reckoned('starch').liquids[0]?.thickness.feels).toBe('holds a line');
    expect(reckoned('torn').liquids[0]?.thickness.feels).toBe('runs');
  });

  test('torn and put back, kept in its sauce, and weighed by a spoon alone are told apart by their files', () => {
    expect(reckoned('torn').batch?.tear?.lo).toBe(30);
    expect(reckoned('kept-in-sauce').liquid?.sauceMl).not.toBeNull();
    expect(reckoned('by-spoon').batch?.after.some(({ what }) => what === 'lift')).toBe(false);
  });

  test('there is one of each', () => {
    expect(files).toHaveLength(14);
  });
});
