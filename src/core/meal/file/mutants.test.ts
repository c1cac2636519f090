import { reckon } from '../../reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { sittingsOf } from '../index.ts';
import { openMeal, type OpenedMeal } from '../../model/index.ts';
import { answer, type Answer, type Question } from '../../answers/index.ts';
import load from 'highs';
import { isCheck, runs } from '../../testing/runs.ts';
import { reference } from '@/reference/index.ts';
import { unfinite } from '../../testing/finite.ts';
import { readMealFile } from './file.ts';
import type { MealFile } from '../schema.ts';

/** Files with one to three things wrong in them, each time the same ones. */
const SEED = isCheck ? Date.now() | 0 : 20_261_127;
const READ = runs(3_000, 250);
const RECKONED = READ / 5;
/** Of those reckoned, one in so many has its ranges and its day worked out too: they take most of the time. */
const WHOLE = isCheck ? 12 : 15;

const solver = await load();
const random = xoroshiro128plus(SEED);
const upTo = (most: number) => uniformInt(random, 0, most);
const oneOf = <T>(all: readonly T[]): T => all[upTo(all.length - 1)] as T;

const examples = new URL('../../../../examples/', import.meta.url);
const files = readdirSync(examples).map((name) => readFileSync(new URL(name, examples), 'utf8'));

const odd: readonly unknown[] = [
  null,
  true,
  '',
  'x'.repeat(300),
  'a\u0000b\nc\u202e',
  '__proto__',
  [],
  {},
  -1,
  0,
  1e-300,
  1e-9,
  0.5,
  7,
  1e4,
  1e6,
  1e9,
  1e12,
  1e300,
  -1e300,
];

type Node = Record<string, unknown> | unknown[];
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null;

/** Every place of a file: its holder and its key. */
function placesIn(holder: Node): { holder: Node; key: string }[] {
  return Object.entries(holder).flatMap(([key, value]) => [
    { holder, key },
    ...(isNode(value) ? placesIn(value) : []),
  ]);
}

/** Another value for a place: near what stood there, of its kind, or anything at all. */
function otherThan(value: unknown, key: string, root: Node): unknown {
  if (upTo(2) === 0) return structuredClone(oneOf(odd));
  if (typeof value === 'number') {
    const times = upTo(3) > 0 ? [0.01, 0.1, 0.5, 2, 10, 100] : [-1, 0, 1e-6, 1e6, 1e12];
    return value * oneOf(times);
  }
  if (typeof value === 'boolean') return !value;
  const same = placesIn(root).filter((place) => place.key === key);
  const { holder } = oneOf(same);
  return structuredClone((holder as Record<string, unknown>)[key]);
}

function mutate(root: Node): void {
  const { holder, key } = oneOf(placesIn(root));
  const at = holder as Record<string, unknown>;
  const value = at[key];
  switch (upTo(9)) {
    case 0:
      if (Array.isArray(holder)) holder.splice(Number(key), 1);
      else Reflect.deleteProperty(holder, key);
      break;
    case 1:
      if (Array.isArray(holder)) holder.push(structuredClone(value));
      else at[`${key}2`] = value;
      break;
    default:
      at[key] = otherThan(value, key, root);
      // A figure that was typed is one, not a range.
      if (key === 'lo' && 'hi' in at) at.hi = at.lo;
  }
}

function mutant(): string {
  const json = JSON.parse(oneOf(files)) as Node;
  for (let times = upTo(2); times >= 0; times -= 1) mutate(json);
  const text = JSON.stringify(json);
  return upTo(60) === 0 ? text.slice(0, upTo(text.length)) : text;
}

const NOON = Date.UTC(2026, 11, 5, 12);

/** Each question of the worker, asked of a meal as its sheets ask it; the compiler names one that is missing. */
const asked: { readonly [Q in Question]: (opened: OpenedMeal) => readonly Answer<Q>[] } = {
  reckon: (opened) => [answer('reckon', opened, undefined)],
  day: (opened) => [answer('day', opened, { now: NOON, tries: 2 })],
  placeWays: (opened) => [
    answer('placeWays', opened, { now: NOON, batches: opened.input.batches.map(({ id }) => id) }),
  ],
  feeds: (opened) => [answer('feeds', opened, { chance: 0.9 })],
  margins: (opened) => [answer('margins', opened, undefined)],
  searing: (opened) => ofEach(opened, (batch) => answer('searing', opened, { batch })),
  shares: (opened) => [answer('shares', opened, undefined, solver)],
  slices: (opened) => ofEach(opened, (batch) => answer('slices', opened, { batch })),
  eventWays: (opened) => sittingsOf(opened.input.meal).map(({ id }) => answer('eventWays', opened, id)),
  deal: (opened) => {
    const batches = opened.input.batches.map(({ id }) => id);
    const found = answer(
      'deal',
      opened,
      { batches, wish: 'fewest', days: 2, now: NOON, zone: 'UTC' },
      solver,
    );
    return found ? [found] : [];
  },
  cooling: (opened) => [answer('cooling', opened, { now: NOON })],
  whatIf: (opened) =>
    ofEach(opened, (batch) =>
      answer('whatIf', opened, { batch, change: { lid: 'off', trim: 'close', size: 'whole' } }),
    ),
  advice: (opened) => [answer('advice', opened, undefined)],
  serviceNow: (opened) => [answer('serviceNow', opened, { now: NOON, tries: 0 })],
  contradicts: (opened) =>
    opened.input.entries
      .filter(({ measures }) => measures.what === 'check')
      .map((check) => answer('contradicts', opened, { check })),
  lidFor: (opened) =>
    ofEach(opened, (batch) => answer('lidFor', opened, { batch, lid: 'ajar', wantMl: 600 })),
  buy: (opened) =>
    ofEach(opened, (batch) => answer('buy', opened, { batch, chance: 0.9, way: 'as they are' })),
};

const ofEach = <T>({ input }: OpenedMeal, ask: (batch: string) => T): readonly T[] =>
  input.batches.map(({ id }) => ask(id));

function reckonAll({ meal, batches, entries, kitchen }: MealFile, whole: boolean): void {
  const opened = openMeal({ meal, batches, entries, kitchen, reference });
  expect(unfinite(reckon(opened))).toBeUndefined();
  if (!whole) return;
  for (const [question, ask] of Object.entries(asked))
    for (const one of ask(opened)) expect(`${question}${unfinite(one) ?? ''}`).toBe(question);
}

describe('a file with something wrong in it', () => {
  test('is refused in one plain sentence, or taken whole and reckoned', () => {
    let taken = 0;
    let refused = 0;
    for (let i = 0; i < READ; i += 1) {
      const text = mutant();
      const read = readMealFile(text);
      if (!read.ok) {
        refused += 1;
        // One sentence, on one line, without what only a programmer says.
        expect(read.error).toMatch(/^\P{Cc}+[.;]$/u);
        expect(read.error).not.toMatch(/undefined|received|expected|NaN|\[object|[{}]|\.\w+\[/i);
        expect(read.error.length).toBeLessThan(300);
        continue;
      }
      taken += 1;
      if (taken > RECKONED) continue;
      try {
        reckonAll(read.file, taken % WHOLE === 0);
      } catch (error) {
        throw new Error(`mutant ${i} of seed ${SEED}: ${text.slice(0, 20_000)}`, { cause: error });
      }
    }
    expect(refused).toBeGreaterThan(READ / 10);
    expect(taken).toBeGreaterThan(READ / 10);
  }, 600_000);
});
