import { describe, expect, test } from '@jest/globals';
import { skims } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { reckon } from '../../reckoning/index.ts';
import { type Changes, batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { jugOf } from './jug.ts';

const jug = (changes: Changes = {}, dishes = [dishOf('dip', 12)]) => {
  const batch = batchOf([lotOf('beef-shank', 3000)], changes);
  const [reckoning] = reckon(openMeal(inputOf([batch], dishes))).batches;
  const [liquid] = reckoning?.liquids ?? [];
  if (!reckoning || !liquid) throw new Error('no liquid');
  return { jug: jugOf(reckoning, batch, liquid), reckoning, liquid };
};

describe('the jug of the pot', () => {
  test('its parts are all of it: what the plates want, what soaks back, and what is left', () => {
    const { jug: found, liquid } = jug();
    expect(found.ml).toBe(liquid.ml.mid);
    const sum = found.parts.reduce((all, { ml }) => all + ml, 0);
    expect(sum / found.ml).toBeCloseTo(1, 9);
  });

  test('where more is wanted than there is, nothing is left', () => {
    const { jug: found } = jug({}, [dishOf('dip', 200)]);
    expect(found.parts.map(({ to }) => to)).not.toContain('the shelf');
    expect(found.parts.reduce((all, { ml }) => all + ml, 0)).toBeGreaterThan(found.ml);
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

test('a part that stands apart has no fat to come off and no plates of its own', () => {
  const { reckoning } = jug();
  const apart = { id: 'dip', ml: { mid: 500 } };
  expect(jugOf(reckoning, batchOf([]), apart)).toEqual({ ml: 500, fatMl: 0, solidsMl: 0, parts: [] });
});
