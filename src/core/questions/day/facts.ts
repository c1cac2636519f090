import { overOf, type DayBatch, type DayFacts, type Resource, type ResourceKind } from '../../day/index.ts';
import { type Batch, type Kitchen, type Lid, type Phase, usualDay } from '../../batch/index.ts';
import { mlOf, takenBy } from '../../broth/index.ts';
import { boilDownMinutes, cookOf, isTimed, momentOf, openPhase } from '../../clock/index.ts';
import { itemsOf, OVEN_WIDTH, sourcesOf } from '../../pot/index.ts';
import { MINUTE_MS, midpoint, valueAt } from '../../quantity/index.ts';
import { minutesOnBurner } from '../../tender/index.ts';
import type { NominalBatch, OpenedMeal } from '../../model/index.ts';
import { milestonesIn, tickedIn, tickedTasks } from '../seen.ts';

/** Of a fridge at home (estimate). */
const FRIDGE_SHELVES = 4;
/** After a "not yet" nobody looks sooner, min. */
const NOT_SOONER = 20;
const MOST_LOOKS = 3;

/** What the day is planned from, of a meal as it stands now. */
export function dayFacts(
  { input, plan: mealPlan, nominal }: OpenedMeal,
  now: number,
  zone: string,
): DayFacts {
  const { meal, kitchen } = input;
  const day = meal.day ?? {};
  const ticked = tickedTasks(input.entries);
  const minutes = Object.entries(day.minutes ?? {}).flatMap(([task, amount]) => {
    const typed = midpoint(amount);
    return typed === undefined ? [] : [[task, typed] as const];
  });
  const chance = day.chance ?? usualDay.chance;
  return {
    batches: nominal.batches
      .filter(({ plan }) => plan.lots.length > 0 && plan.ready)
      .map((one) => dayBatch(one, ticked, chance, now)),
    dishes: mealPlan.tickets
      .filter(({ count }) => count > 0)
      .map(({ id, name, count }) => ({
        id,
        name,
        count,
        kind: meal.dishes.find((dish) => dish.id === id)?.kind ?? 'own',
      })),
    own: day.tasks ?? [],
    hands: day.hands ?? usualDay.hands,
    awake: [minutesOfClock(day.from ?? usualDay.from), minutesOfClock(day.to ?? usualDay.to)],
    zone,
    serving: meal.serving && momentOf(meal.serving),
    forward: day.forward ?? false,
    minutes: Object.fromEntries(minutes),
    pins: Object.fromEntries(
      Object.entries(day.pins ?? {}).map(([task, at]) => [task, Math.max(at, now - LONG_AGO)]),
    ),
    resources: resourcesOf(kitchen),
    over: ticked,
  };
}

function minutesOfClock(time: string): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return hours * 60 + minutes;
}

/** What there is to cook on and in. */
function resourcesOf(kitchen: Kitchen): readonly Resource[] {
  const of = (kind: 'burner' | 'oven' | 'smoker' | 'grill' | 'slow cooker base') => sourcesOf(kitchen, kind);
  const many = (kind: ResourceKind, amount: number): Resource[] =>
    amount > 0 ? [{ kind, id: '', amount }] : [];
  return [
    ...many('burner', of('burner').length),
    ...of('oven').map(({ widthCm }, i): Resource => ({
      kind: 'oven',
      id: String(i + 1),
      amount: Math.round(widthCm ?? OVEN_WIDTH),
    })),
    ...many('smoker', of('smoker').length),
    ...many('griddle', of('grill').length),
    ...many('slow cooker base', of('slow cooker base').length),
    ...many('blender', kitchen.vessels.filter(({ kind }) => kind === 'blender jug').length),
    ...many('fridge shelf', FRIDGE_SHELVES),
    ...kitchen.vessels.map(({ id }): Resource => ({ kind: 'vessel', id, amount: 1 })),
  ];
}

/** A day reaches no further back: a meal that was left with its lid on is not planned through the years since. */
/** What an oven, a smoker or a slow cooker is set to: they are shared by it. */
function settingOf(open: Phase | undefined): DayBatch['setting'] {
  const setting = open?.setting;
  if (typeof setting === 'object') return midpoint(setting);
  return setting === 'low' || setting === 'high' ? setting : undefined;
}

const LONG_AGO = 7 * 24 * 60 * MINUTE_MS;

function dayBatch(
  { plan, mass }: NominalBatch,
  ticked: ReadonlySet<string>,
  chance: number,
  now: number,
): DayBatch {
  const { batch, ready, liquid, vessels } = plan;
  const { potFrom } = cookOf(batch.cook);
  const open = openPhase(batch.cook);
  const lidOn = batch.lidOn === undefined ? undefined : Math.max(batch.lidOn, now - LONG_AGO);
  const since = lidOn === undefined ? undefined : (now - lidOn) / MINUTE_MS;
  const found = ready?.lots.every((lot) => lot.found) ?? false;
  const braiseMin = found ? Math.max(0, since ?? 0) : readyAt(plan, chance) - potFrom;
  const items = liquid?.items.filter(({ at }) => at <= 0) ?? [];
  const looks = found ? [] : looksOf(plan, since, braiseMin);
  return {
    id: plan.id,
    name: batch.name,
    lidOn,
    over: overOf(milestonesIn(plan, ticked), tickedIn(plan.id, ticked)),
    rawG: mass.lots.reduce((sum, lot) => sum + lot.raw, 0),
    steps: (batch.steps ?? []).map(({ what, minutes }) => ({ what, minutes: midpoint(minutes) })),
    soaks: itemsOf(batch).flatMap(({ soak, id }) =>
      soak ? (items.find((item) => item.id === id)?.name ?? []) : [],
    ),
    chopG: items.reduce((sum, item) => sum + (item.role === 'solid' ? item.grams : 0), 0),
    boilFirstMin: boilDownMinutes(
      items.reduce((sum, { prepared }) => sum + (prepared ? prepared.air.water : 0), 0),
    ),
    sear: batch.sear
      ? { panfuls: plan.sear.panfuls, minutes: plan.sear.minutes, pan: plan.sear.pan?.id }
      : undefined,
    smokeMin: potFrom > 0 ? potFrom : undefined,
    heat: open?.heat ?? 'oven',
    setting: settingOf(open),
    vessels: vessels.map(({ vessel }) => ({
      id: vessel.id,
      name: vessel.name,
      widthCm: vessel.lengthCm ?? vessel.widthCm,
    })),
    toHeatMin: Math.round(minutesOnBurner(plan.pot)),
    braiseMin,
    looks,
    lookAt: lookAtOf(plan),
    moments: momentsOf(plan, potFrom),
    tearMin: midpoint(batch.tear),
    stir: open?.heat === 'stove',
    turn: open?.heat !== 'stove' && open?.lid === 'off' && batch.level !== 'cover',
    cookedG: mass.lots.reduce((sum, lot) => sum + lot.bench + lot.boneOut, 0),
    picking: batch.picking,
    strain: batch.strain,
    skim: batch.skim,
    liquidMl: mlOf(mass.liquid),
    reduceMin: Math.round(boilDownMinutes(liquid ? takenBy(liquid, mass.liquid, 'boil down').water : 0)),
    shredG: mass.lots.reduce((sum, lot) => sum + lot.shred, 0),
  };
}

/** A cook whose phases all have a time is ready when they are over. */
function readyAt({ batch, lengths, ready }: NominalBatch['plan'], chance: number): number {
  if (isTimed(batch)) return lengths.reduce((sum, n) => sum + n, 0);
  return ready?.odds.potAt(chance) ?? 24 * 60;
}

/**
 * When to look: first where one in five would pass, or where a fork has said to; after each "not yet" where half
 * of what is left has passed, not sooner than 20 min.
 */
function looksOf(
  { ready }: NominalBatch['plan'],
  since: number | undefined,
  braiseMin: number,
): readonly number[] {
  if (!ready) return [];
  const { odds, potFrom, firstCheck, nextCheck } = ready;
  let at = (nextCheck ?? firstCheck) - potFrom;
  // A look that was missed is now.
  if (since !== undefined && at < since) at = since;
  const looks: number[] = [];
  while (looks.length < MOST_LOOKS && at < braiseMin - 5) {
    looks.push(at);
    const passed = odds.potChance(at + potFrom);
    at = Math.max(at + NOT_SOONER, (odds.potAt((1 + passed) / 2) ?? Infinity) - potFrom);
  }
  return looks.length > 0 ? looks : [Math.max(0, braiseMin - 5)];
}

function lookAtOf({ ready, lots, cuts }: NominalBatch['plan']): string | undefined {
  if (!ready || ready.lots.length < 2) return undefined;
  return cuts[lots.findIndex(({ id }) => id === ready.lookAt)]?.name;
}

/** What goes in later and what comes out before the end, each with its word. */
function momentsOf({ liquid, batch, lengths }: NominalBatch['plan'], potFrom: number): DayBatch['moments'] {
  const items = liquid?.items ?? [];
  const end = lengths.reduce((sum, n) => sum + n, 0);
  const lids = lidsOf(batch, lengths, 0).slice(1);
  return [
    ...items.flatMap(({ id, name, at, out }) => [
      ...(at > 0 ? [{ key: `in ${id}`, does: { what: 'in', item: name } as const, at: at - potFrom }] : []),
      ...(out !== undefined && out < end
        ? [{ key: `out ${id}`, does: { what: 'out', item: name } as const, at: out - potFrom }]
        : []),
    ]),
    ...lids.map(({ at, lid }, i) => ({
      key: `lid ${i}`,
      does: { what: 'lid', lid } as const,
      at,
    })),
  ];
}

/** A lid that is moved, min from a hot pot. */
interface LidMove {
  readonly at: number;
  readonly lid: Lid;
}

/** Where the lid is moved, min from a hot pot; a cook that lasts longer moves what hangs from its end. */
export function lidsOf(batch: Batch, lengths: readonly number[], longer: number): readonly LidMove[] {
  const { potFrom, open } = cookOf(batch.cook);
  let at = 0;
  return batch.cook.flatMap((phase, i) => {
    const from = at - potFrom;
    at += valueAt(lengths, i);
    if (from < 0) return [];
    return [{ at: i > open ? from + longer : from, lid: phase.lid }];
  });
}
