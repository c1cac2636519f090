import { describe, expect, test } from '@jest/globals';
import { readQuantity } from './read.ts';
import { partLeft, readBoiledTo } from './readPart.ts';

describe('a length of time as cooks say it', () => {
  test.each([
    ['2 h 30', 150],
    ['2h30', 150],
    ['2:30', 150],
    ['2 h 45', 165],
    ['2 h 5', 125],
    ['half an hour', 30],
    ['Half an hour', 30],
    ['half hour', 30],
    ['a quarter of an hour', 15],
    ['quarter of an hour', 15],
    ['three quarters of an hour', 45],
    ['an hour', 60],
    ['an hour and a half', 90],
    ['one and a half hours', 90],
    ['two and a half hours', 150],
    ['2 and a half hours', 150],
    ['two hours', 120],
    ['an hour and a quarter', 75],
    ['one hour twenty', 80],
    ['two hours and ten minutes', 130],
    ['twenty minutes', 20],
    ['forty-five min', 45],
    ['2½ h', 150],
    ['1 h 20 min', 80],
    ['90 min', 90],
    ['a day', 1440],
  ])('%s', (text, minutes) => {
    const read = readQuantity(text, 'duration');
    expect([text, read.ok ? read.quantity.lo : read.error]).toEqual([text, minutes]);
    // What was written stands, letter for letter.
    if (read.ok) expect(read.quantity.text).toBe(text);
  });

  test.each([
    ['2–2½ h', 120, 150],
    ['2 to 3 hours', 120, 180],
    ['overnight', 480, 720],
  ])('%s is a range', (text, lo, hi) => {
    expect(readQuantity(text, 'duration')).toMatchObject({ ok: true, quantity: { text, lo, hi } });
  });

  test.each(['2:75', 'half', 'a while', '2 h 30 h', 'half an onion'])(
    '“%s” is refused with itself',
    (text) => {
      const read = readQuantity(text, 'duration');
      expect(read.ok).toBe(false);
      if (!read.ok) expect(read.error).toContain(`“${text}”`);
    },
  );

  test('a bare number is asked about', () => {
    const read = readQuantity('90', 'duration', ['min', 'h']);
    expect(read).toMatchObject({ ok: false, choices: ['90 min', '90 h'] });
  });
});

describe('a part of what there is', () => {
  test.each([
    ['half', 1 / 2],
    ['by half', 1 / 2],
    ['to a third', 1 / 3],
    ['by a third', 2 / 3],
    ['till half is gone', 1 / 2],
    ['until a third is gone', 2 / 3],
    ['until a third is left', 1 / 3],
    ['by two thirds', 1 / 3],
    ['¼', 1 / 4],
    ['2/3', 2 / 3],
    ['30 %', 0.3],
    ['to half of it', 1 / 2],
  ])('%s', (text, share) => expect(partLeft(text)).toBeCloseTo(share, 9));

  test.each(['200 ml', 'a', '0', '3/2', 'half a cup', '120 %'])('“%s” is none', (text) =>
    expect(partLeft(text)).toBeUndefined(),
  );

  test('stands as so much and says what was said; read again it is the same', () => {
    const of = { amount: 600, measure: 'volume' } as const;
    const read = readBoiledTo('till a third is left', of, ['volume', 'mass']);
    expect(read).toEqual({
      ok: true,
      quantity: { text: '200 ml (till a third is left)', lo: 200, hi: 200 },
      measure: 'volume',
    });
    if (!read.ok) throw new Error('not read');
    expect(readBoiledTo(read.quantity.text, { ...of, amount: 900 }, ['volume'])).toEqual(read);
    expect(readBoiledTo('half', undefined, ['volume']).ok).toBe(false);
    expect(readBoiledTo('0', of, ['volume'], [], true)).toMatchObject({ ok: true, quantity: { lo: 0 } });
  });
});
