import { describe, expect, test } from '@jest/globals';
import type { Batch, Day, Entry, Feel, Item, Meal } from '../../../meal/schema.ts';
import { momentOf, wallOf, wallTimeOf } from '../../../clock/index.ts';
import { openMeal } from '../../../model/index.ts';
import { type Changes, batchOf, dishOf, inputOf, lotOf } from '../../../testing/meals.ts';
import { dayNoteWords, doingWords } from '@/words/index.ts';
import { dayOf } from './day.ts';

const zone = 'Europe/Amsterdam';
const at = (local: string) => momentOf({ local, zone }) ?? NaN;
const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const clock = (moment: number) => wallTimeOf(moment, zone).local.slice(11);
const min = (lo: number, hi = lo) => ({ text: `${lo} min`, lo, hi });

const pot = (changes: Changes = {}): Batch => ({
  ...batchOf([lotOf('beef-blade-roast', 2000)], changes),
  id: 'pot',
  name: 'Pot',
});

interface Told {
  readonly day?: Day;
  readonly meal?: Partial<Meal>;
  readonly entries?: Entry[];
  readonly served?: string;
  readonly now?: string;
}

/** The day as a cook reads it. */
function plan(batch: Batch, { day = {}, meal = {}, entries = [], ...when }: Told = {}) {
  const { served = '2026-12-05T18:00', now = '2026-12-03T09:00' } = when;
  const input = inputOf([batch], [dishOf('taco', 24)], entries);
  const serving = { local: served, zone };
  const asked = { ...input, meal: { ...input.meal, serving, day, ...meal } };
  const told = dayOf(openMeal(asked), { now: at(now), tries: 60 });
  return {
    ...told,
    lines: told.lines.map((line) => ({ ...line, words: doingWords(line.does) })),
    said: told.notes.map((note) => dayNoteWords(note, wallOf(zone), () => undefined)).join(' '),
  };
}
const find = (day: ReturnType<typeof plan>, words: RegExp) =>
  day.lines.find((line) => words.test(line.words));
const from = (day: ReturnType<typeof plan>, words: RegExp) => find(day, words)?.from ?? NaN;

describe('the hours of work', () => {
  const hours = { from: '08:00', to: '22:00' };

  test('are kept where they can be', () => {
    const day = plan(pot(), { day: hours });
    for (const { hands, from: begins, words } of day.lines)
      if (hands > 0) expect([words, clock(begins) >= '08:00']).toEqual([words, true]);
    expect(day.outside).toBeUndefined();
  });

  test('or it is said that they cannot be, and each of what would do does', () => {
    const day = plan(pot(), { day: hours, served: '2026-12-05T11:30' });
    // The hours are the cook's: the plan keeps them, and is late.
    expect(day.serving).toBe(day.outside?.serving);
    expect(day.lateMin).toBeGreaterThan(0);
    for (const { hands, from: begins, words } of day.lines)
      if (hands > 0) expect([words, clock(begins) >= '08:00']).toEqual([words, true]);
    expect(clock(day.outside?.first ?? 0) < '08:00').toBe(true);
    expect(day.said).toMatch(
      /^The hours cannot be kept: somebody would be needed at 0\d:\d\d\. This plan keeps them and serves at 1\d:\d\d\.$/,
    );
    const later = wallTimeOf(day.outside?.serving ?? 0, zone).local;
    expect(plan(pot(), { day: hours, served: later }).outside).toBeUndefined();
    const note = day.notes.find(({ what }) => what === 'outside');
    const sooner = note?.what === 'outside' ? note.hours : {};
    expect(plan(pot(), { day: sooner, served: '2026-12-05T11:30' }).outside).toBeUndefined();
    const chilled = plan(pot({ skim: 'chill' }), { day: hours, served: '2026-12-05T11:30' });
    expect(chilled.outside).toBeUndefined();
  });
});

describe('the day before, chilled overnight', () => {
  const day = plan(pot({ skim: 'chill' }), {
    day: { from: '08:00', to: '22:00' },
    served: '2026-12-05T12:00',
  });

  test('is out of its pot, pulled, strained and cooled within the hours of the day before, nothing waiting between', () => {
    const row = [/^Lift out/, /^Cool enough/, /^Pull/, /^Strain/, /^Cool fast/, /^Chills/].map((w) =>
      find(day, w),
    );
    for (const [i, line] of row.entries()) {
      if (i > 0) expect((line?.from ?? NaN) - (row[i - 1]?.to ?? NaN)).toBeLessThan(5 * MINUTE);
      expect(wallTimeOf(line?.from ?? 0, zone).local.slice(0, 10)).toBe('2026-12-04');
    }
    expect(clock(from(day, /^Chills/)) <= '22:00').toBe(true);
  });

  test('its night belongs to the fridge, the next day to what is left', () => {
    expect(day.lines.some(({ does }) => does.what === 'hold' && does.where !== 'in the fridge')).toBe(false);
    expect(from(day, /reheat to 74/) - from(day, /^Chills/)).toBeGreaterThanOrEqual(10 * HOUR);
    const today = day.lines
      .filter(({ from: begins }) => begins > at('2026-12-05T00:00'))
      .map(({ words }) => words);
    expect(today.every((words) => /^(Lift off|Dress|Heats|Fill|Skim|In the fridge)/.test(words))).toBe(true);
    expect(day.said).not.toMatch(/day before/);
  });
});

describe('before the pan', () => {
  test('a marinade of so many hours lasts as long, and the meat is dried as it ends', () => {
    for (const hours of [12, 20]) {
      const day = plan(pot({ steps: [{ what: 'marinade', minutes: min(60 * hours) }] }));
      const marinates = find(day, /^Marinates/);
      expect((marinates?.to ?? 0) - (marinates?.from ?? 0)).toBe(hours * HOUR);
      expect(from(day, /^Lift out, pat dry/)).toBe(marinates?.to);
    }
  });

  test('a range of hours ends when somebody is there', () => {
    const day = plan(pot({ steps: [{ what: 'marinade', minutes: min(8 * 60, 24 * 60) }] }), {
      day: { from: '08:00', to: '20:00' },
    });
    const dried = from(day, /^Lift out, pat dry/) - (find(day, /^Marinates/)?.from ?? 0);
    expect(dried).toBeGreaterThanOrEqual(8 * HOUR);
    expect(dried).toBeLessThanOrEqual(24 * HOUR);
    expect(day.outside).toBeUndefined();
  });

  test('the rest of a marinade is boiled before the pot, unless it is thrown away', () => {
    const items: Item[] = [{ id: 'w', ref: 'wine-red', state: 'in', marinade: true }];
    const steps = [{ what: 'marinade' as const }];
    const day = plan(pot({ steps, items }));
    expect(from(day, /^Boil the marinade/)).toBeLessThan(from(day, /^Bring to heat/));
    const thrown = plan(pot({ steps, items, marinade: { rest: 'thrown away' } }));
    expect(find(thrown, /^Boil the marinade/)).toBeUndefined();
  });
});

describe('what goes in', () => {
  const g = (lo: number) => ({ text: `${lo} g`, lo, hi: lo });
  const put = (ref: string, changes: Partial<Item> = {}): Item => ({
    id: ref,
    ref,
    amount: g(200),
    state: 'in',
    ...changes,
  });

  test('is softened in the order of the list, each in its own minutes, or raw where nought is written', () => {
    const items = [
      put('onion'),
      put('mushroom', { soften: min(12) }),
      put('carrot', { soften: min(0) }),
      put('garlic'),
    ];
    const softened = plan(pot({ items })).lines.filter(({ words }) => words.startsWith('Soften'));
    expect(softened.map(({ words, minutes }) => [words, minutes])).toEqual([
      ['Soften onion', 8],
      ['Soften mushrooms', 12],
      ['Soften garlic clove', 1],
    ]);
    for (const [i, { from: begins }] of softened.entries())
      if (i > 0) expect(begins).toBe(softened[i - 1]?.to);
  });

  test('is chopped only where a knife is taken to it', () => {
    const none = [
      'tomatoes-canned',
      'flour',
      'barley',
      'bay-leaf',
      'tomato-paste',
      'sr24-19296',
      'sr24-01001',
    ];
    expect(find(plan(pot({ items: none.map((ref) => put(ref)) })), /^Chop/)).toBeUndefined();
    expect(find(plan(pot({ items: [put('onion', { ways: ['ready cut'] })] })), /^Chop/)).toBeUndefined();
    const byHand = find(plan(pot({ items: [put('onion', { amount: g(900) }), put('flour')] })), /^Chop/);
    expect(byHand?.grams).toBeCloseTo(900, 6);
    const machine = plan(pot({ items: [put('onion', { amount: g(900), ways: ['processor'] })] }));
    expect(find(machine, /^Run through/)?.minutes).toBeLessThan(byHand?.minutes ?? 0);
  });

  test('toasted, soaked, puréed and sieved chillies are tasks one after the other before the pot', () => {
    const chillies = put('chilli-dried', {
      ways: ['toasted'],
      soak: { water: { text: '300 ml', lo: 300, hi: 300 }, goesIn: 0.5 },
      fate: 'puréed',
      prep: 'sieved',
    });
    const day = plan(pot({ items: [put('onion'), chillies] }));
    const row = [/^Toast chillies/, /^Soak chillies/, /^Purée chillies/, /^Sieve chillies/, /^Soften/].map(
      (w) => from(day, w),
    );
    expect(row.toSorted((a, b) => a - b)).toEqual(row);
    const cooked = plan(pot({ items: [put('onion', { fate: 'puréed' })] }));
    expect(from(cooked, /^Purée onion/)).toBeGreaterThan(from(cooked, /^Lift out the meat/));
  });

  test('starch that goes in late is mixed before it does', () => {
    const late = put('cornstarch', { at: { phase: 0, minutes: 20, before: 'end' } });
    const day = plan(pot({ items: [put('onion'), late] }));
    expect(from(day, /^Mix cornstarch/)).toBeLessThan(from(day, /^In: cornstarch/));
  });
});

describe('where it is served', () => {
  test('what guests build is set out, not filled', () => {
    const input = inputOf([pot()], [dishOf('taco', 200, { built: true })]);
    const serving = { local: '2026-12-05T18:00', zone };
    const day = dayOf(openMeal({ ...input, meal: { ...input.meal, serving } }), {
      now: at('2026-12-03T09:00'),
      tries: 0,
    });
    const last = day.lines.find(({ kind }) => kind === 'plates');
    expect(last && [doingWords(last.does), last.minutes]).toEqual(['Set out for 200 × soft tacos', 10]);
  });

  test('from hot boxes nothing is filled beforehand', () => {
    const day = plan(pot(), { meal: { place: 'kept hot' } });
    expect(find(day, /^Into hot boxes/)?.to).toBe(day.serving);
    expect(find(day, /^Fill \d/)).toBeUndefined();
  });

  test('sent out it is packed, leaves in time for the road, and is filled there', () => {
    const day = plan(pot(), { meal: { place: 'sent out', sent: { road: min(40), packing: min(25) } } });
    const load = find(day, /out of the door/);
    expect(find(day, /^Pack/)?.to).toBe(load?.from);
    expect(from(day, /^Fill there/) - (load?.to ?? 0)).toBe(40 * MINUTE);
    expect(day.serving - (find(day, /^Fill there/)?.to ?? 0)).toBeLessThan(5 * MINUTE);
    expect(day.said).toBe('');
  });

  test('sent out cold it is cooled here and reheated there, not before', () => {
    const day = plan(pot(), { meal: { place: 'sent out', sent: { cold: true } } });
    expect(from(day, /^Cool fast/)).toBeLessThan(from(day, /^Pack/));
    expect(find(day, /^Dress the meat, cold/)).toBeDefined();
    expect(day.lines.filter(({ words }) => /reheat/i.test(words)).map(({ words }) => words)).toEqual([
      'Reheat there to 74 °C',
    ]);
    expect(from(day, /^Reheat there/)).toBeGreaterThan(from(day, /^On the road/));
  });
});

describe('while it braises', () => {
  test('a smoker alone has its fire lit and fed', () => {
    const setting = { text: '130 °C', lo: 130, hi: 130 };
    const day = plan(pot({ cook: [{ id: 'heat3', heat: 'smoker', setting, lid: 'on' }] }));
    expect(from(day, /^Light the fire/)).toBeLessThan(day.pots[0]?.hot ?? 0);
    expect(day.lines.filter(({ words }) => words === 'Tend the fire').length).toBeGreaterThan(1);
  });

  test('it is turned only while it is uncovered, or as often as the cook says', () => {
    const day = plan(
      pot({
        cook: [
          { id: 'heat2', heat: 'oven', setting: { text: '150 °C', lo: 150, hi: 150 }, lid: 'on', main: true },
          {
            id: 'heat',
            heat: 'oven',
            setting: { text: '150 °C', lo: 150, hi: 150 },
            lid: 'off',
            minutes: min(120),
          },
        ],
      }),
    );
    const off = from(day, /^Lid off/);
    const turned = day.lines.filter(({ words }) => words.startsWith('Turn'));
    expect(turned.length).toBeGreaterThan(0);
    for (const line of turned) expect(line.from).toBeGreaterThan(off);
    const basted = plan(pot({ rounds: [{ what: 'baste', every: min(30) }] }));
    expect(basted.lines.filter(({ words }) => words === 'Baste').length).toBeGreaterThan(3);
    expect(plan(pot({ rounds: [] })).lines.some(({ words }) => words.startsWith('Turn'))).toBe(false);
  });

  test('torn and put back: tested first, torn, back for a while, then out, and picked but not shredded again', () => {
    const day = plan(pot({ tear: min(30) }));
    const tests = day.lines.filter(({ words }) => words.startsWith('Test'));
    const tear = from(day, /^Tear the meat/);
    for (const line of tests) expect(line.from).toBeLessThan(tear);
    expect(Math.abs(from(day, /^Lift out the meat/) - tear - 30 * MINUTE)).toBeLessThan(5 * MINUTE);
    expect(find(day, /^Pick through$/)).toBeDefined();
    // It cooks on after it was tender: longer than without.
    const length = (told: ReturnType<typeof plan>) => (told.pots[0]?.to ?? 0) - (told.pots[0]?.hot ?? 0);
    expect(length(day) - length(plan(pot()))).toBeGreaterThan(25 * MINUTE);
  });

  test('a written time says when to look; out then, tender or not, is lifted without a look and sliced', () => {
    const lidOn = at('2026-12-05T12:00');
    const cook = [
      {
        id: 'heat4',
        heat: 'oven' as const,
        setting: { text: '160 °C', lo: 160, hi: 160 },
        lid: 'on' as const,
        minutes: min(60),
      },
    ];
    const now = '2026-12-05T12:10';
    const looked = plan(pot({ cook, lidOn }), { now });
    const tests = looked.lines.filter(({ words }) => words.startsWith('Test'));
    expect(tests.map((line) => line.from)).toEqual([lidOn + 55 * MINUTE]);
    expect(find(looked, /^Slice, pick/)).toBeUndefined();
    const then = cook.map((phase) => ({ ...phase, out: 'then' as const }));
    const timed = plan(pot({ cook: then, lidOn }), { now });
    expect(timed.lines.some(({ words }) => words.startsWith('Test'))).toBe(false);
    expect(find(timed, /^Slice, pick/)).toBeDefined();
    for (const day of [looked, timed]) {
      expect(from(day, /^Lift out the meat/)).toBe(lidOn + HOUR);
      expect(day.pots[0]?.chanceAtEnd).toBeLessThan(0.05);
    }
    // Its time is over and nobody has lifted it: that is what is due, now, and not what comes after it.
    const late = plan(pot({ cook: then, lidOn }), { now: '2026-12-05T13:20' });
    expect(from(late, /^Lift out the meat/)).toBeGreaterThanOrEqual(lidOn + 80 * MINUTE);
    const feel: Feel = 'resists';
    const fork: Entry = {
      id: 'fork',
      at: lidOn + HOUR,
      batch: 'pot',
      measures: { what: 'check', feel },
      value: { text: feel },
      measure: 'feel',
      source: 'typed',
    };
    const on = plan(pot({ cook, lidOn }), { now: '2026-12-05T13:02', entries: [fork] });
    expect(from(on, /^Lift out the meat/)).toBeGreaterThan(lidOn + 2 * HOUR);
  });

  test('a range is looked at from its first to its last, and is out by then', () => {
    const lidOn = at('2026-12-05T12:00');
    const oven = { id: 'heat4', heat: 'oven' as const, lid: 'on' as const };
    const setting = { text: '160 °C', lo: 160, hi: 160 };
    const cook = [{ ...oven, setting, minutes: { text: '2–2½ h', lo: 120, hi: 150 } }];
    const day = plan(pot({ cook, lidOn }), { now: '2026-12-05T12:10' });
    const tests = day.lines.filter(({ words }) => words.startsWith('Test'));
    expect(tests[0]?.from).toBe(lidOn + 2 * HOUR);
    expect(tests.at(-1)?.from).toBe(lidOn + 145 * MINUTE);
    expect(from(day, /^Lift out the meat/)).toBe(lidOn + 150 * MINUTE);
  });
});
