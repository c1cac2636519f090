import { afterEach, describe, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { closePage, openAt, sheet, stored, takeBack, tap, user, write } from '../testing/openApp.tsx';

afterEach(closePage);

const shank = (changes = {}) =>
  inputOf([batchOf([lotOf('beef-shank', 2500)], changes)], [dishOf('taco', 20)]);
const title = () => screen.getByRole('heading', { level: 1 }).textContent;
const ml = () => {
  const [, value = '', unit = ''] = /^([\d.]+) (ml|l) of/.exec(title()) ?? [];
  return Number(value) * (unit === 'l' ? 1000 : 1);
};

describe('what the liquid becomes', () => {
  test('strained it is a broth; with its vegetables it is a sauce, and there is more of it', async () => {
    await openAt('broth', shank());
    const broth = ml();
    expect(title()).toMatch(/of broth$/);
    await tap(screen.getByLabelText('keep the vegetables'));
    expect(title()).toMatch(/of sauce$/);
    expect(ml()).toBeGreaterThan(broth);
    expect((await stored()).batches[0]?.strain).toBe(false);
    await takeBack('straining');
    expect(ml()).toBe(broth);
  });

  test('boiled down there is what was asked for, and the salt was cut so that it is no stronger', async () => {
    await openAt('broth', shank());
    const salt = () => Number(/salt([\d.]+)/.exec(sheet())?.[1]);
    const before = salt();
    await write('Boil down to', '400 ml');
    expect(ml()).toBeCloseTo(400, -1);
    expect(Math.abs(salt() - before)).toBeLessThan(0.05);
    await write('Boil down to', 'to a glaze');
    await user.tab();
    expect(sheet()).toMatch(/“to a glaze” is not a volume/);
  });

  test('left unskimmed the fat stays in it', async () => {
    await openAt('broth', shank());
    expect(sheet()).toMatch(/fat skimmed off\d/);
    const broth = ml();
    await tap(screen.getByLabelText('leave it'));
    expect(ml()).toBeGreaterThanOrEqual(broth);
    expect((await stored()).batches[0]?.skim).toBe('leave');
  });

  test('a jug that was weighed or measured takes the place of the plan', async () => {
    await openAt('broth', shank());
    await write('The broth, by weight or volume', '700 ml');
    await user.keyboard('{Enter}');
    expect((await stored()).entries).toMatchObject([{ measures: { flow: 'liquid' }, measure: 'volume' }]);
    expect(ml()).toBe(700);
    await takeBack('how much broth there is');
    expect(ml()).not.toBe(700);
  });

  test('at a heat that never gets it tender it says what it hangs on', async () => {
    const cold = { text: '50 °C', lo: 50, hi: 50 };
    await openAt('broth', shank({ cook: [{ heat: 'oven', setting: cold, lid: 'on' }] }));
    expect(title()).toBe('How much broth is not known yet');
    expect(sheet()).toContain('It depends on how long the pot cooks.');
  });
});
