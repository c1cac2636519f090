import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hear, send, type Awaited } from './echoes.ts';

const typed = (texts: readonly string[], stored = '') =>
  texts.reduce<Awaited<string>>((awaited, text, i) => send(awaited, stored, text, i), []);

test('however late the store answers, a text that was typed here is never news', () => {
  fc.assert(
    fc.property(
      fc.array(fc.string({ minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 12 }),
      fc.array(fc.boolean(), { minLength: 12, maxLength: 12 }),
      (texts, told) => {
        let awaited = typed(texts);
        let stored = '';
        // The store says some of them, in order, and the last one always.
        for (const [i, text] of texts.entries()) {
          if (text === stored || (!told[i] && i < texts.length - 1)) continue;
          stored = text;
          const heard = hear(awaited, text, 100 + i);
          expect(heard.news).toBe(false);
          awaited = heard.awaited;
        }
      },
    ),
  );
});

test('undo, another tab and a drawing are news, also back to a text that was typed before', () => {
  expect(hear([], '2 kg', 0)).toEqual({ news: true, awaited: [] });
  const settled = hear(typed(['2', '2 k', '2 kg']), '2 kg', 10);
  expect(settled).toEqual({ news: false, awaited: [] });
  expect(hear(settled.awaited, '2', 20).news).toBe(true);
});

test('a text that the store has already brings no echo, and one that it skipped is not awaited for ever', () => {
  expect(typed(['28', '28'], '28')).toEqual([]);
  expect(hear(typed(['a', '']), 'a', 60_000).news).toBe(true);
});
