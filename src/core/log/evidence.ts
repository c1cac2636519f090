import { isStep } from '../work/index.ts';
import {
  type Closing,
  type Entry,
  type Learnable,
  shredInScoop,
  handsOf,
  skimWay,
  standingEntries,
  type Taste,
  usualScoops,
} from '../meal/index.ts';
import { mainOf, saltShareOf } from '../broth/index.ts';
import { COATS, MAIN, thicknessOf } from '../work/index.ts';
import { pullMinutes, SKIM_MINUTES, taskId } from '../day/index.ts';
import {
  type BatchPlan,
  learnSpreads,
  openMeal,
  type OpenedMeal,
  posteriorOf,
  bowlG,
  stretchedG,
} from '../model/index.ts';
import { weighedScoops } from '../plates/index.ts';
import { BROTH_TARGET } from '../pot/index.ts';
import { midpoint, MINUTE_MS } from '../quantity/index.ts';
import { cooling, foretoldTasks, reductionsOf } from '../answers/index.ts';
import { fromForks } from './fromForks.ts';

/** One thing that a past batch says: the logarithm of what was found over what was foretold without any log. */
export interface Evidence {
  readonly what: Learnable;
  /** The cut, the vessel with its lid, the heat; empty where all of a kitchen are alike. */
  readonly of: string;
  readonly value: number;
  /** Standard deviation about the group's own middle: the batch's own, and of how it was measured. */
  readonly noise: number;
  /** Of that the batch's own; absent: it tells nothing of how much batches vary. */
  readonly own?: number;
  /** Of its group, where that has one of its own. */
  readonly spread?: number;
  /** No more is known than that it lies on this side of the value. */
  readonly side?: 'above' | 'below';
  /** By what a hand portioned out, which is off by the same each time. */
  readonly byHand?: boolean;
}

/** A value this far out is no evidence of anything, in logarithms. */
const NONSENSE = 3;

/** All that one batch of a meal says. What it says is the same whatever the kitchen had learned by then. */
export function evidenceOf(meal: OpenedMeal, batchId: string): readonly Evidence[] {
  const { learned, ...plain } = meal.input;
  const blank = learned ? openMeal(plain) : meal;
  const plan = blank.now.find(({ id }) => id === batchId);
  if (!plan) return [];
  const weighed = fromWeighings(blank, plan);
  const all = [
    ...weighed,
    ...(weighed.some(({ what }) => what === 'y') ? [] : fromPlates(blank, plan)),
    ...fromForks(blank, plan),
    ...fromHands(blank, plan),
    ...fromTasks(blank, plan),
    ...fromScoops(blank, plan),
    ...fromDressing(blank, plan),
    ...fromMarks(blank, plan),
    ...fromCooling(blank, plan),
    ...fromTastes(blank, plan),
  ];
  return all.filter(({ value, noise }) => Math.abs(value) < NONSENSE && Number.isFinite(noise) && noise > 0);
}

const LEARNED_BY_WEIGHT = ['y', 'pickings', 'steam', 'held', 'skim'] as const;

/** What was not read itself is known by the rest if that leaves it no less sure than so many times what batches vary (estimate). */
const KNOWN = 2;

/** The messages of its weighings. */
function fromWeighings({ input, now, posterior }: OpenedMeal, plan: BatchPlan): Evidence[] {
  // Of a meal of one pot the reckoning has worked it out already.
  const { says } = now.length === 1 ? posterior : posteriorOf(input.meal.id, [plan]);
  return says().flatMap(({ what, of, value, sd, own, isRead }): Evidence[] => {
    const known = LEARNED_BY_WEIGHT.find((one) => one === what);
    if (!known) return [];
    const spread = known === 'y' ? spreadOf(plan, of) : undefined;
    // Shred alone is shred: what it says of the pickings it has said of the yield already.
    if (!isRead && sd > KNOWN * own) return [];
    const noise = Math.hypot(sd, own);
    return [
      {
        ...{ what: known, of, value, noise, own },
        ...(spread !== undefined && { spread }),
      },
    ];
  });
}

const spreadOf = (plan: BatchPlan, cut: string): number | undefined =>
  plan.cuts[plan.lots.findIndex((lot) => lot.cut === cut)]?.spread;

/** How well a plate's portion is kept by hand beside what the hand is always off by, so that plates measure the shred (estimate). */
const BY_PLATES = 0.05;

/** What plates say of the shred, g: as much, or at least or at most as much. */
interface ByPlates {
  readonly grams: number;
  readonly side: 'exact' | 'above' | 'below';
}

/** What the verdict and the plates that went out say; undefined where neither was said. */
function byPlates({ plan, nominal }: OpenedMeal, closed: Closing | undefined): ByPlates | undefined {
  const ordered = plan.tickets.reduce((sum, { count }) => sum + count, 0);
  const needG = plan.tickets.reduce((sum, { count, meat }) => sum + count * meat.want, 0);
  const servedG = nominal.booked.reduce((sum, { from }) => sum + from.reduce((g, one) => g + one.g, 0), 0);
  if (!(ordered > 0)) return undefined;
  const by = closed?.by;
  const withPlates = (more: number) => (needG * Math.max(1, ordered + more)) / ordered;
  switch (closed?.verdict) {
    case 'just enough':
      return { grams: needG, side: 'exact' };
    case 'over':
      return by === undefined ? { grams: needG, side: 'above' } : { grams: withPlates(by), side: 'exact' };
    case 'short':
      if (by !== undefined) return { grams: withPlates(-by), side: 'exact' };
      return servedG > 0 ? { grams: servedG, side: 'exact' } : { grams: needG, side: 'below' };
    default:
      return servedG > 0 ? { grams: servedG, side: 'above' } : undefined;
  }
}

/** Nobody weighed, and yet plates went out, or it was short or over: that bounds what there was. */
function fromPlates(meal: OpenedMeal, plan: BatchPlan): Evidence[] {
  // Of what came out by the clock nobody knows how much was pulled.
  if (meal.planned.some(({ lots }) => lots.some(({ doneness }) => !Number.isNaN(doneness)))) return [];
  const said = byPlates(meal, plan.batch.closed);
  const { batches } = meal.plannedRun;
  // What it was stretched with is on the plates too, and tells nothing of the meat.
  const stretchG = batches.reduce((sum, one) => sum + stretchedG(one.plan, one.mass.liquid), 0);
  const shredG = batches.reduce((sum, one) => sum + bowlG(one), -stretchG);
  if (!said) return [];
  const meatG = said.grams - stretchG;
  if (!(meatG > 0 && shredG > 0)) return [];
  const at = Math.log(meatG / shredG);
  // What the pots shared is less sure of each of them.
  const shared = Math.sqrt(meal.input.batches.length);
  const cuts = [...new Set(plan.lots.flatMap(({ cut, rawG }) => (rawG > 0 && cut !== '' ? [cut] : [])))];
  const noise = Math.hypot(BY_PLATES, learnSpreads.y.own) * shared * Math.sqrt(cuts.length);
  return cuts.map((of): Evidence => {
    const spread = spreadOf(plan, of);
    return {
      ...{ what: 'y', of, value: at, noise, byHand: meal.input.meal.share?.by !== 'scoops' },
      ...(spread !== undefined && { spread }),
      ...(said.side !== 'exact' && { side: said.side }),
    };
  });
}

const weighs = (flow: string) => (entry: Entry) => 'flow' in entry.measures && entry.measures.flow === flow;

/** Minutes between two weighings: less is a slip of the pen, more is a pause. */
const BETWEEN = { pull: { least: 3, most: 240 }, skimming: { least: 1, most: 45 } } as const;

/** The minutes that were written beside a task when it was ticked. */
const wroteMinutes = (entries: readonly Entry[], task: string): number | undefined =>
  midpoint(
    entries.find(({ measures }) => measures.what === 'done' && measures.task === task)?.value ?? undefined,
  );

/** How long pulling and skimming took: as it was written, else between the weighing before and the one after. */
function fromHands({ input, nominal }: OpenedMeal, plan: BatchPlan): Evidence[] {
  const mine = standingEntries(input.entries).filter(({ batch }) => batch === plan.id);
  const mass = nominal.batches.find(({ plan: { id } }) => id === plan.id)?.mass;
  if (!mass) return [];
  const took = (what: keyof typeof BETWEEN, from: string, to: string, foretold: number): Evidence[] => {
    const [before, after] = [mine.find(weighs(from)), mine.find(weighs(to))];
    const written = wroteMinutes(mine, taskId({ kind: what === 'pull' ? 'pull' : 'skim', batch: plan.id }));
    const minutes = written ?? (before && after ? (after.at - before.at) / MINUTE_MS : 0);
    const { least, most } = BETWEEN[what];
    if (minutes < least || minutes > most) return [];
    const { own } = learnSpreads[what];
    return [{ what, of: '', value: Math.log(minutes / foretold), noise: own, own }];
  };
  const hands = handsOf(input.meal, input.kitchen);
  // A jug or a night in the cold is waited for: only a spoon is work.
  const spooned = skimWay(plan.batch) === 'hot';
  return [
    ...took('pull', 'cooked', 'shred', pullMinutes(mass.sums.bench, plan.batch.picking, hands)),
    ...(spooned ? took('skimming', 'strained', 'skim', SKIM_MINUTES) : []),
  ];
}

/** How long the other tasks took that hands do, where minutes were written as they were ticked. */
function fromTasks({ input }: OpenedMeal, plan: BatchPlan): Evidence[] {
  const took = standingEntries(input.entries).flatMap(({ batch, measures, value }) => {
    const minutes = batch === plan.id && measures.what === 'done' ? midpoint(value ?? undefined) : undefined;
    return minutes !== undefined && minutes > 0 && measures.what === 'done'
      ? [{ task: measures.task, minutes }]
      : [];
  });
  if (took.length === 0) return [];
  const foretold = foretoldTasks(input);
  return took.flatMap(({ task, minutes }): Evidence[] => {
    const usual = foretold.get(task);
    if (!usual || !(usual.minutes > 0)) return [];
    const value = Math.log(minutes / usual.minutes);
    const { of, spread } = usual;
    const { own } = learnSpreads.task;
    return [{ what: 'task', of, value, noise: own, own, ...(spread !== undefined && { spread }) }];
  });
}

/** What a level scoop holds of shred, by the plates that were filled with it on the scale. */
function fromScoops({ input }: OpenedMeal, plan: BatchPlan): Evidence[] {
  const held = new Map<string, number[]>();
  for (const { batch, measures, value } of standingEntries(input.entries)) {
    const grams = midpoint(value ?? undefined);
    if (batch !== plan.id || measures.what !== 'plated' || !measures.by || !(grams && grams > 0)) continue;
    const { scoop, times } = measures.by;
    held.set(scoop, [...(held.get(scoop) ?? []), grams / times]);
  }
  const { scoops = usualScoops } = input.kitchen;
  return [...held].flatMap(([of, some]): Evidence[] => {
    const scoop = scoops.find(({ id }) => id === of);
    if (!scoop || !(scoop.ml > 0)) return [];
    const { mean, spread } = weighedScoops(some);
    const noise = Math.hypot(learnSpreads.scoop.own, spread / mean / Math.sqrt(some.length));
    const { own } = learnSpreads.scoop;
    return [{ what: 'scoop', of, value: Math.log(mean / shredInScoop(scoop)), noise, own }];
  });
}

/** A scale knows both bowls to so much of the shred. */
const BOTH_BOWLS = 0.014;

/** What shred holds of the liquid that it was dressed with, where both were weighed and nobody had said how juicy it was to be. */
function fromDressing({ input, nominal }: OpenedMeal, plan: BatchPlan): Evidence[] {
  const { dressedG } = plan;
  const mine = standingEntries(input.entries).filter(({ batch }) => batch === plan.id);
  const mass = nominal.batches.find((one) => one.plan.id === plan.id)?.mass;
  if (dressedG === undefined || !mass || !mine.some(weighs('shred'))) return [];
  const written =
    input.meal.dishes.some(({ held }) => held !== undefined) ||
    input.batches.some((batch) => batch.after.filter(isStep('dress')).some(({ held }) => held !== undefined));
  if (written) return [];
  const inBowl = bowlG({ plan, mass });
  const { tickets } = openMeal({ ...input, entries: [] }).plan;
  const shredG = tickets.reduce((sum, { count, meat }) => sum + count * meat.want, 0);
  const heldG = tickets.reduce((sum, { count, meat, held }) => sum + count * meat.want * held, 0);
  const share = dressedG / inBowl - 1;
  if (!(share > 0 && heldG > 0 && inBowl > 0)) return [];
  const noise = Math.hypot(learnSpreads.soak.own, BOTH_BOWLS / share);
  const { own } = learnSpreads.soak;
  return [{ what: 'soak', of: '', value: Math.log((share * shredG) / heldG), noise, own }];
}

/** How fast the pan boils down, where marks have taught it. */
function fromMarks({ input, nominal }: OpenedMeal, plan: BatchPlan): Evidence[] {
  const batch = nominal.batches.find(({ plan: { id } }) => id === plan.id);
  if (!batch) return [];
  return reductionsOf(batch, input, 0).flatMap(({ now, usual, marks }): Evidence[] =>
    now?.from === 'marks' && marks.length > 2
      ? [
          {
            what: 'reduce',
            of: '',
            value: Math.log(now.mlPerMin / usual.mlPerMin),
            noise: learnSpreads.reduce.own,
            own: learnSpreads.reduce.own,
          },
        ]
      : [],
  );
}

const coolingOwn = learnSpreads.cooling.own;

/** How fast it cools, by each way, where a thermometer has said so more than once. */
const fromCooling = (meal: OpenedMeal, plan: BatchPlan): Evidence[] =>
  (plan.batch.cools ?? []).length === 0
    ? []
    : cooling(meal, { now: 0 }).flatMap(({ batch, way, rate, readings }): Evidence[] =>
        batch === plan.id && readings.length > 1
          ? [{ what: 'cooling', of: way, value: Math.log(rate), noise: coolingOwn, own: coolingOwn }]
          : [],
      );

/** A taste that is off is off by at least so much, of salt and of what thickens (estimates). */
const OFF_TASTE = { salt: 0.2, thickness: 0.3 } as const;

/** What a spoon says of each: how far what is liked lies from what was tasted. */
const tasted = {
  salt: { flat: 1, right: 0, salty: -1 },
  thickness: { thin: 1, right: 0, thick: -1 },
} as const;

/** The salt and the thickness that are liked here, of the finished liquid, against what is usual. */
function fromTastes({ input, nominal }: OpenedMeal, plan: BatchPlan): Evidence[] {
  const liquid = nominal.batches.find(({ plan: { id } }) => id === plan.id)?.mass.liquid;
  if (!liquid) return [];
  const spoons = standingEntries(input.entries).flatMap(({ batch, measures }) =>
    batch === plan.id && measures.what === 'taste' && (measures.liquid ?? MAIN) === MAIN
      ? [measures.says]
      : [],
  );
  const main = mainOf(liquid);
  const found = { salt: saltShareOf(main) / BROTH_TARGET, thickness: thicknessOf(main).gPerL / COATS };
  return (['salt', 'thickness'] as const).flatMap((what): Evidence[] => {
    const says: Readonly<Partial<Record<Taste, number>>> = tasted[what];
    const last = spoons.findLast((one) => says[one] !== undefined);
    const side = last === undefined ? undefined : says[last];
    if (side === undefined || !(found[what] > 0)) return [];
    const off = side * OFF_TASTE[what];
    const noise = Math.hypot(learnSpreads[what].own, Math.abs(off));
    return [{ what, of: '', value: Math.log(found[what]) + off, noise }];
  });
}
