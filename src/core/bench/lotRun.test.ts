import { describe, expect, test } from '@jest/globals';
import { afterBy, type AfterStep, type Entry } from '../meal/index.ts';
import { massOf } from '../ledger/index.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';

const lot = lotOf('beef-shank', 3000, { bone: 'in' });
function run(entries: readonly Entry[], after?: readonly AfterStep[]) {
  const batch = batchOf([lot], after ? { after: [...after] } : {});
  const { nominal } = openMeal(inputOf([batch], [dishOf('taco', 10)], [...entries]));
  const mass = nominal.batches[0]?.mass.lots[0];
  if (!mass) throw new Error('no lot');
  const flow = (...ids: readonly string[]) =>
    nominal.flows.filter(({ id }) => ids.includes(id)).reduce((sum, { amount }) => sum + massOf(amount), 0);
  return { mass, flow };
}
const sum = (
  flow: 'cooked' | 'shred' | 'foundLate' | 'eaten' | 'thrown' | 'unpulled' | 'again' | 'pickings',
  g: number,
  at: number,
) => weighedEntry({ what: 'sum', flow }, g, at);

describe('what is eaten, found late or thrown away', () => {
  test('a mouthful before the bowl is weighed was shred all the same; one after it is not on the plates', () => {
    const plain = run([sum('shred', 1000, 5)]);
    const before = run([sum('eaten', 40, 3), sum('shred', 1000, 5)]);
    const after = run([sum('shred', 1000, 5), sum('eaten', 40, 7), sum('eaten', 20, 8)]);
    expect(plain.mass.bowl).toBeCloseTo(1000, 6);
    expect([before.mass.shred, before.mass.bowl]).toEqual([1040, 1000]);
    expect([after.mass.shred, after.mass.bowl]).toEqual([1000, 940]);
    expect(after.flow('eaten')).toBeCloseTo(60, 6);
    expect(after.flow('servedMeat', 'keptShred')).toBeCloseTo(940, 5);
  });

  test('what is found late was cooked too: after the weighing it is more, before it was in the bowl', () => {
    const cooked = run([sum('cooked', 1600, 2)]);
    const late = run([sum('cooked', 1600, 2), sum('foundLate', 90, 4)]);
    expect(late.mass.flesh).toBeCloseTo(cooked.mass.flesh + 90, 0);
    expect(late.mass.bowl).toBeGreaterThan(cooked.mass.bowl + 80);
    const early = run([sum('foundLate', 90, 1), sum('cooked', 1600, 2)]);
    expect(early.mass.flesh).toBeCloseTo(cooked.mass.flesh, 0);
    expect(run([sum('foundLate', 90, 4)]).mass.flesh).toBeCloseTo(run([]).mass.flesh, 6);
  });

  test('what is eaten that was not there is found, not hidden', () => {
    const { mass, flow } = run([sum('shred', 100, 1), sum('thrown', 250, 2)]);
    expect(mass.bowl).toBe(0);
    expect(flow('found')).toBeGreaterThanOrEqual(150);
  });
});

describe('pulled in part', () => {
  test('what went back is pulled in a second wave, less what is picked from it', () => {
    const { mass, flow } = run([sum('cooked', 2000, 2), sum('unpulled', 600, 3)]);
    expect(mass.unpulled).toBe(600);
    expect(mass.again).toBeGreaterThan(400);
    expect(mass.again).toBeLessThan(600);
    expect(mass.bowl).toBeCloseTo(mass.shred + mass.again, 9);
    expect(flow('again')).toBeCloseTo(mass.again, 9);
    const weighed = run([sum('cooked', 2000, 2), sum('unpulled', 600, 3), sum('again', 510, 9)]);
    expect(weighed.mass.again).toBeCloseTo(510, 9);
  });
});

describe('not all is shredded', () => {
  const broth = afterBy('broth');
  const without = (...whats: readonly AfterStep['what'][]) =>
    broth.filter(({ what }) => !whats.includes(what));

  test('left in pieces it is boned and picked; not picked it keeps its membrane', () => {
    const pulled = run([], broth).mass;
    expect(run([], without('pull')).mass.bowl).toBeCloseTo(pulled.bowl, 6);
    const whole = run([], without('pull', 'pick')).mass;
    expect(whole.pickings).toBe(0);
    expect(whole.bowl).toBeCloseTo(whole.bench, 6);
  });

  test('sent out on the bone the bones go to the plates', () => {
    const { mass, flow } = run([], without('bone', 'pull', 'pick'));
    expect(mass.bone).toBe(0);
    expect(flow('boneServed')).toBeCloseTo(mass.boneOut, 6);
    expect(flow('bone')).toBe(0);
  });

  test('of what only the big pieces are lifted the rest is not picked', () => {
    const all = run([], broth).mass;
    const big = run(
      [],
      broth.map((step) => (step.what === 'lift' ? { ...step, share: 0.5 } : step)),
    ).mass;
    expect(big.pickings).toBeCloseTo(all.pickings / 2, 6);
  });
});
