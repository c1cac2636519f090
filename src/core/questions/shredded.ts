import { type NominalBatch, stretchedG } from '../model/index.ts';

/** What a batch has in its bowl for the plates, with what it was stretched with, g. */
export const shreddedG = ({ plan, mass }: NominalBatch): number =>
  mass.lots.reduce((sum, { bowl }) => sum + bowl, stretchedG(plan, mass.liquid));
