import { describe, expect, test } from '@jest/globals';
import { skims, withSetApart } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { reckon } from '../../reckoning/index.ts';
import { type Changes, batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { jugOf } from './jug.ts';

const jug = (changes: Changes = {}, dishes = [dishOf('dip', 12)]) => {
  const batch = batchOf([lotOf('beef-shank', 3000)], changes);
  const opened = openMeal(inputOf([batch], dishes));
  const [reckoning] = reckon(opened).batches;
  const [liquid] = reckoning?.liquids ?? [];
  if (!reckoning || !liquid) throw new Error('no liquid');
  return { jug: jugOf(opened, reckoning, batch, liquid), reckoning, liquid };
};

describe('the jug of the pot', () => {
  test('its parts are all of it: what the plates want, what soaks back, and what is left', () => {
    const { jug: found, liquid } = jug();
    expect(found.ml).toBe(liquid.ml.mid);
    const sum = found.parts.reduce((all, { ml }) => all + ml, 0);
    expect(sum / found.ml).toBeCloseTo(1, 9);
  });

  test('where more is wanted than there is, nothing is left, and no more is claimed than it holds', () => {
    const { jug: found } = jug({}, [dishOf('dip', 200)]);
    const shelf = found.parts.find(({ to }) => to === 'the shelf')?.ml ?? 0;
    // Less than one more cup.
    expect(shelf).toBeLessThan(75);
    expect(found.parts.reduce((all, { ml }) => all + ml, 0)).toBeLessThanOrEqual(found.ml + 1e-9);
  });

  test('fat stands higher than it weighs, since it is lighter; left in, there is none to take off', () => {
    for (const skim of skims) {
      const { jug: found, reckoning } = jug({ skim });
      if (skim === 'leave') expect(found.fatMl).toBe(0);
      else expect(found.fatMl / (reckoning.liquid.skimG?.mid ?? NaN)).toBeCloseTo(1 / 0.92, 9);
    }
  });

  test('solids lie in a sauce alone', () => {
    expect(jug({ strain: true }).jug.solidsMl).toBe(0);
    expect(jug({ strain: false }).jug.solidsMl).toBeGreaterThan(0);
  });
});

test('a part that stands apart has a jug of its own, with no fat to come off; its claims are of what is in it', () => {
  const batch = withSetApart(batchOf([lotOf('beef-shank', 3000)]), 'apart', 'dip', 400);
  const opened = openMeal(inputOf([batch], [dishOf('dip', 6), dishOf('taco', 12)]));
  const [reckoning] = reckon(opened).batches;
  const apart = reckoning?.liquids.find(({ id }) => id === 'dip');
  if (!reckoning || !apart) throw new Error('nothing stands apart');
  const found = jugOf(opened, reckoning, batch, apart);
  expect(found.ml).toBeCloseTo(400, 0);
  expect([found.fatMl, found.solidsMl]).toEqual([0, 0]);
  expect(found.parts.length).toBeGreaterThan(0);
  expect(found.parts.reduce((all, { ml }) => all + ml, 0) / found.ml).toBeCloseTo(1, 2);
});
