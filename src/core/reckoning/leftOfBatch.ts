import {
  type Amount,
  emptyPool,
  type Flow,
  flowsOfBatch,
  massOf,
  nothing,
  plus,
  type Pool,
  setPlus,
  times,
} from '../ledger/index.ts';
import type { OpenedMeal } from '../model/index.ts';
import { mlOf } from '../broth/index.ts';
import { MAIN } from '../work/index.ts';
import { forPlates, type ShareOut } from '../plates/index.ts';

/** What of a batch goes to no plate. */
export interface LeftOfBatch {
  readonly shred: Amount;
  /** Each of its liquids; that of the pot itself has no name. */
  readonly liquids: readonly LeftLiquid[];
}

export interface LeftLiquid {
  readonly id: string | undefined;
  readonly amount: Amount;
  readonly ml: number;
}

const SHRED = ['dressedShred', 'keptShred'];
const LIQUID = ['servedHeld', 'servedLiquid', 'keptLiquid'];

/**
 * What is left of a batch once its plates are filled: by the share-out where there is one, as it is shown at the plates; until
 * it is worked out by the core's own rule.
 */
export function leftOfBatch(
  { nominal }: OpenedMeal,
  batchId: string,
  shares: Pick<ShareOut, 'leftBy'> | undefined,
): LeftOfBatch {
  const flows = flowsOfBatch(nominal.flows, batchId);
  const jugs = nominal.batches.find(({ plan }) => plan.id === batchId)?.mass.liquid.liquids ?? [];
  const liquidOf = (id: string | undefined, amount: Amount): LeftLiquid => {
    const jug = jugs.find((one) => one.id === (id ?? MAIN));
    return { id, amount, ml: jug && jug.grams > 0 ? (jug.ml * massOf(amount)) / jug.grams : 0 };
  };
  const found = shares?.leftBy.find(({ batch }) => batch === batchId);
  const of = nominal.batches.find(({ plan }) => plan.id === batchId);
  if (!found || !of) {
    const { shred, liquids } = keptIn(flows);
    return { shred, liquids: [...liquids].map(([id, kept]) => liquidOf(id, kept)) };
  }
  const shred = sumOf(flows, SHRED);
  const ids = [...new Set(flows.flatMap(({ id, liquid }) => (LIQUID.includes(id) ? [liquid] : [])))];
  const each = ids.map((id) => {
    const own = flows.filter(({ liquid }) => liquid === id);
    return { id, all: sumOf(own, LIQUID), kept: sumOf(own, ['keptLiquid']) };
  });
  // What is for another day no share-out has seen.
  const later = 1 - forPlates(of.plan.batch);
  const part = (left: number, all: number) => (all > 0 ? Math.min(1, later + left / all) : 0);
  const leftPart = part(found.liquidMl, of.plan.liquid ? mlOf(of.mass.liquid) : 0);
  const keptG = each.reduce((sum, { kept }) => sum + massOf(kept), 0);
  const allG = each.reduce((sum, { all }) => sum + massOf(all), 0);
  return {
    shred: times(shred, part(found.shredG, massOf(shred))),
    liquids: each.map(({ id, all, kept }) => liquidOf(id, partOf(all, kept, allG, keptG, leftPart))),
  };
}

/** Of one liquid so much as makes the given part of all: less is kept of each alike, or more is taken of each alike. */
function partOf(all: Amount, kept: Amount, allG: number, keptG: number, part: number): Amount {
  const wanted = part * allG;
  if (wanted <= keptG) return keptG > 0 ? times(kept, wanted / keptG) : nothing;
  const rest = plus(all, kept, -1);
  return plus(kept, rest, (wanted - keptG) / Math.max(1e-9, allG - keptG));
}

function sumOf(flows: readonly Flow[], ids: readonly string[]): Amount {
  const all = emptyPool();
  for (const { id, amount } of flows) if (ids.includes(id)) setPlus(all, all, amount, 1);
  return all;
}

/** What the core's own rule keeps of a batch, looked through once: its shred, and each of its liquids. */
function keptIn(flows: readonly Flow[]) {
  const shred = emptyPool();
  const liquids = new Map<string | undefined, Pool>();
  for (const { id, liquid, amount } of flows) {
    if (id === 'keptShred') setPlus(shred, shred, amount, 1);
    if (!LIQUID.includes(id)) continue;
    const kept = liquids.get(liquid) ?? emptyPool();
    liquids.set(liquid, kept);
    if (id === 'keptLiquid') setPlus(kept, kept, amount, 1);
  }
  return { shred, liquids };
}
