import { reckon } from '../reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import { afterBy, type AfterStep } from '../meal/index.ts';
import { mustClose } from '../ledger/balance.ts';
import { massOf } from '../ledger/index.ts';

import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { drawsOf, openMeal } from './index.ts';

const shank = lotOf('beef-shank', 2000);
const open = (...args: Parameters<typeof inputOf>) => openMeal(inputOf(...args));

describe('an opened meal', () => {
  test('works each part out once, and only when it is asked', () => {
    const input = inputOf([batchOf([shank])], [dishOf('taco', 8)]);
    let asked = 0;
    const meal = openMeal({
      ...input,
      get entries() {
        asked += 1;
        return input.entries;
      },
    });
    const before = asked;
    expect(meal.plan).toBe(meal.plan);
    expect(meal.nominal).toBe(meal.nominal);
    const once = asked;
    expect(once).toBeGreaterThanOrEqual(before);
    expect([meal.plan, meal.now, meal.ledger, meal.nominal]).toHaveLength(4);
    expect(drawsOf(meal)).toBe(drawsOf(meal));
  });

  test('without readings what is planned is what is', () => {
    const { planned, now, plannedRun, nominal } = open([batchOf([shank])], [dishOf('taco', 8)]);
    expect(now).toBe(planned);
    expect(nominal).toBe(plannedRun);
  });

  test('a reading changes what is, beside what was planned', () => {
    const bones = weighedEntry({ what: 'sum', flow: 'bone' }, 600);
    const { ledger } = open([batchOf([shank])], [dishOf('taco', 8)], [bones]);
    const bone = ledger.find(({ id }) => id === 'bone');
    expect(bone?.weighed).toBe(true);
    expect(massOf(bone?.now ?? bone?.planned ?? ({} as never))).toBeCloseTo(600, 6);
    expect(massOf(bone?.planned ?? ({} as never))).not.toBeCloseTo(600, 0);
  });
});

describe('the plan of a meal', () => {
  test('leaves out what cannot be read, and says so', () => {
    const gone = lotOf('beef-unicorn', 1000);
    const heavy = lotOf('beef-shank', 900_000, { id: 'heavy' });
    const { plan } = open([batchOf([shank, gone, heavy])], []);
    expect(plan.batches[0]?.lots.map(({ id }) => id)).toEqual([shank.id]);
    expect(plan.problems().map(({ lot }) => lot)).toEqual([gone.id, 'heavy']);
  });

  test('a lot’s own choices go before its batch’s', () => {
    const close = { ...shank, id: 'close', trim: 'close' as const, picking: 'lean only' as const };
    const [plain, own] = open([batchOf([shank, close])], []).plan.batches[0]?.lots ?? [];
    expect(plain?.trim.share).toBe(0);
    expect(own?.trim.share).toBeGreaterThan(0.1);
    expect(own?.pick.goes).toBeGreaterThan(plain?.pick.goes ?? 1);
  });

  test('two pots take two vessels, the first that was chosen before any other', () => {
    const cook = [
      { id: 'heat', heat: 'oven' as const, lid: 'on' as const, setting: grams(160), vessel: 'pot-28' },
    ];
    const batches = [
      { ...batchOf([shank]), id: 'one' },
      { ...batchOf([shank], { cook }), id: 'two' },
    ];
    const vessels = open(batches, []).plan.batches.map((batch) => batch.vessels[0]?.vessel.id);
    expect(vessels[1]).toBe('pot-28');
    expect(vessels[0]).not.toBe('pot-28');
  });

  test('the salt that is wanted is put in where nobody has written any, and only there', () => {
    const [wanted] = open([batchOf([shank])], []).now;
    expect(wanted?.liquid?.saltG).toBeCloseTo(wanted?.liquid?.saltWantedG ?? NaN, 9);
    const [typed] = open([batchOf([shank], { salt: grams(5) })], []).now;
    expect(typed?.liquid?.saltG).toBe(5);
    expect(typed?.liquid?.saltWantedG).toBeCloseTo(wanted?.liquid?.saltWantedG ?? NaN, 6);
  });
});

test('a filling that is stretched goes further by what it is stretched with, and every node closes', () => {
  const beans = {
    id: 'beans',
    what: 'stretch' as const,
    ref: 'onion',
    amount: grams(400),
    measure: 'mass' as const,
  };
  const after = [...afterBy('broth'), beans];
  const of = (steps: AfterStep[]) =>
    openMeal(inputOf([batchOf([lotOf('beef-shank', 2000)], { after: steps })], [dishOf('taco', 60)]));
  const [plain, stretched] = [of([...afterBy('broth')]), of(after)];
  mustClose(stretched.nominal.flows);
  const plates = (meal: typeof plain) => meal.nominal.served.plates;
  expect(plates(stretched)).toBeGreaterThan(plates(plain));
  const left = (meal: typeof plain) => reckon(meal).meal.shredG.mid;
  expect(left(stretched)).toBeCloseTo(left(plain) + 400, 6);
});

test('dressed as juicy as the cook says, where the dish does not', () => {
  const dress = { id: 'dress', what: 'dress' as const, held: 0.3 };
  const of = (dish: ReturnType<typeof dishOf>) =>
    openMeal(inputOf([batchOf([lotOf('beef-shank', 2000)], { after: [dress] })], [dish])).plan.tickets[0]
      ?.held;
  expect(of(dishOf('taco', 10))).toBe(0.3);
  expect(of({ ...dishOf('taco', 10), held: 0.1 })).toBe(0.1);
});
