import type { Readiness } from '../clock/index.ts';
import { comeOut, stillIn, type ComesOut } from '../pot/index.ts';
import { needOf } from '../order/index.ts';
import { rangeOf, type Range } from '../quantity/index.ts';
import type { Centre, CentreBatch } from './centre/centre.ts';
import { lotReckoning, type LotReckoning } from './centre/lotReckoning.ts';
import { saltFigures, type SaltFigures } from './centre/salt.ts';
import type { Drawn } from './draws/drawn.ts';
import { batchFigures, type BatchFigure } from './draws/figures.ts';
import { ingredientsById, type Input, type Problem } from './input.ts';
import { potOf, type PotPicture } from './pictures/pot.ts';
import type { MealPlan } from './plan/plan.ts';
import type { SearFigures } from './plan/sear.ts';

/** A figure, or null where no stage can answer yet. */
export type Answer = Range | null;

export interface BatchReckoning {
  readonly id: string;
  readonly meat: Readonly<
    Record<
      | 'rawG'
      | 'trimG'
      | 'boneG'
      | 'boneOutG'
      | 'onBenchG'
      | 'cookedG'
      | 'cookedYield'
      | 'pickingsG'
      | 'shredG'
      | 'shredYield',
      Range
    >
  >;
  readonly liquid: Readonly<
    Record<
      'pouredMl' | 'juiceMl' | 'fatG' | 'steamMl' | 'solidsG' | 'skimG' | 'brothMl' | 'sauceMl' | 'saltPct',
      Answer
    >
  >;
  /** Minutes from the moment the pot is hot. */
  readonly ready: {
    readonly firstCheckMin: number | null;
    readonly min: Answer;
    /** After a fork has said "not yet"; the lot to look at. */
    readonly nextCheckMin?: number;
    readonly lookAt?: string;
  };
  readonly lots: readonly LotReckoning[];
  readonly pot: PotPicture | null;
  readonly salt: SaltFigures | null;
  /** What the sear takes, or would take. */
  readonly sear: SearFigures;
  /** What went in and must come out again, and how many have. */
  readonly comeOut: readonly ComesOut[];
  /** How long each phase of the cook lasts, min. */
  readonly lengths: readonly number[];
  /** What the plates want of this batch: the meal's need, dealt by what each batch can give. */
  readonly need: { readonly meatG: number; readonly liquidMl: number };
  /** The pot boils dry before the meat is tender. */
  readonly dry: boolean;
}

/** The need of the meal dealt to a batch in proportion to the shred and the liquid it gives. */
export function needOfBatch(
  batch: CentreBatch,
  { batches }: Centre,
  { tickets }: MealPlan,
): BatchReckoning['need'] {
  const shred = ({ mass }: CentreBatch) => mass.lots.reduce((sum, lot) => sum + lot.shred, 0);
  const liquid = ({ plan, mass }: CentreBatch) => (plan.liquid ? mass.liquid.ml : 0);
  const share = (of: (batch: CentreBatch) => number) => {
    const all = batches.reduce((sum, other) => sum + of(other), 0);
    return all > 0 ? of(batch) / all : 1 / batches.length;
  };
  const { meatG, liquidMl } = needOf(tickets);
  return { meatG: meatG * share(shred), liquidMl: liquidMl * share(liquid) };
}

/** What of a batch must come out again: its items by their fate, and the bones of its lots. */
function comeOutOf({ plan }: CentreBatch, input: Input): readonly ComesOut[] {
  const boned = plan.lots.flatMap((lot, i) => {
    const typed = plan.batch.lots.find(({ id }) => id === lot.id);
    return typed && lot.boneShare > 0
      ? [{ lot: typed, name: `bones of ${(plan.cuts[i]?.name ?? '').split(',')[0]?.toLowerCase() ?? ''}` }]
      : [];
  });
  return comeOut(plan.batch, ingredientsById(input), boned, input.entries);
}

/** The shred is weighed and something is still in it. */
export function stillInPot(batch: CentreBatch, input: Input): Problem[] {
  const { plan } = batch;
  if (!plan.lots.some(({ weighed }) => !Number.isNaN(weighed.shred))) return [];
  const left = stillIn(comeOutOf(batch, input)).filter(({ kind }) => kind === 'item');
  if (left.length === 0) return [];
  const words = left.map(({ name, count = 0, back }) => `${count - back} of ${count} × ${name}`).join(', ');
  return [{ batch: plan.id, stage: 'bench', words: `Still in it: ${words}. Find them before it is served.` }];
}

/** One batch as a screen, a file and the command line show it. */
export function batchReckoning(
  one: CentreBatch,
  centre: Centre,
  mealPlan: MealPlan,
  drawn: Drawn | undefined,
  input: Input,
): BatchReckoning {
  return {
    ...figuresOf(one, drawn, needOfBatch(one, centre, mealPlan)),
    salt: saltFigures(one, centre.flows),
    comeOut: comeOutOf(one, input),
  };
}

function figuresOf(
  { plan, mass }: CentreBatch,
  drawn: Drawn | undefined,
  need: BatchReckoning['need'],
): Omit<BatchReckoning, 'salt' | 'comeOut'> {
  const mid = batchFigures.columns(1);
  batchFigures.write(mass, plan.ready ? plan.ready.median - plan.ready.potFrom : 0, mid, 0);
  const columns = drawn?.batches.get(plan.id);
  const range = (name: BatchFigure): Range =>
    rangeOf(mid[name][0] ?? 0, columns?.[name] ?? new Float64Array(0));
  const known = (name: BatchFigure): Answer => (plan.liquid ? range(name) : null);
  return {
    id: plan.id,
    meat: {
      rawG: range('rawG'),
      trimG: range('trimG'),
      boneG: range('boneG'),
      boneOutG: range('boneOutG'),
      cookedG: range('cookedG'),
      /** With its bones, as it lies on the bench. */
      onBenchG: range('onBenchG'),
      cookedYield: range('cookedYield'),
      pickingsG: range('pickingsG'),
      shredG: range('shredG'),
      shredYield: range('shredYield'),
    },
    liquid: {
      pouredMl: known('pouredMl'),
      juiceMl: range('juiceMl'),
      fatG: range('fatG'),
      steamMl: known('steamMl'),
      solidsG: known('solidsG'),
      skimG: known('skimG'),
      brothMl: plan.batch.strain ? known('liquidMl') : null,
      sauceMl: plan.batch.strain ? null : known('liquidMl'),
      saltPct: known('saltPct'),
    },
    ready: readyOf(plan.ready, () => range('readyMin')),
    lots: plan.lots.flatMap((lot, i) => {
      const m = mass.lots[i];
      const cut = plan.cuts[i];
      if (!m || !cut) return [];
      return [lotReckoning(lot.id, cut, m, plan.ready)];
    }),
    pot: potOf(plan),
    sear: plan.sear,
    lengths: plan.lengths,
    need,
    dry: plan.liquid !== undefined && mass.liquid.dry,
  };
}

function readyOf(ready: Readiness | undefined, min: () => Range): BatchReckoning['ready'] {
  if (!ready) return { firstCheckMin: null, min: null };
  const { potFrom, firstCheck, nextCheck, lookAt } = ready;
  return {
    firstCheckMin: firstCheck - potFrom,
    min: min(),
    ...(nextCheck !== undefined && { nextCheckMin: nextCheck - potFrom }),
    lookAt,
  };
}
