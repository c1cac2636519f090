import { type Skim, skims, skimWay, type Vessel } from '../../meal/index.ts';
import { mainOf, takenBy } from '../../broth/index.ts';
import { CLINGING, skimShare } from '../../work/index.ts';
import { brimMl, FULL } from '../../pot/index.ts';
import type { Input, NominalBatch } from '../../model/index.ts';

/** A way of taking the fat off: what comes off with the broth that clings to it, g, and after how long, min. */
export interface Defat {
  readonly way: Skim;
  readonly skimG: number;
  readonly afterMin: number;
}

/** Until it can be skimmed so, min (common practice, no source). */
const after: Readonly<Record<Skim, number>> = { hot: 5, settle: 20, chill: 600, leave: 0 };

/** What each way of skimming would take off the pot's liquid. */
export function defatsOf({ plan, mass }: NominalBatch): readonly Defat[] {
  if (!plan.liquid) return [];
  const chosen = skimShare[skimWay(plan.batch)];
  // What floated when it was skimmed: some of what stayed may have been set apart since.
  const floating =
    chosen > 0 ? takenBy(plan.liquid, mass.liquid, 'skim').fat / chosen : mainOf(mass.liquid).pool.fat;
  return skims.map((way) => ({
    way,
    skimG: (skimShare[way] * floating) / (1 - CLINGING),
    afterMin: after[way],
  }));
}

/** What hot liquid is strained into: what is flat is carried badly, and a blender's jug is closed over what is hot. */
const TAKES_HOT: ReadonlySet<Vessel['kind']> = new Set(['pot', 'slow cooker', 'bowl']);

/** The smallest vessel of the kitchen that holds so much hot liquid without being too full; undefined: none does. */
export const vesselFor = (ml: number, { vessels }: Input['kitchen']) =>
  vessels
    .filter((vessel) => TAKES_HOT.has(vessel.kind) && FULL * brimMl(vessel) >= ml)
    .sort((a, b) => brimMl(a) - brimMl(b))[0];
