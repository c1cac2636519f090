import { isStrained } from '../meal/index.ts';
import { bodyOf, type Body, mlOf } from '../broth/index.ts';
import { BROTH } from '../work/index.ts';
import { amountOfFlows, massOf } from '../ledger/index.ts';
import { comeOut, type ComesOut, missingOf, stillIn } from '../pot/index.ts';
import { valueAt } from '../columns/index.ts';
import { type Range, rangeOf } from '../quantity/index.ts';
import {
  type BatchPlan,
  type Drawn,
  batchColumns,
  type BatchFigure,
  type BoilsCovered,
  type LiquidFigure,
  type MeatFigure,
  ingredientsById,
  type Input,
  type Problem,
  type NominalBatch,
  type OpenedMeal,
  type SearFigures,
  liquidFigures,
  meatFigures,
  bowlG,
  keptFor,
} from '../model/index.ts';
import { nextActOf, type NextAct } from './nextAct.ts';
import { milestonesIn, tickedTasks } from './milestones.ts';
import { type LotReckoning, lotsOf } from './lotReckoning.ts';
import { type Need, needOfBatch } from './need.ts';
import { writtenOf, type Written } from './written.ts';
import { leftOfBatch } from './leftOfBatch.ts';
import { liquidsOf, type LiquidReckoning } from './liquids.ts';
import { saltFigures, type SaltFigures } from './salt.ts';
import { secondWaveOf, type SecondWave } from './secondWave.ts';
import { potOf, type PotPicture } from './potPicture.ts';

/** A figure, or null where no stage can answer yet. */
export type Answer = Range | null;

/** Meat, g, and liquid, ml. */
export interface GramsAndMl {
  readonly g: number;
  readonly ml: number;
}

export interface BatchReckoning {
  readonly id: string;
  readonly meat: Readonly<Record<MeatFigure, Range>>;
  /** Of broth and sauce the one that is not made is null. */
  readonly liquid: Readonly<Record<Exclude<LiquidFigure, 'liquidMl'> | 'brothMl' | 'sauceMl', Answer>>;
  /** Minutes from the moment the pot is hot. */
  readonly ready: {
    readonly firstCheckMin: number | null;
    readonly min: Answer;
    /** After a fork has said "not yet"; the lot to look at. */
    readonly nextCheckMin?: number;
    readonly lookAt?: string;
    /** Where every phase has its time: what that gives. */
    readonly written: Written | null;
  };
  readonly lots: readonly LotReckoning[];
  readonly pot: PotPicture | null;
  readonly salt: SaltFigures | null;
  /** Each finished liquid, the pot's own first, and what it still wants. */
  readonly liquids: readonly LiquidReckoning[];
  /** What gelatin makes of the finished liquid; null where there is none. */
  readonly body: Body | null;
  /** What the sear takes, or would take. */
  readonly sear: SearFigures;
  /** What went in and must come out again, and how many have. */
  readonly comeOut: readonly ComesOut[];
  /** How long each phase of the cook lasts, min. */
  readonly lengths: readonly number[];
  /** What the plates want of it. */
  readonly need: Need;
  readonly kept: { readonly fatG: number; readonly shredG: number; readonly liquidMl: number };
  /** What it gives: shred with what that is stretched with, g, and liquid, ml; and what of it goes to plates. */
  readonly gives: GramsAndMl;
  readonly toPlates: GramsAndMl;
  /** The shred with what the plates want it to hold, g. */
  readonly dressedG: number;
  /** What it wants next, as far as the readings and the ticks tell. */
  readonly next: NextAct;
  /** What was not tender and went back. */
  readonly second: SecondWave | null;
  /** It boils under its lid, and the oven that would keep it below. */
  readonly boils: BoilsCovered | null;
  /** The pot boils dry before the meat is tender. */
  readonly dry: boolean;
}

/** What of a batch is kept once the plates are filled: fat of the jar, g, and liquid, ml. */
function keptOf({ plan }: NominalBatch, meal: OpenedMeal): BatchReckoning['kept'] {
  const { shred, liquids } = leftOfBatch(meal, plan.id, undefined);
  return {
    shredG: massOf(shred),
    fatG: massOf(amountOfFlows(meal.nominal.flows, plan.id, ['keptFat'])),
    liquidMl: liquids.reduce((sum, { ml }) => sum + ml, 0),
  };
}

/** What of a batch must come out again. */
const comeOutOf = (one: NominalBatch, input: Input): readonly ComesOut[] =>
  comesOut(one, [input.kitchen, input.reference, input.entries, input.meal], () => itsItems(one, input));
const comesOut = keptFor<readonly ComesOut[]>();

/** Its items by their fate, and the bones of its lots. */
function itsItems({ plan }: NominalBatch, input: Input): readonly ComesOut[] {
  const boned = plan.lots.flatMap((lot, i) => {
    const typed = plan.batch.lots.find(({ id }) => id === lot.id);
    return typed && lot.boneShare > 0
      ? [{ lot: typed, name: `bones of ${(plan.cuts[i]?.name ?? '').split(',')[0]?.toLowerCase() ?? ''}` }]
      : [];
  });
  return comeOut(plan.batch, ingredientsById(input), boned, input.entries);
}

/** The shred is weighed and something is still in it. */
export function stillInPot(batch: NominalBatch, input: Input): Problem[] {
  const { plan } = batch;
  if (!plan.lots.some(({ weighed }) => !Number.isNaN(weighed.shred))) return [];
  const left = stillIn(comeOutOf(batch, input)).filter(({ kind }) => kind === 'item');
  if (left.length === 0) return [];
  const things = left.map((one) => ({ name: one.name, left: missingOf(one) ?? 0, of: one.count ?? 0 }));
  return [{ batch: plan.id, stage: 'bench', says: { what: 'still in', things } }];
}

/** One batch as a screen, a file and the command line show it. */
export function batchReckoning(
  one: NominalBatch,
  meal: OpenedMeal,
  drawn: Drawn | undefined,
): BatchReckoning {
  const need = needOfBatch(one, meal);
  const kept = keptOf(one, meal);
  const { liquid } = one.mass;
  const gives = { g: bowlG(one), ml: one.plan.liquid && !liquid.dry ? mlOf(liquid) : 0 };
  return {
    ...figures(one, [drawn], () => figuresOf(one, drawn)),
    need,
    dressedG: bowlG(one) * (1 + (need.meatG > 0 ? (need.heldMl * BROTH) / need.meatG : 0)),
    salt: saltFigures(one, meal.nominal.flows),
    comeOut: comeOutOf(one, meal.input),
    second: secondWaveOf(one, meal.input),
    kept,
    gives,
    toPlates: { g: Math.max(0, gives.g - kept.shredG), ml: Math.max(0, gives.ml - kept.liquidMl) },
    next: nextActOf({
      batch: one.plan.batch,
      bought: one.mass.sums.raw > 0,
      milestones: milestonesIn(one.plan, tickedTasks(meal.input.entries)),
      ready: one.plan.ready,
    }),
  };
}

/** What hangs on a batch alone: a key in another pot leaves it as it is. */
type OfItself = Omit<
  BatchReckoning,
  'need' | 'dressedG' | 'gives' | 'toPlates' | 'salt' | 'comeOut' | 'next' | 'second' | 'kept'
>;
const figures = keptFor<OfItself>();

function figuresOf({ plan, mass }: NominalBatch, drawn: Drawn | undefined): OfItself {
  const { columns: mid, write } = batchColumns(1);
  write(mass, plan, plan.ready ? plan.ready.median - plan.ready.potFrom : 0, 0);
  const columns = drawn?.batches.get(plan.id)?.columns;
  const range = (name: BatchFigure): Range =>
    rangeOf(valueAt(mid[name], 0), columns?.[name] ?? new Float64Array(0));
  // What the meat gives is known without a time; the rest of the liquid is not.
  const known = (name: LiquidFigure): Answer =>
    plan.liquid || name === 'juiceMl' || name === 'fatG' ? range(name) : null;
  const { liquidMl: left, ...liquid } = mapValues(liquidFigures, known);
  // What is left of a pot that boils dry is no broth.
  const dry = plan.liquid !== undefined && mass.liquid.dry;
  const liquidMl = dry ? null : left;
  return {
    id: plan.id,
    meat: mapValues(meatFigures, range),
    liquid: {
      ...liquid,
      saltPct: dry ? null : liquid.saltPct,
      brothMl: isStrained(plan.batch) ? liquidMl : null,
      sauceMl: isStrained(plan.batch) ? null : liquidMl,
    },
    ready: readyOf(plan, () => range('readyMin'), columns?.readyMin),
    lots: lotsOf({ plan, mass }),
    liquids: liquidsOf({ plan, mass }, drawn),
    body: liquidMl ? bodyOf(liquid.gelatinG?.mid ?? 0, liquidMl.mid) : null,
    pot: potOf(plan),
    sear: plan.sear,
    lengths: plan.lengths,
    boils: plan.boilsCovered
      ? { ...plan.boilsCovered, minutes: plan.boilsCovered.minutes - (plan.ready?.potFrom ?? 0) }
      : null,
    dry,
  };
}

/** A record with the same keys. */
const mapValues = <K extends string, T>(
  of: Readonly<Record<K, unknown>>,
  value: (key: NoInfer<K>) => T,
): Record<K, T> =>
  Object.fromEntries((Object.keys(of) as K[]).map((key) => [key, value(key)])) as Record<K, T>;

function readyOf(
  plan: BatchPlan,
  min: () => Range,
  drawn: Float64Array | undefined,
): BatchReckoning['ready'] {
  const { ready } = plan;
  if (!ready) return { firstCheckMin: null, min: null, written: writtenOf(plan, undefined, undefined) };
  const { potFrom, firstCheck, nextCheck, lookAt } = ready;
  const tender = min();
  return {
    firstCheckMin: firstCheck - potFrom,
    min: tender,
    ...(nextCheck !== undefined && { nextCheckMin: nextCheck - potFrom }),
    lookAt,
    written: writtenOf(plan, tender, drawn),
  };
}
