import { emptyPool, massOf, type Pool } from '../ledger/index.ts';
import { volumeOf } from './density.ts';

/** The liquid that the pot holds when its lid comes off. */
export const MAIN = 'pot';

/** One of a batch's liquids as it stands between two steps, g. */
export interface Liquid {
  readonly id: string;
  /** All of it, with the solids that are in it. */
  readonly pool: Pool;
  /** In the pool, what is dry of the solids that a sieve will take, and of what comes out whole. */
  readonly solids: Pool;
  readonly comesOut: Pool;
  /** Weight as it went in of the solids, and of what comes out whole, that are in it. */
  solidsG: number;
  comesOutG: number;
  /** What thickens it as starch does, g: starch, half of its flour, a fifth of what is dry of its purées. */
  thickG: number;
  /** Of the protein that is dissolved in it, what is gelatin of meat and bone. */
  gelatinShare: number;
  /** It has been through a sieve: it is broth, else it is a sauce. */
  strained: boolean;
  /** As finished or as weighed, g; none if it was put into another. */
  madeG: number;
  /** What of it is there for the plates, when what was drunk or poured away has gone. */
  grams: number;
  ml: number;
}

export const emptyLiquid = (id: string): Liquid => ({
  id,
  pool: emptyPool(),
  solids: emptyPool(),
  comesOut: emptyPool(),
  solidsG: 0,
  comesOutG: 0,
  thickG: 0,
  gelatinShare: 0,
  strained: false,
  madeG: 0,
  grams: 0,
  ml: 0,
});

/** The liquid that a step names. */
export function liquidNamed({ liquids }: { readonly liquids: readonly Liquid[] }, id: string): Liquid {
  const found = liquids.find((liquid) => liquid.id === id);
  if (!found) throw new Error(`The batch has no liquid “${id}”.`);
  return found;
}

/** Millilitres of a liquid as it stands. */
export const mlOfPool = ({ pool, strained }: Liquid): number =>
  volumeOf(massOf(pool) - pool.fat, pool.fat, strained);
