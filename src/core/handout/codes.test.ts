import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CODE_BYTES, type Caught, codesOf, textOf, withCode } from './codes.ts';
import { hashOf } from '../meal/index.ts';
import { twoWords } from './twoWords.ts';

const catchAll = (codes: readonly Uint8Array[]): Caught | undefined =>
  codes.reduce<Caught | undefined>((caught, code) => withCode(caught, code), undefined);
const anyText = fc.string({ unit: 'binary', maxLength: 3000 });

test('any text passes, whatever the order in which its codes are caught, and however often one comes round', () => {
  fc.assert(
    fc.property(anyText, fc.infiniteStream(fc.nat()), (text, picks) => {
      const codes = codesOf(text) ?? [];
      for (const code of codes) expect(code.length).toBeLessThanOrEqual(CODE_BYTES);
      let caught: Caught | undefined;
      for (const pick of picks) {
        caught = withCode(caught, codes[pick % codes.length] ?? new Uint8Array());
        if (caught && caught.pieces.size === codes.length) break;
        // Nothing is made of a part of it.
        if (caught) expect(textOf(caught)).toBeUndefined();
      }
      expect(caught && textOf(caught)).toBe(text);
    }),
    { numRuns: 60 },
  );
});

test('what is no code of ours, or of something else, does no harm', () => {
  const codes = codesOf('x'.repeat(20) + Math.PI.toString().repeat(200)) ?? [];
  const caught = catchAll(codes);
  expect(withCode(caught, new TextEncoder().encode('https of somewhere else, long enough'))).toBe(caught);
  expect(withCode(caught, new Uint8Array())).toBe(caught);
  expect(withCode(caught, codes[0] ?? new Uint8Array())).toBe(caught);
  // Another text's code begins anew: it is that one which is being shown now.
  const other = withCode(caught, codesOf('another')?.[0] ?? new Uint8Array());
  expect(other && textOf(other)).toBe('another');
});

test('a code of which any byte was read wrongly makes no other text', () => {
  const text = '14.4 kg of pork, 9.6 kg of shred';
  const [code = new Uint8Array()] = codesOf(text) ?? [];
  let refused = 0;
  for (let at = 0; at < code.length; at += 1) {
    const caught = withCode(
      undefined,
      code.map((byte, i) => (i === at ? byte ^ 255 : byte)),
    );
    const made = caught && textOf(caught);
    if (made === undefined) refused += 1;
    else expect(made).toBe(text);
  }
  expect(refused).toBeGreaterThan(code.length / 2);
});

test('what no one would wait for is not made into codes', () => {
  const noise = Array.from({ length: 40_000 }, (_, i) =>
    String.fromCharCode(33 + (((i * 7919) ^ (i >> 3)) % 90)),
  ).join('');
  expect(codesOf(noise)).toBeUndefined();
});

test('the hash is the published one', () => {
  // FNV-1a test vectors: draft-eastlake-fnv, appendix C.
  expect(hashOf('')).toBe(0x811c9dc5);
  expect(hashOf('a')).toBe(0xe40c292c);
  expect(hashOf('foobar')).toBe(0xbf9cf968);
});

test('two words tell two texts apart', () => {
  expect(twoWords('nine jobs')).toMatch(/^[a-z]+ [a-z]+$/);
  const said = new Set(Array.from({ length: 2000 }, (_, i) => twoWords(`part ${i}`)));
  // 2,000 of 4,096 pairs drawn evenly: some 1,580 different ones.
  expect(said.size).toBeGreaterThan(1450);
});
