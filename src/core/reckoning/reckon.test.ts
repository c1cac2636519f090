import { openMeal, type Input } from '../model/index.ts';
import { reckonDrawn } from '../testing/reckonDrawn.ts';
import { describe, expect, test } from '@jest/globals';
import { reckon } from './reckon.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { problemWords } from '@/words/index.ts';

const reckoned = (...args: Parameters<typeof inputOf>) => reckonDrawn(inputOf(...args));
const twoKilos = lotOf('beef-blade-roast', 2600);

describe('a weight, a cut and a number of plates give the whole answer', () => {
  const result = reckoned([batchOf([twoKilos])], [dishOf('taco', 16)]);
  const batch = result.batches[0];

  test('every figure is there with its range', () => {
    for (const figure of [...Object.values(batch?.meat ?? {}), batch?.ready.min, batch?.liquid.brothMl]) {
      expect(figure?.p10).toBeLessThanOrEqual(figure?.p50 ?? NaN);
      expect(figure?.p50).toBeLessThanOrEqual(figure?.p90 ?? NaN);
    }
    expect(batch?.liquid.sauceMl).toBeNull();
    expect(result.meal.enough).toBeGreaterThan(0.9);
    expect(result.meal.servings[0]?.meatG.mid).toBe(52);
  });

  test('the definitions of the yields hold', () => {
    const { rawG, trimG, boneG, cookedG, cookedYield, shredG, shredYield } = batch?.meat ?? ({} as never);
    expect(cookedYield.mid).toBeCloseTo(cookedG.mid / (rawG.mid - trimG.mid - boneG.mid), 12);
    expect(shredYield.mid).toBeCloseTo(shredG.mid / rawG.mid, 12);
  });

  test('salt that is left to the program brings the broth to .8 %', () => {
    expect(batch?.liquid.saltPct?.mid).toBeCloseTo(0.8, 1);
  });

  test('the same input gives the same figures', () => {
    expect(reckoned([batchOf([twoKilos])], [dishOf('taco', 16)])).toEqual(result);
  });
});

describe('enough', () => {
  const chance = (g: number, count = 24) =>
    reckoned(
      // On a stove, so that there is liquid enough and only the meat can be short.
      [
        batchOf([lotOf('beef-brisket', g, { id: 'lot' })], {
          cook: [{ id: 'heat2', heat: 'stove', lid: 'on' }],
        }),
      ],
      [dishOf('taco', count)],
    ).meal;

  test('more meat never lowers the chance', () => {
    const chances = [1500, 1700, 1900, 2000, 2100, 2300, 2600, 3200].map((g) => chance(g).enough ?? NaN);
    expect(chances).toEqual([...chances].sort((a, b) => a - b));
    expect(chances[0]).toBeLessThan(0.2);
    expect(chances.at(-1)).toBeGreaterThan(0.95);
  });

  test('what is said to be missing, added, gives 95 in 100', () => {
    const short = chance(1900);
    expect(short.shortFirst).toBe('meat');
    const fed = chance(1900 + (short.more?.grams ?? 0));
    expect(fed.enough).toBeGreaterThanOrEqual(0.945);
    expect(fed.enough).toBeLessThanOrEqual(0.96);
  });

  test('a heavy hand is the meal’s: 42 plates are as sure as one dish or as six', () => {
    const of = (dishes: number) =>
      reckoned(
        [
          batchOf([lotOf('beef-brisket', 3900, { id: 'lot' })], {
            cook: [{ id: 'heat', heat: 'stove', lid: 'on' }],
          }),
        ],
        Array.from({ length: dishes }, (_, i) => dishOf('taco', 42 / dishes, { id: `dish ${i}` })),
      ).meal.enough ?? NaN;
    const [one, six] = [of(1), of(6)];
    expect(one).toBeGreaterThan(0.5);
    expect(one).toBeLessThan(0.98);
    expect(Math.abs(one - six)).toBeLessThan(0.02);
  });

  test('a lot that may take longer than a day says so, and its range stays in order', () => {
    const cook = [
      { id: 'heat3', heat: 'oven' as const, lid: 'on' as const, setting: { text: '60 °C', lo: 60, hi: 60 } },
    ];
    const found = reckoned([batchOf([lotOf('beef-oxtail', 1500, { id: 'lot' })], { cook })], []);
    const { mid = NaN, p10 = NaN, p90 = NaN } = found.batches[0]?.ready.min ?? {};
    const says = found.problems.map(({ says: { what } }) => what);
    expect(says).toContain('longer than a day');
    expect(p10).toBeLessThanOrEqual(mid);
    expect(mid).toBeLessThanOrEqual(p90);
  });

  test('surely is no more than likely, and likely no more than all', () => {
    const { plates } = chance(1900);
    expect(plates?.surely).toBeLessThan(plates?.likely ?? 0);
    expect(plates?.likely).toBeLessThanOrEqual(24);
  });

  test('what one pot lacks another covers', () => {
    const first = batchOf([lotOf('beef-brisket', 1000)], { id: 'first' });
    const second = batchOf([lotOf('beef-brisket', 2500)], { id: 'second' });
    expect(reckoned([first], [dishOf('taco', 24)]).meal.enough).toBe(0);
    expect(reckoned([first, second], [dishOf('taco', 24)]).meal.enough).toBeGreaterThan(0.95);
  });

  test('a dish that is mostly broth runs short of liquid first, and is told how much', () => {
    const { meal } = reckoned([batchOf([twoKilos], { level: 'half way' })], [dishOf('soup', 14)]);
    expect(meal.shortFirst).toBe('liquid');
    expect(meal.moreMl).toBeGreaterThan(0);
  });
});

describe('ranges', () => {
  const width = (...args: Parameters<typeof inputOf>) => {
    const shred = reckoned(...args).meal.shredG;
    return ((shred.p90 ?? 0) - (shred.p10 ?? 0)) / (shred.p50 ?? 1);
  };

  test('two lots of one cut part no more of the error than two of different cuts', () => {
    const same = width(
      [batchOf([lotOf('beef-brisket', 1000, { id: 'a' }), lotOf('beef-brisket', 1000, { id: 'b' })])],
      [],
    );
    const other = width(
      [batchOf([lotOf('beef-brisket', 1000, { id: 'a' }), lotOf('beef-under-blade', 1000, { id: 'b' })])],
      [],
    );
    const single = width([batchOf([lotOf('beef-brisket', 2000, { id: 'a' })])], []);
    expect(same).toBeGreaterThan(other);
    expect(single).toBeGreaterThan(same);
    // By hand from ledger terms: √(.05² + .07² + .06²/2) for y alone, two lots of one cut.
    const y = Math.sqrt(0.05 ** 2 + 0.07 ** 2 + 0.06 ** 2 / 2);
    expect(same).toBeGreaterThan(0.9 * 2 * 1.2816 * y);
  });

  test('a typed range widens the range', () => {
    const exact = width([batchOf([lotOf('beef-brisket', 1500)])], []);
    const ranged = width(
      [batchOf([lotOf('beef-brisket', 1500, { weight: { text: '1–2 kg', lo: 1000, hi: 2000 } })])],
      [],
    );
    expect(ranged).toBeGreaterThan(1.5 * exact);
  });

  test('each weighing narrows what comes after it', () => {
    const entries = [
      weighedEntry({ what: 'sum', flow: 'bone' }, 360),
      weighedEntry({ what: 'sum', flow: 'cooked' }, 1800, 2),
      weighedEntry({ what: 'sum', flow: 'pickings' }, 120, 3),
    ];
    const widths = [0, 1, 2, 3].map((n) => width([batchOf([twoKilos])], [], entries.slice(0, n)));
    for (let i = 1; i < widths.length; i += 1) expect(widths[i]).toBeLessThan((widths[i - 1] ?? 0) + 1e-9);
    expect(widths[3]).toBeCloseTo(0, 9);
  });

  test('a lot that weighed low lowers what another lot of its cut is expected to give, and narrows it', () => {
    const lots = [lotOf('beef-brisket', 1000, { id: 'a' }), lotOf('beef-brisket', 1000, { id: 'b' })];
    const before = reckoned([batchOf(lots)], []).meal.shredG;
    const low = [weighedEntry({ what: 'flow', flow: 'cooked', lot: 'a' }, 640)];
    const after = reckoned([batchOf(lots)], [], low).meal.shredG;
    const share = (1 - 0.015 - 0.4 * (0.297 - 0.015)) * 713;
    expect((after.p50 ?? 0) - 640 * (share / 713)).toBeLessThan(0.97 * share);
    expect((after.p90 ?? 0) - (after.p10 ?? 0)).toBeLessThan((before.p90 ?? 0) - (before.p10 ?? 0));
  });
});

describe('a stage that cannot answer says so', () => {
  test('an oven whose heat nobody wrote: no time, no steam, no broth, no chance', () => {
    const cook = [{ id: 'heat4', heat: 'oven' as const, setting: { text: 'warm' }, lid: 'on' as const }];
    const result = reckoned([batchOf([twoKilos], { cook })], [dishOf('taco', 16)]);
    expect(result.batches[0]?.ready).toEqual({
      firstCheckMin: null,
      min: null,
      written: null,
    });
    expect(result.batches[0]?.liquid.brothMl).toBeNull();
    expect(result.meal.enough).toBeNull();
    expect(result.meal.shredG.p90).toBeGreaterThan(0);
  });

  test('a pot is ready when its last lot is, and is looked at first for the one that is likely to be first', () => {
    const lots = [
      lotOf('beef-shank', 1500, { id: 'tough' }),
      lotOf('lamb-shoulder', 1500, { id: 'mild', pieces: { size: 'cubes' } }),
    ];
    const batch = reckoned([batchOf(lots)], []).batches[0];
    const [tough, mild] = batch?.lots.map(({ tenderMin }) => tenderMin) ?? [];
    expect((batch?.ready.min?.mid ?? 0) - (tough?.mid ?? 0)).toBeGreaterThanOrEqual(-0.1);
    expect((batch?.ready.min?.mid ?? 0) - (tough?.mid ?? 0)).toBeLessThan(5);
    expect(mild?.mid ?? Infinity).toBeLessThan((tough?.p10 ?? 0) - 10);
    expect(batch?.ready.firstCheckMin ?? Infinity).toBeLessThan(mild?.mid ?? 0);
  });

  test('a heat that never gets it tender is said, with what was written', () => {
    const cook = [
      { id: 'heat5', heat: 'oven' as const, setting: { text: '54 °C', lo: 54, hi: 54 }, lid: 'on' as const },
    ];
    const result = reckoned([batchOf([twoKilos], { cook })], [dishOf('taco', 16)]);
    expect(result.batches[0]?.ready.min).toBeNull();
    expect(result.problems.map(problemWords).join(' ')).toMatch(
      /unlikely to be tender in 72 h at “54 °C”: give it more heat/,
    );
  });

  test('with the minutes written it can', () => {
    const cook = [
      {
        id: 'heat6',
        heat: 'oven' as const,
        setting: { text: '120 °C', lo: 120, hi: 120 },
        lid: 'on' as const,
        minutes: { text: '5 h', lo: 300, hi: 300 },
      },
    ];
    expect(reckoned([batchOf([twoKilos], { cook })], [dishOf('taco', 16)]).meal.enough).not.toBeNull();
  });
});

test('a cut that is gone, a weight beyond any pot and an unreadable one leave the rest standing', () => {
  const lots = [
    twoKilos,
    lotOf('beef-unicorn', 1000),
    lotOf('beef-brisket', 900_000),
    lotOf('beef-brisket', 1, { id: 'typo', weight: { text: '2 lb 40 oz' } }),
  ];
  const result = reckoned([batchOf(lots)], [dishOf('taco', 16)]);
  expect(result.batches[0]?.meat.rawG.mid).toBe(2600);
  expect(result.problems.map(problemWords)).toEqual([
    expect.stringContaining('“beef-unicorn”'),
    expect.stringContaining('“900000 g”'),
  ]);
});

test('weighed beside planned: the ledger keeps both, and a difference is a flow of its own', () => {
  const entries = [
    weighedEntry({ what: 'sum', flow: 'cooked' }, 1600),
    weighedEntry({ what: 'sum', flow: 'shred' }, 600, 2),
  ];
  const result = reckoned([batchOf([twoKilos])], [dishOf('taco', 16)], entries);
  const shred = result.ledger.find((flow) => flow.id === 'shred');
  expect(shred?.weighed).toBe(true);
  expect(Object.values(shred?.now ?? {}).reduce((sum, g) => sum + g, 0)).toBeCloseTo(600, 6);
  expect(Object.values(shred?.planned ?? {}).reduce((sum, g) => sum + g, 0)).toBeGreaterThan(1000);
  expect(result.unaccounted[0]?.flow.id).toBe('missing');
  expect(result.unaccounted[0]?.share).toBeGreaterThan(0.02);
});

test('a corrected entry counts once, and one taken back not at all', () => {
  const wrong = weighedEntry({ what: 'sum', flow: 'shred' }, 90);
  const right = { ...weighedEntry({ what: 'sum', flow: 'shred' }, 900, 2), replaces: wrong.id };
  const shred = (entries: (typeof wrong)[]) => reckoned([batchOf([twoKilos])], [], entries).meal.shredG.mid;
  expect(shred([wrong, right])).toBeCloseTo(900, 6);
  const gone = { ...right, id: 'gone', at: 3, value: null, replaces: right.id };
  expect(shred([wrong, right, gone])).toBe(shred([]));
});

describe('a pot weighed with its contents', () => {
  const vessel = {
    id: 'pot',
    name: 'My pot',
    kind: 'pot' as const,
    shape: 'round' as const,
    widthCm: 28,
    heightCm: 14,
  };
  const gross = {
    id: 'gross',
    at: 1,
    batch: 'pot',
    measures: { what: 'stock' as const, stock: 'pot' as const, vessel: 'pot' },
    value: grams(7500),
    measure: 'mass' as const,
    source: 'typed' as const,
  };
  const weighedPot = (tareG?: number) => {
    const input = inputOf([batchOf([twoKilos])], [], [gross]);
    return reckonDrawn({
      ...input,
      kitchen: { ...input.kitchen, vessels: [{ ...vessel, ...(tareG !== undefined && { tareG }) }] },
    });
  };

  test('tells the steam, once the pot has been weighed empty', () => {
    const heavy = weighedPot(4200).batches[0]?.liquid.steamMl;
    const light = weighedPot(4000).batches[0]?.liquid.steamMl;
    // The pour was never weighed, so a part of it may be the pour.
    const apart = (heavy?.mid ?? 0) - (light?.mid ?? 0);
    expect(apart).toBeGreaterThan(120);
    expect(apart).toBeLessThan(200);
  });

  test('tells nothing until then, and says so', () => {
    expect(weighedPot().problems.map(problemWords)).toEqual([
      expect.stringContaining('“My pot” was weighed full'),
    ]);
  });
});

test('a hot volume is turned into grams by its temperature', () => {
  const jug = (celsius: number | undefined) => ({
    ...weighedEntry({ what: 'sum', flow: 'liquid' }, 2000),
    measures: { what: 'sum' as const, flow: 'liquid' as const },
    measure: 'volume' as const,
    ...(celsius !== undefined && { celsius }),
  });
  const ml = (celsius?: number) =>
    reckoned([batchOf([twoKilos])], [], [jug(celsius)]).batches[0]?.liquid.brothMl?.mid ?? NaN;
  expect(ml(95) / ml()).toBeCloseTo(0.968, 2);
});

test('typed salt is kept and shows in the strength', () => {
  const strength = (g: number) =>
    reckoned([batchOf([twoKilos], { salt: grams(g) })], []).batches[0]?.liquid.saltPct?.mid ?? NaN;
  expect(strength(40)).toBeGreaterThan(1.5 * strength(20));
});

describe('what a cook has to look at is said in one sentence with the figure', () => {
  const words = (input: Input) => reckon(openMeal(input)).problems.map(problemWords);

  test('a price without a weight', () => {
    const lot = lotOf('beef-shank', 1, {
      weight: { text: '' },
      price: { text: '12.90', amount: 12.9, per: 'kg' },
    });
    expect(words(inputOf([batchOf([lot])], []))).toEqual([expect.stringContaining('“12.90”')]);
  });

  test('more bone than the lot weighed', () => {
    const lots = [lotOf('beef-shank', 1000)];
    const bones = weighedEntry({ what: 'flow', flow: 'bone', lot: 'lot-beef-shank-1000' }, 1200);
    expect(words(inputOf([batchOf(lots)], [], [bones]))).toEqual([expect.stringContaining('“1200 g”')]);
  });

  test('fewer pieces than plates of meat on the bone', () => {
    const lots = [lotOf('beef-short-ribs', 3000, { pieces: { count: 8 } })];
    expect(words(inputOf([batchOf(lots)], [dishOf('on the bone', 12)]))).toEqual([
      expect.stringContaining('12 pieces'),
    ]);
    expect(words(inputOf([batchOf(lots)], [dishOf('on the bone', 8)]))).toEqual([]);
  });
});

test('meat on the bone is served by the piece: a plate gets what is on one', () => {
  const lots = [lotOf('beef-short-ribs', 3000, { pieces: { count: 10 } }), lotOf('beef-brisket', 1000)];
  const { meal, batches } = reckon(openMeal(inputOf([batchOf(lots)], [dishOf('on the bone', 6)])));
  const ribs = batches[0]?.lots.find(({ cut }) => cut === 'beef-short-ribs');
  expect(meal.tickets[0]?.meat.want).toBeCloseTo((ribs?.shredG ?? NaN) / 10, 9);
  expect(meal.servings[0]?.meatG.mid).toBeCloseTo((ribs?.shredG ?? NaN) / 10, 9);
  const typed = dishOf('on the bone', 6, { meat: { want: grams(150) } });
  expect(reckon(openMeal(inputOf([batchOf(lots)], [typed]))).meal.tickets[0]?.meat.want).toBe(150);
});

test('a dish is wanted of the pots that it may draw on, and of no other', () => {
  const pots = ['beef', 'pork'].map((id) => ({
    ...batchOf([lotOf(id === 'beef' ? 'beef-shank' : 'pork-picnic', 1500)]),
    id,
  }));
  const tacos = dishOf('taco', 10, { from: ['beef'] });
  const [beef, pork] = reckon(openMeal(inputOf(pots, [tacos, dishOf('pasta', 4)]))).batches;
  // Ten tacos of 52 g of the beef alone; the pasta of both, in proportion to what they give.
  const ofPasta = (of: typeof beef) => (of?.need.meatG ?? NaN) - (of === beef ? 520 : 0);
  expect(ofPasta(beef) + ofPasta(pork)).toBeCloseTo(4 * 110, 6);
  expect(ofPasta(beef) / ofPasta(pork)).toBeCloseTo(
    (beef?.meat.shredG.mid ?? NaN) / (pork?.meat.shredG.mid ?? NaN),
    6,
  );
  expect(pork?.need.dishes.map(({ dish }) => dish)).toEqual(['dish-pasta']);
  expect((beef?.need.heldMl ?? 0) - 10 * 52 * 0.12).toBeCloseTo(0, 6);
});
