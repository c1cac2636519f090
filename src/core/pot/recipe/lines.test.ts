import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { names } from '@/reference/names.ts';
import { pantry } from '@/reference/pantry.ts';
import { reference } from '@/reference/index.ts';
import { type PrintedLine, printedLines } from './printed.ts';

/** A line, and what a cook understands by it. */
interface Known {
  readonly line: string;
  readonly kind: PrintedLine['kind'];
  /** The thing's or the cut's name; what has to be among the answers where it is asked. */
  readonly name: string | null;
  readonly grams: number | null;
  readonly ml: number | null;
  /** Counted by the piece, by the bunch or by the pack. */
  readonly about: boolean;
}

const called = new Map(
  [...pantry, ...reference.ingredients, ...reference.cuts].map(({ id, name }) => [id, name] as const),
);

function knownOf(row: string): Known {
  const [line = '', said = ''] = row.split(' => ');
  const [, asked, id = '', sign, amount, unit] =
    /^(?:(ask|cut) )?(\S+)(?: (~?)([\d.]+)(g|ml))?$/.exec(said) ?? [];
  const kind = asked === 'ask' ? 'asked' : asked === 'cut' ? 'cut' : id === 'note' ? 'note' : 'ingredient';
  const value = amount === undefined ? null : Number(amount);
  return {
    line,
    kind,
    name: id === 'note' ? null : id === 'salt' ? 'salt' : (called.get(id) ?? `no ${id}`),
    grams: unit === 'g' ? value : null,
    ml: unit === 'ml' ? value : null,
    about: sign === '~',
  };
}

/** So far apart two ways of counting may be, and two of measuring: a cup is 237 or 240 ml. */
const ABOUT = 0.2;
const MEASURED = 0.03;
const isNear = (is: number | null, meant: number | null, by: number) =>
  meant === null ? is === null : is !== null && Math.abs(is / meant - 1) <= by;

function isRight(is: PrintedLine, { kind, name, grams, ml, about }: Known): boolean {
  const amount = isNear(is.grams, grams, about ? ABOUT : MEASURED) && isNear(is.ml, ml, MEASURED);
  if (is.kind !== kind || !amount) return false;
  return kind === 'asked' ? name !== null && is.asks.includes(name) : is.name === name;
}

const rows = readFileSync(new URL('testing/lines.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((row) => row !== '' && !row.startsWith('#'))
  .map(knownOf);

test('lines as recipes have them are read with their amount; the rest is asked about, and none is taken for another thing', () => {
  const short = new Set(reference.ingredients.map(({ id }) => id));
  const large = pantry.filter(({ id }) => !short.has(id));
  const read = printedLines(rows.map(({ line }) => line).join('\n'), {
    usual: reference.ingredients,
    large,
    cuts: reference.cuts,
    names,
  });
  expect(read.map(({ line }) => line)).toEqual(rows.map(({ line }) => line));
  const apart = rows.flatMap((row, i) => {
    const is = read[i];
    return is && !isRight(is, row) ? [{ is, row }] : [];
  });
  const said = ({ is, row }: (typeof apart)[number]) =>
    `${row.line} → ${is.kind} ${is.name ?? is.asks.slice(0, 3).join(' | ')} ${is.grams ?? ''} ${is.ml ?? ''}`;
  // What is asked offers what was meant; nothing else is wrong.
  const wrong = apart.filter(
    ({ is, row }) => is.kind !== 'asked' || (row.name !== null && !is.asks.includes(row.name)),
  );
  expect(wrong.map(said)).toEqual([]);
  expect(rows.length).toBeGreaterThanOrEqual(300);
  // Of three hundred so many as 285.
  expect(apart.map(said).length / rows.length).toBeLessThanOrEqual(15 / 300);
});
