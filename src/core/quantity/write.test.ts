import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readQuantity } from './read.ts';
import { typedMass } from './typed.ts';
import { writeChance, writeDegrees, writeMass, writeMinutes, writeVolume, type UnitChoice } from './write.ts';

const metric: UnitChoice = { system: 'metric', degrees: 'C' };
const us: UnitChoice = { system: 'us', degrees: 'F' };

describe('a figure is rounded to what it deserves', () => {
  test.each([
    [
      writeMass({ mid: 1901.4, p10: 1702, p50: 1900, p90: 2101 }, metric),
      { value: '1.9', unit: 'kg', range: '1.7–2.1' },
    ],
    [writeMass(992.2, metric), { value: '992', unit: 'g' }],
    [
      writeMass({ mid: 432, p10: 380.3, p50: 430, p90: 494.8 }, metric),
      { value: '430', unit: 'g', range: '380–490' },
    ],
    [writeMass(1740, metric), { value: '1.74', unit: 'kg' }],
    [writeMass(996, metric), { value: '1.00', unit: 'kg' }],
    [writeMass(907.2, us), { value: '2.0', unit: 'lb' }],
    [
      writeVolume({ mid: 2340, p10: 2010, p50: 2300, p90: 2590 }, metric),
      { value: '2.3', unit: 'l', range: '2.0–2.6' },
    ],
    [writeVolume(473.2, us), { value: '2.0', unit: 'cups' }],
    [
      writeMinutes({ mid: 190, p10: 160, p50: 190, p90: 230 }),
      { value: '3 h 10', unit: '', range: '2:40–3:50' },
    ],
  ])('%j', (written, expected) => {
    expect(written).toMatchObject(expected);
    if (!('range' in expected)) expect(written.range).toBeUndefined();
  });

  test('degrees and chances', () => {
    expect(writeDegrees(160, metric)).toBe('160 °C');
    expect(writeDegrees(160, us)).toBe('320 °F');
    expect([0, 0.0004, 0.824, 0.9996, 1].map(writeChance)).toEqual([
      '0 in 100',
      '1 in 100',
      '82 in 100',
      '99 in 100',
      '100 in 100',
    ]);
  });
});

test('a weight that the program types reads back as what it stored, and is never less than asked', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 60_000, noNaN: true }),
      fc.constantFrom(metric, us),
      (grams, units) => {
        const typed = typedMass(grams, units);
        const read = readQuantity(typed.text, 'mass');
        expect(read.ok && read.quantity.lo).toBeCloseTo(typed.lo ?? NaN, 6);
        expect(typed.lo).toBeGreaterThanOrEqual(grams - 1e-6);
        expect(typed.lo).toBeLessThan(grams + 30);
      },
    ),
  );
});
