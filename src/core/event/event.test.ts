import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { momentOf } from '../clock/index.ts';
import { planDay } from '../day/index.ts';
import { dayFacts } from '../answers/heavy/day/facts.ts';
import { openMeal } from '../model/index.ts';
import { reckonAtOnce } from '../reckoning/index.ts';
import { figureOf } from '../shop/index.ts';
import { runs } from '../testing/runs.ts';
import { askedFor, emptyOf, eventCost, eventOf, eventWays, shortOf, withWay } from './index.ts';
import { eventOfTwo, SUNDAY } from '../testing/event.ts';

const at = (local: string) => momentOf({ local, zone: 'Europe/Amsterdam' }) ?? NaN;
const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);
const anyEvent = fc.record({
  beefG: fc.integer({ min: 500, max: 30_000 }),
  porkG: fc.integer({ min: 500, max: 30_000 }),
  tacos: fc.integer({ min: 1, max: 200 }),
  pasta: fc.integer({ min: 1, max: 120 }),
  pastaFrom: fc.subarray(['beef', 'pork'], { minLength: 1 }),
});

test('the event closes: what a pot has goes to the sittings or stays over, what a sitting wants comes or is missing', () => {
  fc.assert(
    fc.property(anyEvent, (any) => {
      const event = eventOf(openMeal(eventOfTwo(any)));
      for (const part of ['g', 'ml'] as const) {
        for (const { id, has, over } of event.pots) {
          const given = sum(event.gives.filter(({ pot }) => pot === id).map((one) => one[part]));
          expect(Math.abs(has[part] - given - over[part])).toBeLessThan(1.5);
        }
        for (const { id, wants, lacks, dishes } of event.sittings) {
          const got = sum(event.gives.filter(({ sitting }) => sitting === id).map((one) => one[part]));
          // A dish may be given more than it wants of what is held; what it lacks is never made up by another.
          expect(got + lacks[part]).toBeGreaterThan(wants[part] - 1.5);
          expect(sum(dishes.map((dish) => dish.lacks[part]))).toBeCloseTo(lacks[part], 6);
        }
      }
    }),
    { numRuns: runs(300, 40) },
  );
});

const short = { beefG: 9000, porkG: 14_000, tacos: 40, pasta: 60, pastaFrom: ['beef'] };

test('what Sunday lacks is put right by the pot that has something over, and the ledger says so', () => {
  const opened = openMeal(eventOfTwo(short));
  const [first] = shortOf(eventOf(opened));
  // Saturday’s plates are all filled, with a little less: what stands empty comes first.
  expect(first).toMatchObject({ id: SUNDAY });
  const ways = eventWays(opened, SUNDAY);
  const draws = ways.find(({ way }) => way.what === 'draw on' && way.pot === 'pork');
  if (!first || !draws) throw new Error('no way out');
  const { input } = opened;
  const after = eventOf(openMeal({ ...input, ...withWay(input, draws.way) }));
  const left = sum(after.sittings.map(({ lacks }) => lacks.g));
  expect(left).toBeCloseTo(draws.lacks.g, 6);
  expect(left).toBeLessThan(first.lacks.g / 2);
  // So much more is bought that none of its own pasta is short, and not a kilogram beyond that.
  const buy = ways.find(({ way }) => way.what === 'buy');
  if (buy?.way.what !== 'buy') throw new Error('nothing to buy');
  const bought = eventOf(openMeal({ ...input, ...withWay(input, buy.way) }));
  expect(bought.sittings.find(({ id }) => id === SUNDAY)?.lacks.g).toBe(0);
  const less = eventOf(openMeal({ ...input, ...withWay(input, { ...buy.way, g: buy.way.g - 1500 }) }));
  expect(less.sittings.find(({ id }) => id === SUNDAY)?.lacks.g).toBeGreaterThan(0);
  // Fewer plates are all filled.
  expect(ways.find(({ way }) => way.what === 'fewer')?.empty).toBe(0);
  expect(emptyOf(first)).toBeGreaterThan(20);
});

test('one plan for both sittings: each is served when it was asked for, and what Sunday gets of Saturday’s pot is cooled and reheated', () => {
  const opened = openMeal(
    eventOfTwo(
      { ...short, porkG: 5000, pastaFrom: ['beef', 'pork'] },
      { day: { hands: 2, from: '06:30', to: '22:30' } },
    ),
  );
  const day = planDay(
    dayFacts(opened, at('2026-12-03T09:00'), 'Europe/Amsterdam'),
    at('2026-12-03T09:00'),
    0,
  );
  expect(day.sittings.map(({ serving, lateMin }) => [serving, lateMin])).toEqual([
    [at('2026-12-05T18:00'), 0],
    [at('2026-12-06T12:30'), 0],
  ]);
  const of = (task: string) => day.lines.filter((line) => line.task === task);
  const [tacos, pasta] = [of('plates|tacos'), of('plates|pasta')];
  expect(
    Math.max(...tacos.filter(({ does }) => does.what === 'fill').map(({ to }) => to)),
  ).toBeLessThanOrEqual(at('2026-12-05T18:00'));
  expect(Math.min(...pasta.map(({ from }) => from))).toBeGreaterThan(at('2026-12-06T06:00'));
  // Of the beef, which Saturday wants, the rest goes into the cold that evening, and nothing of it stands warm for two hours.
  const cooled = of('beef|keep on').find(({ does }) => does.what === 'cool fast');
  const dressed = of('beef|together').at(-1);
  const reheated = of(`beef|reheat ${SUNDAY}`)[0];
  if (!cooled || !dressed || !reheated) throw new Error('not kept on');
  expect(cooled.to - dressed.to).toBeLessThan(2 * 3_600_000);
  expect(reheated.from).toBeGreaterThan(at('2026-12-06T06:00'));
  expect(pasta[0]?.from).toBeGreaterThanOrEqual(reheated.to);
  // The pork is Sunday's alone: it is cooked for Sunday, and no part of it is kept on.
  expect(of('pork|keep on')).toEqual([]);
  // No hot hold runs through the night.
  const holds = day.lines.filter(({ does }) => does.what === 'hold' && does.where !== 'in the fridge');
  expect(Math.max(0, ...holds.map(({ minutes }) => minutes))).toBeLessThan(4 * 60);
});

test('a sitting that cannot be kept is late by itself: the other is served when it was asked for', () => {
  const opened = openMeal(
    eventOfTwo({ beefG: 4000, porkG: 1500, tacos: 30, pasta: 5, pastaFrom: ['pork'] }, { day: { hands: 2 } }),
  );
  const now = at('2026-12-05T15:00');
  const day = planDay(dayFacts(opened, now, 'Europe/Amsterdam'), now, 0);
  const [saturday, sunday] = day.sittings;
  expect(saturday?.lateMin).toBeGreaterThan(60);
  expect(sunday).toMatchObject({ id: SUNDAY, lateMin: 0, serving: at('2026-12-06T12:30') });
});

test('the cost is the sum of its lines, each line the sum of its sittings, to the coin; a head is a part of it', () => {
  fc.assert(
    fc.property(
      anyEvent,
      fc.integer({ min: 1, max: 200 }),
      fc.integer({ min: 0, max: 60 }),
      (any, adults, children) => {
        const people = (n: number) => ({ text: String(n), lo: n, hi: n });
        const money = (amount: number) => ({ text: String(amount), amount });
        const input = eventOfTwo(any, {
          people: { adults: people(adults), children: people(children) },
          quote: {
            costs: [
              { id: 'wage', name: 'wage', price: money(18.5), per: 'hour' },
              { id: 'boxes', name: 'boxes', price: money(0.35), per: 'plate' },
              { id: 'bread', name: 'bread', price: money(0.8), per: 'head' },
            ],
            head: money(13.5),
            child: money(7),
            tax: 0.09,
            deposit: 0.3,
          },
        });
        const opened = openMeal(input);
        const cost = eventCost(opened, reckonAtOnce(opened), 7.5);
        const all = cost.lines.map(({ cost: paid, bySitting }) => {
          expect(sum(bySitting.map(figureOf))).toBeCloseTo(figureOf(paid), 6);
          return figureOf(paid);
        });
        expect(sum(all)).toBeCloseTo(figureOf(cost.total), 6);
        expect(sum(cost.bySitting.map(figureOf))).toBeCloseTo(figureOf(cost.total), 6);
        // Of the two pots the beef alone has a price: 12 for each kilogram bought.
        expect(all[0]).toBeCloseTo((12 * any.beefG) / 1000, 1);
        expect(cost.unpriced).toBe(1);
        // What was paid for it is where it went, to the coin; all of its weight is somewhere, with the salt that it took up.
        expect(sum(cost.losses.map(({ cost: paid }) => figureOf(paid)))).toBeCloseTo(all[0] ?? 0, 6);
        const weight = sum(cost.losses.map(({ grams }) => grams));
        expect(weight).toBeGreaterThan(any.beefG - 0.001);
        expect(weight).toBeLessThan(1.005 * any.beefG);
        expect(all.slice(1)).toEqual(
          [18.5 * 7.5, 0.35 * (any.tacos + any.pasta), 0.8 * (adults + children)].map((x) =>
            expect.closeTo(x, 1),
          ),
        );
        const asked = askedFor(input.meal.quote, eventOf(opened), cost);
        const price = 13.5 * adults + 7 * children;
        expect(asked && figureOf(asked.price)).toBeCloseTo(price, 2);
        expect(asked && figureOf(asked.all)).toBeCloseTo(price * 1.09, 1);
        expect(asked?.deposit && figureOf(asked.deposit)).toBeCloseTo(price * 1.09 * 0.3, 1);
        expect(asked && figureOf(asked.left)).toBeCloseTo(price - figureOf(cost.total), 2);
      },
    ),
    { numRuns: runs(200, 25) },
  );
});
