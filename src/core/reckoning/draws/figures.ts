import { BROTH } from '../../broth/index.ts';
import { massOf } from '../../ledger/index.ts';
import type { BatchMass } from '../centre/run.ts';

/** The figures of one batch, in the order of the work. Masses g, volumes ml, times min. */
const names = [
  'rawG',
  'trimG',
  'boneG',
  'boneOutG',
  'cookedG',
  'onBenchG',
  'cookedYield',
  'pickingsG',
  'shredG',
  'shredYield',
  'pouredMl',
  'juiceMl',
  'fatG',
  'steamMl',
  'solidsG',
  'skimG',
  'liquidMl',
  'saltPct',
  'readyMin',
] as const;
export type BatchFigure = (typeof names)[number];

/** The same reading of a run for the centre and for every draw. */
export const batchFigures = {
  names,
  columns: (n: number) =>
    Object.fromEntries(names.map((name) => [name, new Float64Array(n)])) as Record<BatchFigure, Float64Array>,

  /** Figures of one run at place d of the columns. */
  write(mass: BatchMass, readyMin: number, to: Record<BatchFigure, Float64Array>, d: number): void {
    let rawG = 0;
    let trimG = 0;
    let boneG = 0;
    let boneOutG = 0;
    let cookedG = 0;
    let pickingsG = 0;
    let shredG = 0;
    for (const lot of mass.lots) {
      rawG += lot.raw;
      trimG += lot.trim;
      boneG += lot.rawBone;
      boneOutG += lot.boneOut;
      cookedG += lot.bench;
      pickingsG += lot.pickings;
      shredG += lot.shred;
    }
    const { fromMeat, liquid } = mass;
    const boneless = rawG - trimG - boneG;
    to.rawG[d] = rawG;
    to.trimG[d] = trimG;
    to.boneG[d] = boneG;
    to.boneOutG[d] = boneOutG;
    to.cookedG[d] = cookedG;
    to.onBenchG[d] = cookedG + boneOutG;
    to.cookedYield[d] = boneless > 0 ? cookedG / boneless : 0;
    to.pickingsG[d] = pickingsG;
    to.shredG[d] = shredG;
    to.shredYield[d] = rawG > 0 ? shredG / rawG : 0;
    to.juiceMl[d] = (fromMeat.juiceWater + fromMeat.juiceAsh + fromMeat.protein) / BROTH;
    to.fatG[d] = fromMeat.fat;
    to.pouredMl[d] = liquid.pouredMl;
    to.steamMl[d] = liquid.steam + liquid.reduction;
    to.solidsG[d] = liquid.solids;
    to.skimG[d] = massOf(liquid.skim) + massOf(liquid.waySkim);
    to.liquidMl[d] = liquid.ml;
    to.saltPct[d] = 100 * liquid.saltShare;
    to.readyMin[d] = readyMin;
  },
};
