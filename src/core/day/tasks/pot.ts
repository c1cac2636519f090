import { entryAt } from '../../columns/index.ts';
import type { Heat } from '../../meal/index.ts';
import { SLOT } from '../../schedule/index.ts';
import { MINUTE_MS } from '../../quantity/index.ts';
import type { DayBatch } from '../facts.ts';
import { pullMinutes, TORN, usual } from '../minutes.ts';
import type { Need } from '../resources.ts';
import type { Doing, Part } from '../task.ts';
import { itemsIn, POT_LIQUID, type BatchTask, type Draft } from './draft.ts';
import { puréedAfter } from './puree.ts';

/** Stirring, turning and the like, min (common practice, no source). */
const SHORT = 5;
/** What handles and a finger's breadth add to a pot's width, cm (estimate). */
const HANDLES = 8;
/** A pot’s minutes to the slots of the day, so that two looks never seem to overlap. */
const toSlots = (minutes: number) => Math.ceil(minutes / SLOT - 1e-6) * SLOT;

/** Where the pot's parts begin, min after its task does. */
interface Times {
  readonly begin: number;
  readonly softened: number;
  readonly boilFirst: number;
  readonly toHeat: number;
  readonly preheat: number;
  readonly hot: number;
  readonly braise: number;
  readonly end: number;
}

function timesOf(batch: DayBatch): Times {
  const { heat } = firstOf(batch);
  // It is carried from the burner to where it cooks; on the stove it stands there already.
  const toHeat = Math.max(
    heat === 'stove' ? 0 : SHORT,
    toSlots(heat === 'slow cooker' ? 0 : batch.toHeatMin),
  );
  const boilFirst = toSlots(batch.boilsFirst.minutes);
  const braise = toSlots(batch.braiseMin);
  const softened = toSlots(batch.softens.reduce((sum, { minutes }) => sum + minutes, 0));
  const onBurner = softened + boilFirst + usual.fill + toHeat;
  const preheat =
    heat === 'oven' ? usual.preheat : heat === 'smoker' && batch.smokeMin === undefined ? usual.fire : 0;
  const begin = Math.max(0, preheat - onBurner);
  const hot = begin + onBurner;
  return { begin, softened, boilFirst, toHeat, preheat, hot, braise, end: hot + braise };
}

type Heating = DayBatch['heats'][number];
/** What the pot goes onto first. */
const firstOf = ({ heats }: DayBatch): Pick<Heating, 'heat' | 'setting'> =>
  heats[0] ?? { heat: 'oven', setting: undefined };

/**
 * The pot from its aromatics to the meat's being lifted out: once begun it is not left. Its oven is heated while
 * the pot comes to heat.
 */
export const pot: BatchTask = {
  draft: (batch, id): Draft => {
    const times = timesOf(batch);
    const all = [...untilHot(batch, times, id), ...braising(batch, times, id)];
    // With its lid on all that came before is done.
    const parts =
      batch.lidOn === undefined ? all : all.filter(({ from, minutes }) => from + minutes > times.hot);
    return {
      // Meat that is browned is not cooked through: it goes on at once, and is never kept like that.
      follows: 'sear',
      minutes: times.end + usual.lift,
      lidOn: times.hot,
      parts: parts.sort((a, b) => a.from - b.from),
      needs: needsOf(batch, times),
      takes: [
        'meat',
        ...(batch.boilMarinadeMin === undefined ? [] : (['marinade'] as const)),
        ...itemsIn(batch.items),
      ],
      makes: ['meat', POT_LIQUID, ...itemsIn(puréedAfter(batch))],
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

/** The fire, what is softened first, the wine boiled down, all of it into the pot, and the pot to where it cooks. */
function untilHot(batch: DayBatch, times: Times, id: string): Part[] {
  const { begin, softened, boilFirst, toHeat, preheat, hot } = times;
  const { heat, setting } = firstOf(batch);
  const { boilsFirst, sear } = batch;
  const filled = begin + softened + boilFirst;
  const juices = sear !== undefined;
  const warms = heat === 'slow cooker' ? 0 : toSlots(batch.toHeatMin);
  return [
    ...(preheat > 0
      ? [part(`${id}|preheat`, fireOf(heat, setting), hot - preheat, SHORT, { hands: 0, slack: 10 })]
      : []),
    ...softening(batch, times, id),
    // Somebody stands by an open pan of wine.
    ...(boilFirst > 0
      ? [
          part(
            `${id}|boil`,
            { what: 'boil down first', names: boilsFirst.names },
            begin + softened,
            boilFirst,
          ),
        ]
      : []),
    part(`${id}|fill`, { what: 'fill the pot', juices }, filled, usual.fill),
    ...(warms > 0
      ? [part(`${id}|heat`, { what: 'bring to heat' }, filled + usual.fill, warms, { hands: 0 })]
      : []),
    ...(batch.skimsScum ? [part(`${id}|scum`, { what: 'skim the scum' }, hot, SHORT, { slack: 10 })] : []),
    ...(toHeat > 0 && heat !== 'stove' ? [moveTo(`${id}|move`, batch, { heat, setting }, hot - SHORT)] : []),
    ...movesOf(batch, times, id),
  ];
}

/** What a slow cooker is switched to. */
const wordOf = (setting: Heating['setting']) => (typeof setting === 'string' ? setting : undefined);

const fireOf = (heat: Heat, setting: Heating['setting']): Doing =>
  heat === 'oven'
    ? { what: 'heat the oven', celsius: typeof setting === 'number' ? Math.round(setting) : undefined }
    : { what: 'light the fire' };

/** What is in a pot that one cannot lift out of an oven with care, g (common practice, no source: 25 kg with the pot). */
const HEAVY = 18_000;

/** From one heat to another: what stands still is only switched on, what is heavy takes two. */
function moveTo(
  key: string,
  { filledG, vessels }: DayBatch,
  { heat, setting }: Pick<Heating, 'heat' | 'setting'>,
  at: number,
): Part {
  const heavy = heat !== 'slow cooker' && filledG / Math.max(1, vessels.length) > HEAVY;
  return part(key, { what: 'move', to: heat, setting: wordOf(setting), heavy }, at, SHORT, {
    hands: heavy ? 2 : 1,
  });
}

/** From one heat to the next on the way, an oven heated before it. */
function movesOf(batch: DayBatch, { hot }: Times, id: string): Part[] {
  const { heats } = batch;
  return heats.slice(1).flatMap(({ heat, setting, from }, i): Part[] => {
    const at = hot + toSlots(from);
    const key = `${id}|move ${String(i + 1)}`;
    const moved = moveTo(key, batch, { heat, setting }, at);
    if (heat !== 'oven' && heat !== 'smoker') return [moved];
    const before = heat === 'oven' ? usual.preheat : usual.fire;
    const was = entryAt(heats, i);
    if (was.heat === heat) return [{ ...moved, does: fireOf(heat, setting) }];
    return [
      part(`${id}|preheat ${String(i + 1)}`, fireOf(heat, setting), Math.max(0, at - before), SHORT, {
        hands: 0,
        slack: 10,
      }),
      moved,
    ];
  });
}

/** What goes into the fat, one after the other in the order of the list, each in its own minutes. */
function softening({ softens }: DayBatch, { begin, softened }: Times, id: string): Part[] {
  let from = begin;
  return softens.map(({ names, minutes }, i) => {
    const at = from;
    from += minutes;
    const key = i === 0 ? `${id}|aromatics` : `${id}|soften ${i + 1}`;
    return { ...part(key, { what: 'soften', names }, at, minutes), handsMin: i === 0 ? softened : 0 };
  });
}

/** Forks, what goes in and comes out, tearing, stirring, and lifting the meat out. */
function braising(batch: DayBatch, { hot, braise, end }: Times, id: string): Part[] {
  const { tearMin, cookedG, picking } = batch;
  const liftsOut = batch.items.filter(({ liftedOut }) => liftedOut).map(({ name }) => name);
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
      // What was to come out while there was no pot yet is the first that is done to it.
      part(`${id}|${key}`, does, hot + toSlots(Math.max(-SHORT, Math.min(at, latest))), SHORT, {
        slack: 10,
      }),
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
    ...(liftsOut.length > 0
      ? [{ ...part(`${id}|out`, { what: 'lift out', names: liftsOut }, end, 0), handsMin: 0 }]
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
      const when = toSlots(look === undefined ? at : toSlots(look) + usual.look);
      if (when - last < NEAR) continue;
      last = when;
      const does: Doing = what === 'tend the fire' ? { what } : { what: 'round', does: what };
      found.push(part(`${id}|${what} ${at}`, does, hot + when, SHORT, { slack: 15 }));
    }
    return found;
  });
}

/** What stands on what, from when to when. */
function needsOf(batch: DayBatch, { begin, hot, end, preheat }: Times): readonly Need[] {
  const { vessels, softens } = batch;
  const count = vessels.length || 1;
  const own = vessels.map(({ id }): Need => ({
    kind: 'vessel',
    id,
    amount: 1,
    from: begin,
    to: end + usual.lift,
  }));
  const [first = { heat: 'oven' as const, setting: undefined }] = batch.heats;
  const heats = batch.heats.length > 0 ? batch.heats : [{ ...first, from: 0, to: end - hot }];
  // A slow cooker is filled where it stands; what is softened for it has a pan.
  const warmed: readonly Need[] =
    first.heat === 'slow cooker' && softens.length === 0
      ? []
      : [{ kind: 'burner', amount: first.heat === 'slow cooker' ? 1 : count, from: begin, to: hot }];
  return [
    ...own,
    ...warmed,
    ...heats.map(({ heat, setting, from, to }, i) => {
      const last = i === heats.length - 1;
      const before = i === 0 ? preheat : heat === 'oven' ? usual.preheat : heat === 'smoker' ? usual.fire : 0;
      const span = { from: hot + toSlots(from) - before, to: last ? end : hot + toSlots(to) };
      return { ...placeOn(heat, setting, batch), ...span };
    }),
  ];
}

/** What a pot takes up of what heats it. */
function placeOn(heat: Heat, setting: Heating['setting'], { vessels }: DayBatch): Omit<Need, 'from' | 'to'> {
  const count = vessels.length || 1;
  switch (heat) {
    case 'stove':
      return { kind: 'burner', amount: count };
    case 'slow cooker':
      return { kind: 'slow cooker base', amount: count };
    case 'smoker':
      return { kind: 'smoker', amount: 1 };
    case 'oven': {
      // A pan or tray has no handles at its sides: it is as wide as its longer side, and may be turned beside another.
      const width = Math.ceil(
        vessels.reduce(
          (sum, { widthCm, sideCm }) =>
            sum + (sideCm === undefined ? widthCm + HANDLES : vessels.length > 1 ? sideCm : widthCm),
          0,
        ),
      );
      return {
        kind: 'oven',
        amount: width,
        many: count,
        ...(typeof setting === 'number' && { setting: Math.round(setting) }),
      };
    }
  }
}
