import type { DayBatch } from './facts.ts';
import { pullMinutes, TORN, usual } from './minutes.ts';
import { SLOT } from './schedule/problem.ts';
import type { Need, Part, Task } from './task.ts';

const SHORT = 5;
/** A pot’s minutes to the slots of the day, so that two looks never seem to overlap. */
const toSlots = (minutes: number) => Math.ceil(minutes / SLOT - 1e-6) * SLOT;

/**
 * The pot from its aromatics to the meat's being lifted out: once begun it is not left. Its oven is heated while
 * the pot comes to heat.
 */
export function potTask(id: string, batch: DayBatch, rooms: ReadonlySet<string>): Task {
  const { heat, chopG } = batch;
  const toHeatMin = toSlots(batch.toHeatMin);
  const boilFirstMin = toSlots(batch.boilFirstMin);
  const braiseMin = toSlots(batch.braiseMin);
  const aromatics = chopG > 0 ? usual.aromatics : SHORT;
  const onBurner = aromatics + boilFirstMin + (heat === 'slow cooker' ? 0 : toHeatMin);
  const preheat =
    heat === 'oven' ? usual.preheat : heat === 'smoker' && batch.smokeMin === undefined ? usual.fire : 0;
  const begin = Math.max(0, preheat - onBurner);
  const hot = begin + onBurner;
  const end = hot + braiseMin;
  const part = (
    key: string,
    words: string,
    from: number,
    minutes: number,
    kind: Part['kind'],
    slack?: number,
  ): Part => ({
    key: `${id}|${key}`,
    words,
    kind,
    from,
    minutes,
    hands: 1,
    ...(slack !== undefined && { slack }),
  });
  const parts: Part[] = [];
  if (preheat > 0)
    parts.push({
      ...part(
        'preheat',
        heat === 'oven' ? `Heat the oven${degrees(batch.setting)}` : 'Light the fire',
        hot - preheat,
        SHORT,
        'pot',
        10,
      ),
      hands: 0,
    });
  parts.push(part('aromatics', chopG > 0 ? 'Soften what goes in' : 'Fill the pot', begin, aromatics, 'pot'));
  if (boilFirstMin > 0)
    parts.push({ ...part('boil', 'Boil the wine down', begin + aromatics, boilFirstMin, 'pot'), hands: 0 });
  if (heat !== 'slow cooker' && toHeatMin > 0)
    parts.push({
      ...part('heat', 'Bring to heat', begin + aromatics + boilFirstMin, toHeatMin, 'pot'),
      hands: 0,
    });
  for (const [i, at] of batch.looks.entries()) {
    const words =
      i === 0
        ? `Look${batch.lookAt === undefined ? '' : `, ${batch.lookAt} first`}`
        : 'Look again, if not yet';
    parts.push(part(`look ${i + 1}`, words, hot + toSlots(at), usual.look, 'look', 10));
  }
  for (const { key, words, at } of batch.moments)
    parts.push(
      part(key, words, hot + toSlots(Math.min(at, Math.max(0, braiseMin - SHORT))), SHORT, 'pot', 10),
    );
  if (batch.tearMin !== undefined) {
    const before = Math.max(0, braiseMin - toSlots(batch.tearMin));
    const minutes = TORN * pullMinutes(batch.cookedG, batch.picking, 1);
    parts.push(part('tear', 'Tear the meat, put it back', hot + before, minutes, 'bench'));
  }
  parts.push(...rounds(batch, hot, part));
  parts.push(part('lift', 'Lift out the meat', end, usual.lift, 'bench'));
  return {
    id,
    minutes: end + usual.lift,
    lidOn: hot,
    parts: parts.sort((a, b) => a.from - b.from),
    needs: needsOf(batch, rooms, { begin, hot, end, preheat }),
    after: [],
    ...(batch.lidOn !== undefined && { begun: batch.lidOn - hot * 60_000 }),
  };
}

const degrees = (setting: DayBatch['setting']) =>
  typeof setting === 'number' ? ` to ${Math.round(setting)} °C` : '';

/** Stirring on the stove, turning what stands out of the liquid: at intervals, but not beside a look. */
function rounds(
  { stir, turn, braiseMin, looks }: DayBatch,
  hot: number,
  part: (
    key: string,
    words: string,
    from: number,
    minutes: number,
    kind: Part['kind'],
    slack: number,
  ) => Part,
): Part[] {
  const every = stir ? usual.stirEvery : turn ? usual.turnEvery : 0;
  if (every === 0) return [];
  const found: Part[] = [];
  for (let at = every; at < braiseMin - 15; at += every) {
    if (looks.some((look) => Math.abs(look - at) < 20)) continue;
    found.push(
      part(`round ${at}`, stir ? 'Stir to the bottom' : 'Turn the pieces', hot + at, SHORT, 'pot', 15),
    );
  }
  return found;
}

/** What stands on what, from when to when. */
function needsOf(
  { heat, setting, vessels, chopG }: DayBatch,
  rooms: ReadonlySet<string>,
  { begin, hot, end, preheat }: { begin: number; hot: number; end: number; preheat: number },
): Need[] {
  const stop = end + usual.lift;
  const own = vessels.map(({ id }): Need => ({ anyOf: [`vessel ${id}`], amount: 1, from: begin, to: stop }));
  const burner = (from: number, to: number): Need => ({
    anyOf: ['burner'],
    amount: vessels.length || 1,
    from,
    to,
  });
  if (heat === 'stove') return [...own, burner(begin, end)];
  if (heat === 'slow cooker')
    return [
      ...own,
      ...(chopG > 0 ? [burner(begin, hot)] : []),
      { anyOf: ['slow cooker base'], amount: vessels.length || 1, from: hot, to: end },
    ];
  const width = Math.ceil(vessels.reduce((sum, vessel) => sum + vessel.widthCm + HANDLES, 0));
  const places = [...rooms].filter((name) => name.startsWith(`${heat} `));
  const inside: Need = {
    anyOf: heat === 'oven' ? places : ['smoker'],
    amount: heat === 'oven' ? width : 1,
    from: hot - preheat,
    to: end,
    ...(heat === 'oven' && typeof setting === 'number' && { setting: Math.round(setting) }),
  };
  return [...own, burner(begin, hot), inside];
}

/** What handles and a finger's breadth add to a pot's width, cm (estimate). */
const HANDLES = 8;
