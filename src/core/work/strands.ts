import { MAIN } from './liquid.ts';
import { type AfterStep, broughtIn, liquidOf, makesLiquid, traitsOf } from './step.ts';

/** Meat, or a liquid by the name it stands under. */
export type Strand = 'meat' | `liquid ${string}`;
const liquidStrand = (name: string): Strand => `liquid ${name}`;

/** What a step takes up, and what stands after it. */
export interface Strands {
  readonly takes: readonly Strand[];
  readonly makes: readonly Strand[];
}

/**
 * What each step of a cook's list takes up and makes, as its kind and what was written of it say: what is set apart makes a liquid
 * beside the one it comes from, what is put back goes into the one it joins, what is brought in takes none. A step on a liquid
 * that was not set apart before is none, as in the ledger, and is left out.
 * @param inPot meat that is pulled in its pot lies in the liquid: whatever is done to it is done to both
 */
export function strandsOf(
  after: readonly AfterStep[],
  inPot: boolean,
): readonly (Strands & { readonly step: AfterStep })[] {
  const known = new Set<string>([MAIN]);
  return after.flatMap((step): (Strands & { readonly step: AfterStep })[] => {
    const brought = broughtIn(step);
    if (brought !== undefined) {
      known.add(brought);
      return [{ step, takes: [], makes: [liquidStrand(brought)] }];
    }
    const { works } = traitsOf(step.what);
    const named = liquidOf(step) ?? MAIN;
    if (works === 'liquid' && !known.has(named)) return [];
    const of = liquidStrand(known.has(named) ? named : MAIN);
    if (step.what === 'put back') {
      const into = step.as ?? MAIN;
      return known.has(into) ? [{ step, takes: [of, liquidStrand(into)], makes: [liquidStrand(into)] }] : [];
    }
    const apart = makesLiquid(step);
    if (apart !== undefined) known.add(apart);
    const meat: readonly Strand[] = works === 'liquid' ? [] : ['meat'];
    const touched = [...meat, ...(works === 'meat' && !inPot ? [] : [of])];
    const makes = apart === undefined ? touched : [...new Set([...touched, liquidStrand(apart)])];
    return [{ step, takes: touched, makes }];
  });
}
