import { describe, expect, test } from '@jest/globals';
import type { ShelfItem } from '../../meal/index.ts';
import { ownIngredientProblem } from '../../testing/ownIngredient.ts';
import { bestBefore, daysUntil, gramsLeft, isFromAhead, isPastUse, onShelf } from './bestBefore.ts';
import { asIngredient, heldInBox, movedTo, mustNot, withGone } from './edits.ts';
import { suitsPot } from './suits.ts';

const DAY = 86_400_000;
const MADE = Date.UTC(2026, 11, 1, 12);
const broth: ShelfItem = {
  id: 'broth',
  what: 'broth',
  name: 'beef broth',
  grams: 1010,
  ml: 1000,
  made: MADE,
  place: 'fridge',
  saltG: 8,
  fatG: 10,
  waterG: 970,
  proteinG: 15,
  holds: ['beef', 'celery'],
};

describe('how long it keeps', () => {
  test('a home four days, a business seven with the first; as it was written if it was', () => {
    expect(daysUntil(bestBefore(broth, {}), MADE)).toBe(4);
    expect(daysUntil(bestBefore(broth, { keeps: 'business' }), MADE)).toBe(6);
    expect(bestBefore({ ...broth, useBy: MADE + DAY }, {})).toBe(MADE + DAY);
  });

  test('frozen its days stand still; thawed, what was left of them is left, a day at least', () => {
    const frozen = movedTo(broth, 'freezer', MADE + DAY);
    expect(daysUntil(bestBefore(frozen, {}), MADE + DAY)).toBe(90);
    const thawed = movedTo(frozen, 'fridge', MADE + 30 * DAY);
    expect(daysUntil(bestBefore(thawed, {}), MADE + 30 * DAY)).toBe(3);
    const late = movedTo(movedTo(broth, 'freezer', MADE + 5 * DAY), 'fridge', MADE + 30 * DAY);
    expect(daysUntil(bestBefore(late, {}), MADE + 30 * DAY)).toBe(1);
  });
});

test('what has gone is off it and stays written down; what is gone is not on the shelf', () => {
  const half = withGone(broth, { how: 'taken', at: MADE, grams: 505, meal: 'soup' });
  expect(gramsLeft(half)).toBe(505);
  const none = withGone(half, { how: 'thrown away', at: MADE + DAY });
  expect(none.gone).toMatchObject([
    { grams: 505, meal: 'soup' },
    { how: 'thrown away', grams: 505 },
  ]);
  const later = { ...broth, id: 'later', made: MADE + DAY };
  expect(onShelf([none, later, broth], {}).map(({ id }) => id)).toEqual(['broth', 'later']);
});

test('taken as an ingredient it brings its salt, its fat and its allergens, by the gram', () => {
  const ingredient = asIngredient(broth, MADE);
  expect(ingredient.per.salt).toBeCloseTo(8 / 1010, 9);
  expect(ingredient.per.fat).toBeCloseTo(10 / 1010, 9);
  expect(Object.values(ingredient.per).reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
  expect(ingredient.density).toBeCloseTo(1.01, 9);
  expect(ownIngredientProblem(ingredient)).toBeUndefined();
  const fat = asIngredient(
    { id: 'f', what: 'fat', name: 'fat', grams: 200, made: MADE, place: 'fridge' },
    MADE,
  );
  expect(fat.per.fat).toBe(1);
  expect(mustNot(broth, ['beef', 'pork'])).toEqual(['beef']);
});

test('a box that somebody put there without a word is not known, on its label and in the next pot; a word ends that', () => {
  const jar: ShelfItem = {
    id: 'j',
    what: 'other',
    name: 'chilli paste',
    grams: 200,
    made: MADE,
    place: 'fridge',
  };
  expect(heldInBox(jar)).toEqual({ holds: [], notKnown: ['chilli paste'] });
  expect(asIngredient(jar, MADE).unsure).toBe(true);
  expect(asIngredient({ ...jar, holds: [] }, MADE)).not.toHaveProperty('unsure');
  expect(heldInBox({ ...jar, holds: ['soy'] })).toEqual({ holds: ['soy'], notKnown: [] });
  expect(heldInBox({ ...jar, holds: ['beef'], notKnown: ['sambal'] }).notKnown).toEqual(['sambal']);
});

describe('days of a box', () => {
  test('are those of the kitchen that labelled it, wherever it is read', () => {
    // Half past eleven at night in Auckland is noon before in Amsterdam.
    const made = Date.UTC(2026, 11, 4, 10, 30);
    const box: ShelfItem = {
      id: 'b',
      what: 'broth',
      name: 'broth',
      grams: 900,
      made,
      place: 'fridge',
      zone: 'Pacific/Auckland',
    };
    const until = bestBefore(box, {});
    const later = made + 45 * 60_000;
    expect(daysUntil(until, later, 'Europe/Amsterdam')).toBe(4);
    // After midnight there a day of it is gone, whatever the clock of the device says.
    expect(daysUntil(until, later, box.zone)).toBe(3);
    expect(isPastUse(box, {}, until + 60 * 60_000)).toBe(true);
  });

  test('one that was made on a day to come is said, and no pot is offered it', () => {
    const box: ShelfItem = { id: 'b', what: 'broth', name: 'broth', grams: 900, made: MADE, place: 'fridge' };
    const yearBefore = MADE - 365 * DAY;
    expect(isFromAhead(box, yearBefore)).toBe(true);
    expect(isFromAhead(box, MADE + DAY)).toBe(false);
    expect(isFromAhead(box, MADE - 60_000)).toBe(false);
    expect(suitsPot([box], {}, yearBefore, { panFatG: 40 })).toEqual([]);
    expect(suitsPot([box], {}, MADE, { panFatG: 40 })).toHaveLength(1);
  });
});
