import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Entry, Feel, Phase } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { reckon } from '../reckoning/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { digestOf } from './digest.ts';
import type { Evidence } from './evidence.ts';
import { learn } from './learn.ts';

const MINUTE = 60_000;
const setting = { text: '150 °C', lo: 150, hi: 150 };
const braise: Phase = { id: 'heat', heat: 'oven', setting, lid: 'on' };
const lots = [lotOf('beef-short-ribs', 1600)];
const pot = (cook: readonly Phase[] = [braise]) => batchOf(lots, { cook: [...cook], lidOn: 0 });
const published = reckon(openMeal(inputOf([pot()], [dishOf('taco', 8)]))).batches[0];
const tenderMin = published?.ready.min?.mid ?? NaN;

/** A cook of what is published: how its time is written, how it is looked at, how it is told. */
const cooked = fc.record({
  /** Of the time it takes: from, and how much further; none is written. */
  written: fc.option(
    fc.record({ from: fc.double({ min: 0.4, max: 1.6, noNaN: true }), more: fc.constantFrom(0, 0, 0.2) }),
    { nil: undefined },
  ),
  out: fc.constantFrom<Phase['out']>(undefined, undefined, 'then'),
  forked: fc.boolean(),
  told: fc.constantFrom('shred', 'cooked and shred', 'just enough'),
});
type Cooked = typeof cooked extends fc.Arbitrary<infer T> ? T : never;

/** What it says to the log where the scale shows so much of what is published. */
function evidenceOf(one: Cooked, i: number, times = 1): readonly Evidence[] {
  const { written, out, forked, told } = one;
  const lo = tenderMin * (written?.from ?? 1);
  const minutes = { text: 'as written', lo, hi: lo * (1 + (written?.more ?? 0)) };
  const cook = [{ ...braise, ...(written && { minutes, ...(out && { out }) }) }];
  const check = (feel: Feel, share: number): Entry => ({
    ...{ id: `${feel} ${i}`, at: share * tenderMin * MINUTE, batch: 'pot', measure: 'feel', source: 'typed' },
    measures: { what: 'check', feel },
    value: { text: feel },
  });
  // It turns freely within a tenth of when it was to be.
  const forks = forked ? [check('gives but holds', 0.93), check('turns freely', 1.08)] : [];
  const at = 2 * tenderMin * MINUTE;
  const weighed = (flow: 'cooked' | 'shred', g = NaN) => weighedEntry({ what: 'sum', flow }, times * g, at);
  const scales: Record<Cooked['told'], Entry[]> = {
    shred: [weighed('shred', published?.meat.shredG.mid)],
    'cooked and shred': [
      weighed('cooked', published?.meat.onBenchG.mid),
      weighed('shred', published?.meat.shredG.mid),
    ],
    'just enough': [],
  };
  const closed = { at: at + 1, ...(told === 'just enough' && { verdict: 'just enough' as const }) };
  // So many plates as the published shred fills.
  const want = (published?.meat.shredG.mid ?? 0) / 8;
  const plates = dishOf('taco', 8, { meat: { want: { text: 'its share', lo: want, hi: want } } });
  const input = inputOf([{ ...pot(cook), closed }], [plates], [...forks, ...scales[told]]);
  const [digest] = digestOf({ ...input, meal: { ...input.meal, id: `meal ${i}` } });
  if (!digest) throw new Error('no digest');
  return digest.evidence;
}

describe('what a kitchen learns', () => {
  test('that gets exactly what is published, however it was written and looked at: nothing', () => {
    fc.assert(
      fc.property(fc.array(cooked, { minLength: 20, maxLength: 20 }), (cooks) => {
        const { learned } = learn(
          cooks.flatMap((one, i) => evidenceOf(one, i)),
          20,
        );
        for (const { what, mean } of learned.figures)
          expect([what, Math.abs(mean) < 0.03, mean]).toEqual([what, true, mean]);
      }),
      { numRuns: runs(60, 6) },
    );
  });

  test('that gets a tenth less: down at each batch, and never up', () => {
    fc.assert(
      fc.property(fc.array(cooked, { minLength: 6, maxLength: 6 }), (cooks) => {
        const evidence: Evidence[] = [];
        let before = 0;
        for (const [i, one] of cooks.entries()) {
          evidence.push(...evidenceOf({ ...one, told: 'shred' }, i, 0.9));
          const { learned } = learn(evidence, i + 1);
          const y = learned.figures.find(({ what }) => what === 'y')?.mean ?? 0;
          expect(y).toBeLessThan(before);
          before = y;
        }
        expect(before).toBeGreaterThan(Math.log(0.9) - 0.01);
      }),
      { numRuns: runs(60, 6) },
    );
  });
});
