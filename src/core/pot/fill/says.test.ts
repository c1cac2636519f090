import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Item } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { reckon } from '../../reckoning/reckon.ts';
import { type Changes, batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { levelAt, FULL } from './fill.ts';

const ml = (lo: number) => ({ text: `${lo} ml`, lo, hi: lo });
const water = (lo: number): Item => ({
  id: 'w',
  ref: 'water',
  amount: ml(lo),
  measure: 'volume',
  state: 'in',
});
const pot = (changes: Changes, lots = [lotOf('beef-blade-roast', 2000)]) => {
  const { batches, problems } = reckon(openMeal(inputOf([batchOf(lots, changes)], [dishOf('taco', 12)])));
  const picture = batches[0]?.pot;
  if (!picture) throw new Error('no pot');
  return { pot: picture, problems, batch: batches[0] };
};

describe('a pot that is what it says', () => {
  test('the smallest that fits fits all that is poured, whatever that is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 9000 }), fc.integer({ min: 500, max: 6000 }), (poured, meatG) => {
        const { pot: found, problems } = pot({ items: [water(poured)] }, [lotOf('beef-blade-roast', meatG)]);
        expect(found.standsCm).toBeLessThanOrEqual(FULL * found.vessel.heightCm + 1e-9);
        expect(problems.filter(({ says }) => says.what === 'fits: too full')).toEqual([]);
      }),
      { numRuns: runs(25) },
    );
  });

  test('how high it stands is told of what was poured, not of what was chosen', () => {
    for (const level of ['cover', 'tops showing', 'half way'] as const) {
      expect(pot({ level, items: [{ id: 's', ref: 'water', state: 'in' }] }).pot.level).toBe(level);
      expect(pot({ level, items: [water(4000)] }).pot.level).toBe('cover');
      expect(pot({ level, items: [water(0)] }).pot.level).toBe('own juice');
    }
    expect(levelAt(5, 0)).toBe('own juice');
  });

  test('a whole roast is drawn whole, and pieces that were counted as many as they are', () => {
    const one = lotOf('beef-blade-roast', 2500, { pieces: { size: 'whole' } });
    expect(pot({}, [one]).pot.pieces).toHaveLength(1);
    for (const count of [2, 5, 9])
      expect(pot({}, [lotOf('beef-shank', 3000, { pieces: { count } })]).pot.pieces).toHaveLength(count);
  });

  test('ribs with their bones are ribs where nobody says otherwise', () => {
    const minutes = (changes: Changes, size?: 'chunks' | 'ribs') =>
      pot(changes, [lotOf('beef-short-ribs', 2000, size && { pieces: { size } })]).batch?.ready.min?.mid;
    expect(minutes({})).toBe(minutes({}, 'ribs'));
    expect(minutes({})).not.toBe(minutes({}, 'chunks'));
  });
});

describe('advice works when it is taken', () => {
  test('a sauce is not boiled down below its vegetables; strained it may be', () => {
    const onion: Item = {
      id: 'o',
      ref: 'onion',
      amount: { text: '1 kg', lo: 1000, hi: 1000 },
      measure: 'mass',
      state: 'in',
    };
    const changes = { strain: false, items: [water(1500), onion], reduceTo: ml(300) };
    const refused = pot(changes).problems.filter(({ says }) => says.what === 'reduced too far');
    expect(refused.map(({ says }) => says)).toEqual([
      { what: 'reduced too far', text: '300 ml', askedMl: 300, solidsMl: 1000 },
    ]);
    expect(pot({ ...changes, strain: true }).problems.map(({ says }) => says.what)).not.toContain(
      'reduced too far',
    );
  });

  test('what is smooth is part of the liquid: no sieve holds it back', () => {
    const item = (ref: string): Item => ({
      id: ref,
      ref,
      amount: { text: '500 g', lo: 500, hi: 500 },
      measure: 'mass',
      state: 'in',
    });
    const solids = (ref: string) => pot({ items: [water(1000), item(ref)] }).batch?.liquid.solidsG?.mid ?? 0;
    expect(solids('tomato-puree')).toBeLessThan(1);
    expect(solids('onion')).toBeGreaterThan(50);
  });
});

describe('heat as the cook does it', () => {
  const oven = {
    id: 'heat4',
    heat: 'oven' as const,
    setting: { text: '150 °C', lo: 150, hi: 150 },
    lid: 'on' as const,
  };
  const minutes = (changes: Changes) => pot(changes).batch?.ready.min?.mid ?? NaN;
  const steam = (changes: Changes) => pot(changes).batch?.liquid.steamMl?.mid ?? NaN;

  test('brought to the boil first it is tender sooner than warmed, and that sooner than straight in', () => {
    const [boiled, warmed, straight] = [
      minutes({ cook: [oven], start: 'boiled' }),
      minutes({ cook: [oven] }),
      minutes({ cook: [oven], start: 'straight in' }),
    ];
    expect(boiled).toBeLessThan(warmed);
    expect(warmed).toBeLessThan(straight);
  });

  test('a lid that fits tight, or foil, keeps more in than a usual one, and a loose one less', () => {
    const of = (fit?: 'tight' | 'foil' | 'loose') =>
      steam({ cook: [{ ...oven, ...(fit && { fit }), minutes: ml(180) }] });
    expect(of('tight')).toBeLessThan(of('foil'));
    expect(of('foil')).toBeLessThan(of());
    expect(of()).toBeLessThan(of('loose'));
  });

  test('a smoker open over a pot is no open smoke: the meat lies in its liquid and steams like an open pot', () => {
    const at = {
      vessel: 'roasting-pan',
      setting: { text: '140 °C', lo: 140, hi: 140 },
      lid: 'off' as const,
      minutes: ml(180),
    };
    expect(steam({ cook: [{ id: 'heat2', heat: 'smoker', ...at }] })).toBeCloseTo(
      steam({ cook: [{ id: 'heat', heat: 'oven', ...at }] }),
      6,
    );
  });
});
