import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { weighable } from '../meal/schema.ts';
import { openMeal } from '../model/index.ts';
import { anyMeal, builtMeal } from '../testing/anyMeal.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { massOf } from './amount.ts';
import { flows, isLotReading, lotReadings, strandOf, strandParts, type FlowId } from './flows.ts';
import { flowKey } from './flow.ts';
import { strandsOf } from './strands.ts';

describe('the table of flows', () => {
  test('what a file may hold a reading of is what the table can weigh, and no more', () => {
    // A file of version 1 names these: a row that goes would make old files unreadable.
    expect([...weighable].sort()).toEqual(
      [
        ...['raw', 'board', 'marinated', 'dressed', 'trim', 'cooked', 'bone', 'pickings', 'shred'],
        ...['unpulled', 'again', 'foundLate', 'eaten', 'thrown', 'drunk', 'pouredAway'],
        ...['pour', 'steam', 'strained', 'skim', 'liquid'],
      ].sort(),
    );
    expect(lotReadings).not.toContain('pour');
    expect(isLotReading('board')).toBe(true);
    expect(isLotReading('skim')).toBe(false);
  });

  test('every part of the strands has a flow that belongs to it', () => {
    const used = new Set((Object.keys(flows) as FlowId[]).map(strandOf));
    for (const part of Object.keys(strandParts))
      if (part !== 'missing' && part !== 'found') expect([...used]).toContain(part);
  });

  test('no two flows of a meal share a key, whatever is cooked', () => {
    fc.assert(
      fc.property(anyMeal, (any) => {
        const { nominal } = openMeal(builtMeal(any));
        const keys = nominal.flows.map(flowKey);
        expect(new Set(keys).size).toBe(keys.length);
      }),
      { numRuns: runs(200, 30) },
    );
  });
});

describe('the strands', () => {
  const lots = [lotOf('beef-shank', 2000), lotOf('beef-brisket', 1500)];
  const dishes = [dishOf('taco', 12), dishOf('dip', 12)];

  test('each part is the sum of its flows, of this batch alone', () => {
    const other = { ...batchOf([lotOf('lamb-shoulder', 900)]), id: 'other' };
    const { ledger } = openMeal(inputOf([batchOf(lots), other], dishes));
    const strands = strandsOf(ledger, 'pot');
    const shred = ledger.filter(({ id, batch }) => id === 'shred' && batch === 'pot');
    expect(strands.shred.grams).toBeCloseTo(
      shred.reduce((sum, flow) => sum + massOf(flow.now), 0),
      9,
    );
    expect(strands.raw.grams).toBeCloseTo(3500, 6);
    expect(strandsOf(ledger, 'other').raw.grams).toBeCloseTo(900, 6);
    expect(strandsOf(ledger, 'pot')).toBe(strands);
  });

  test('what goes to the plates and the shelf is what there is', () => {
    const strands = strandsOf(openMeal(inputOf([batchOf(lots)], dishes)).ledger, 'pot');
    expect(strands.served.grams + strands.keptShred.grams).toBeCloseTo(strands.shred.grams, 6);
    expect(strands.ladled.grams + strands.held.grams + strands.keptLiquid.grams).toBeCloseTo(
      strands.liquid.grams,
      6,
    );
    expect(strands.dishes.map(({ dish }) => dish)).toEqual(['dish-taco', 'dish-dip']);
  });

  test('a part is weighed when every flow of it is', () => {
    const part = (entries: Parameters<typeof inputOf>[2]) =>
      strandsOf(openMeal(inputOf([batchOf(lots)], dishes, entries)).ledger, 'pot').shred;
    expect(part([]).weighed).toBe(false);
    const [first] = lots;
    const one = weighedEntry({ what: 'flow', flow: 'shred', lot: first?.id ?? '' }, 800);
    expect(part([one]).weighed).toBe(false);
    expect(part([weighedEntry({ what: 'sum', flow: 'shred' }, 1700)])).toMatchObject({ weighed: true });
  });
});
