import { SLOT } from '../../schedule/index.ts';
import { MINUTE_MS } from '../../quantity/index.ts';
import type { DayBatch } from '../facts.ts';
import { pullMinutes, TORN, usual } from '../minutes.ts';
import type { Need } from '../resources.ts';
import type { Doing, Part } from '../task.ts';
import type { BatchTask, Draft } from './draft.ts';

/** Stirring, turning and the like, min (common practice, no source). */
const SHORT = 5;
/** What handles and a finger's breadth add to a pot's width, cm (estimate). */
const HANDLES = 8;
/** A pot’s minutes to the slots of the day, so that two looks never seem to overlap. */
const toSlots = (minutes: number) => Math.ceil(minutes / SLOT - 1e-6) * SLOT;

/** Where the pot's parts begin, min after its task does. */
interface Times {
  readonly begin: number;
  readonly aromatics: number;
  readonly boilFirst: number;
  readonly toHeat: number;
  readonly preheat: number;
  readonly hot: number;
  readonly braise: number;
  readonly end: number;
}

function timesOf(batch: DayBatch): Times {
  const { heat } = batch;
  const toHeat = toSlots(batch.toHeatMin);
  const boilFirst = toSlots(batch.boilFirstMin);
  const braise = toSlots(batch.braiseMin);
  const softened = batch.softens.reduce((sum, { minutes }) => sum + minutes, 0);
  const aromatics = Math.max(SHORT, toSlots(softened));
  const onBurner = aromatics + boilFirst + (heat === 'slow cooker' ? 0 : toHeat);
  const preheat =
    heat === 'oven' ? usual.preheat : heat === 'smoker' && batch.smokeMin === undefined ? usual.fire : 0;
  const begin = Math.max(0, preheat - onBurner);
  const hot = begin + onBurner;
  return { begin, aromatics, boilFirst, toHeat, preheat, hot, braise, end: hot + braise };
}

/**
 * The pot from its aromatics to the meat's being lifted out: once begun it is not left. Its oven is heated while
 * the pot comes to heat.
 */
export const pot: BatchTask = {
  draft: (batch, id): Draft => {
    const times = timesOf(batch);
    const parts = [...untilHot(batch, times, id), ...braising(batch, times, id)];
    return {
      // Meat that is browned is not cooked through: it goes on at once, and is never kept like that.
      follows: 'sear',
      minutes: times.end + usual.lift,
      lidOn: times.hot,
      parts: parts.sort((a, b) => a.from - b.from),
      needs: needsOf(batch, times),
      after: [
        'trim',
        'brine',
        'marinate',
        'boil marinade',
        'stand',
        'soak',
        'blend',
        'blister',
        'chop',
        'smoke',
        'sear',
      ],
      ...(batch.sear && batch.over.has('sear') && { atOnce: true as const }),
      ...(batch.lidOn !== undefined && { begun: batch.lidOn - times.hot * MINUTE_MS }),
    };
  },
  over: ({ lifted }) => lifted,
};

const part = (
  key: string,
  does: Doing,
  from: number,
  minutes: number,
  more: { readonly kind?: Part['kind']; readonly hands?: number; readonly slack?: number } = {},
): Part => ({ key, does, from, minutes, kind: 'pot', hands: 1, ...more });

/** The fire, what is softened first, the wine boiled down, and the pot on its way to its heat. */
function untilHot(batch: DayBatch, times: Times, id: string): Part[] {
  const { begin, aromatics, boilFirst, toHeat, preheat, hot } = times;
  const { heat, setting } = batch;
  const celsius = typeof setting === 'number' ? Math.round(setting) : undefined;
  const fire: Doing = heat === 'oven' ? { what: 'heat the oven', celsius } : { what: 'light the fire' };
  const boil: Doing = { what: 'boil down first' };
  const warm: Doing = { what: 'bring to heat' };
  const on = begin + aromatics;
  return [
    ...(preheat > 0 ? [part(`${id}|preheat`, fire, hot - preheat, SHORT, { hands: 0, slack: 10 })] : []),
    ...softening(batch, times, id),
    ...(boilFirst > 0 ? [part(`${id}|boil`, boil, on, boilFirst, { hands: 0 })] : []),
    ...(heat !== 'slow cooker' && toHeat > 0
      ? [part(`${id}|heat`, warm, on + boilFirst, toHeat, { hands: 0 })]
      : []),
  ];
}

/** What goes into the fat, one after the other in the order of the list, each in its own minutes. */
function softening({ softens }: DayBatch, { begin, aromatics }: Times, id: string): Part[] {
  if (softens.length === 0) return [part(`${id}|aromatics`, { what: 'fill the pot' }, begin, aromatics)];
  let from = begin;
  return softens.map(({ name, minutes }, i) => {
    const at = from;
    from += minutes;
    const key = i === 0 ? `${id}|aromatics` : `${id}|soften ${i + 1}`;
    return { ...part(key, { what: 'soften', item: name }, at, minutes), handsMin: i === 0 ? aromatics : 0 };
  });
}

/** Forks, what goes in and comes out, tearing, stirring, and lifting the meat out. */
function braising(batch: DayBatch, { hot, braise, end }: Times, id: string): Part[] {
  const { tearMin, cookedG, picking } = batch;
  const latest = Math.max(0, braise - SHORT);
  return [
    ...batch.looks.map((at, i) =>
      part(
        `${id}|look ${i + 1}`,
        { what: 'look', again: i > 0, lot: i === 0 ? batch.lookAt : undefined },
        hot + toSlots(at),
        usual.look,
        { kind: 'look', slack: 10 },
      ),
    ),
    ...batch.moments.map(({ key, does, at }) =>
      part(`${id}|${key}`, does, hot + toSlots(Math.min(at, latest)), SHORT, { slack: 10 }),
    ),
    ...(tearMin === undefined
      ? []
      : [
          part(
            `${id}|tear`,
            { what: 'tear' },
            hot + Math.max(0, toSlots(braise - tearMin)),
            TORN * pullMinutes(cookedG, picking, 1),
            { kind: 'bench' },
          ),
        ]),
    ...roundsOf(batch, { hot, braise }, id),
    ...(batch.liftsOut.length > 0
      ? [{ ...part(`${id}|out`, { what: 'lift out', names: batch.liftsOut }, end, 0), handsMin: 0 }]
      : []),
    ...(batch.staysInPot ? [] : [part(`${id}|lift`, { what: 'lift' }, end, usual.lift, { kind: 'bench' })]),
  ];
}

/** A look so near is the same opening of the pot, min (estimate). */
const NEAR = 20;

/** Stirring, turning, basting, tending a fire: at intervals, beside a look right after it. */
function roundsOf(
  { rounds, looks }: DayBatch,
  { hot, braise }: Pick<Times, 'hot' | 'braise'>,
  id: string,
): Part[] {
  return rounds.flatMap(({ what, every, from, to }): Part[] => {
    // Nobody writes "every 0 min" to do it without an end.
    if (every < SLOT) return [];
    const end = Math.min(to, braise) - 15;
    const found: Part[] = [];
    let last = -Infinity;
    for (let at = from + every; at < end; at += every) {
      // The pot is open for a look near it: it is done right after that.
      const look = what === 'tend the fire' ? undefined : looks.find((one) => Math.abs(one - at) < NEAR);
      const when = look === undefined ? at : look + usual.look;
      if (when - last < NEAR) continue;
      last = when;
      const does: Doing = what === 'tend the fire' ? { what } : { what: 'round', does: what };
      found.push(part(`${id}|${what} ${at}`, does, hot + when, SHORT, { slack: 15 }));
    }
    return found;
  });
}

/** What stands on what, from when to when. */
function needsOf(
  { heat, setting, vessels, softens }: DayBatch,
  { begin, hot, end, preheat }: Times,
): readonly Need[] {
  const count = vessels.length || 1;
  const own = vessels.map(({ id }): Need => ({
    kind: 'vessel',
    id,
    amount: 1,
    from: begin,
    to: end + usual.lift,
  }));
  const burner = (to: number): Need => ({ kind: 'burner', amount: count, from: begin, to });
  switch (heat) {
    case 'stove':
      return [...own, burner(end)];
    case 'slow cooker':
      return [
        ...own,
        ...(softens.length > 0 ? [burner(hot)] : []),
        { kind: 'slow cooker base', amount: count, from: hot, to: end },
      ];
    case 'smoker':
      return [...own, burner(hot), { kind: 'smoker', amount: 1, from: hot - preheat, to: end }];
    case 'oven': {
      // A pan or tray has no handles at its sides: it is as wide as its longer side, and may be turned beside another.
      const width = Math.ceil(
        vessels.reduce(
          (sum, { widthCm, sideCm }) =>
            sum + (sideCm === undefined ? widthCm + HANDLES : vessels.length > 1 ? sideCm : widthCm),
          0,
        ),
      );
      const one = typeof setting === 'number' && { setting: Math.round(setting) };
      return [
        ...own,
        burner(hot),
        { kind: 'oven', amount: width, many: count, from: hot - preheat, to: end, ...one },
      ];
    }
  }
}
