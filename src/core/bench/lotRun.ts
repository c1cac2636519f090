import { type Amount, carrying, type Flow } from '../ledger/index.ts';
import {
  cookFlows,
  cookLot,
  trimFlows,
  trimLot,
  type LotDraw,
  type LotMass,
  type LotPlan,
} from '../meat/index.ts';
import { pickFlows, pickLot } from './pickLot.ts';

/** Carries one lot from the shop to shred, step by step: shred = W·(1−b)·(1−t)·y·(1−s). */
export function runLot(plan: LotPlan, draw: Readonly<LotDraw>, out: LotMass): void {
  trimLot(plan, draw, out);
  cookLot(plan, draw, out);
  pickLot(plan, draw, out);
}

/**
 * The flows of one lot from the shop to the bowl, and one gram of what lies in that.
 * @param saltOfWater salt in a gram of the meat's water at the end of the braise
 */
export function flowsOfLot(
  plan: LotPlan,
  mass: LotMass,
  batch: string,
  saltOfWater: number,
): { readonly flows: Flow[]; readonly bowl: Amount } {
  const owner = { batch, lot: plan.id };
  const { flows, cooked } = cookFlows(mass, owner, saltOfWater);
  const picked = pickFlows(plan, mass, cooked, owner);
  return { flows: carrying([...trimFlows(plan, mass, owner), ...flows, ...picked.flows]), bowl: picked.bowl };
}
