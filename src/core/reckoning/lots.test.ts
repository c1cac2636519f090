import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { massOf } from '../ledger/index.ts';
import { openMeal } from '../model/index.ts';
import { anyMeal, builtMeal } from '../testing/anyMeal.ts';
import { runs } from '../testing/runs.ts';
import { reckon } from './reckon.ts';

/** What is drawn of a lot, and the flow of the ledger that it is. */
const DRAWN = {
  juiceG: 'juice',
  fatG: 'renderedFat',
  airG: 'airLoss',
  pickingsG: 'pickings',
  shredG: 'shred',
} as const;

test('a lot is drawn cut apart by the flows of the ledger: no part has a figure of its own', () => {
  fc.assert(
    fc.property(anyMeal, (any) => {
      const opened = openMeal(builtMeal(any));
      for (const { lots } of reckon(opened).batches)
        for (const lot of lots.filter(({ rawG }) => rawG >= 1))
          for (const [part, id] of Object.entries(DRAWN)) {
            const flowing = (of: string) =>
              opened.nominal.flows
                .filter((flow) => flow.lot === lot.lot && flow.id === of)
                .reduce((sum, { amount }) => sum + massOf(amount), 0);
            const grams = flowing(id);
            const drawn = lot[part as keyof typeof DRAWN];
            expect(Math.abs(grams - drawn) / lot.rawG).toBeLessThan(1e-9);
          }
    }),
    { numRuns: runs(300, 40) },
  );
});
