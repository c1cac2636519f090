import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { massOf } from '../ledger/index.ts';
import type { Batch } from '../meal/index.ts';
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

const typedG = ({ batch }: { readonly batch: Pick<Batch, 'lots'> }, id: string): number =>
  batch.lots.find((lot) => lot.id === id)?.weight.lo ?? 0;

test('a lot is drawn cut apart by the flows of the ledger: no part has a figure of its own', () => {
  fc.assert(
    fc.property(anyMeal, (any) => {
      const opened = openMeal(builtMeal(any));
      for (const { lots } of reckon(opened).batches)
        // Of a milligram that a reading makes grams of, salt may be all there is.
        for (const lot of lots.filter(({ lot: id }) => typedG(any, id) >= 1))
          for (const [part, id] of Object.entries(DRAWN)) {
            const flowing = (of: string) =>
              opened.nominal.flows
                .filter((flow) => flow.lot === lot.lot && flow.id === of)
                .reduce((sum, { amount }) => sum + massOf(amount), 0);
            const grams = flowing(id);
            const drawn = lot[part as keyof typeof DRAWN];
            // Of what was weighed, too, where that is more than the lot ever was.
            const off = Math.abs(grams - drawn) / Math.max(lot.rawG, grams, drawn);
            expect(off < 1e-9 ? part : `${part}: ${String(drawn)}, and ${String(grams)} flow`).toBe(part);
          }
    }),
    { numRuns: runs(300, 40) },
  );
});
