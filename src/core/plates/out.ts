import { type Entry, type OnPlate, standingEntries } from '../meal/index.ts';
import { midpoint } from '../quantity/index.ts';

/** Servings that are out, at one tap or as one was weighed. */
export interface Out {
  /** Of the entry that says it. */
  readonly id: string;
  readonly servings: number;
  /** Shred of the one that was weighed out, g; undefined: counted. */
  readonly weighedG: number | undefined;
  /** What lay on each; undefined where the entry does not say. */
  readonly on: OnPlate | undefined;
}

/** What is out of each dish, the earlier first: what came back is the last that went out. */
export function outOf(entries: readonly Entry[]): ReadonlyMap<string, readonly Out[]> {
  // The same list as long as nothing is entered.
  const standing = standingEntries(entries);
  const known = outs.get(standing) ?? thatIsOut(standing);
  outs.set(standing, known);
  return known;
}

const outs = new WeakMap<readonly Entry[], ReadonlyMap<string, readonly Out[]>>();

function thatIsOut(standing: readonly Entry[]): ReadonlyMap<string, readonly Out[]> {
  const out = new Map<string, Out[]>();
  for (const { id, measures, value } of standing) {
    if (measures.what !== 'served' && measures.what !== 'came back' && measures.what !== 'plated') continue;
    const of = out.get(measures.dish) ?? [];
    out.set(measures.dish, of);
    const n = midpoint(value ?? undefined) ?? 0;
    if (measures.what === 'came back') takeBack(of, n);
    else if (measures.what === 'plated') of.push({ id, servings: 1, weighedG: n, on: measures.on });
    else if (n > 0) of.push({ id, servings: n, weighedG: undefined, on: measures.on });
  }
  return out;
}

/** The last of them, one tap after the other. */
function takeBack(of: Out[], servings: number): void {
  let back = servings;
  for (let last = of.pop(); last; last = back > 0 ? of.pop() : undefined) {
    const left = last.servings - back;
    back -= last.servings;
    if (left > 0) of.push({ ...last, servings: left });
  }
}

/** The plates of a dish that were weighed out, and how many servings went out at a tap. */
export function weighedOut(
  entries: readonly Entry[],
  dish: string,
): { readonly plated: readonly { readonly id: string; readonly grams: number }[]; readonly tapped: number } {
  const of = outOf(entries).get(dish) ?? [];
  return {
    plated: of.flatMap(({ id, weighedG }) => (weighedG === undefined ? [] : [{ id, grams: weighedG }])),
    tapped: of.reduce((sum, { servings, weighedG }) => sum + (weighedG === undefined ? servings : 0), 0),
  };
}

/** Servings of a dish that are out. */
export const servedOf = (entries: readonly Entry[], dish: string): number =>
  (outOf(entries).get(dish) ?? []).reduce((sum, { servings }) => sum + servings, 0);

/** What is booked of one dish, of each batch: all of its servings together. */
export interface Booked {
  readonly dish: string;
  readonly servings: number;
  readonly from: readonly FromBatch[];
}

/** Of one batch: shred, g, and liquid held by it and ladled, ml. */
export interface FromBatch {
  readonly batch: string;
  readonly g: number;
  readonly heldMl: number;
  readonly ladledMl: number;
}

/**
 * What has gone out of a dish.
 * @param usual what lies on a serving of which its entry says nothing
 */
export function bookedOf(dish: string, out: readonly Out[], usual: OnPlate): Booked {
  const from = new Map<string, { g: number; heldMl: number; ladledMl: number }>();
  let servings = 0;
  for (const { servings: n, weighedG, on = usual } of out) {
    servings += n;
    const sum = on.reduce((g, one) => g + one.g, 0);
    for (const { batch, g, heldMl = 0, ladledMl = 0 } of on) {
      const of = from.get(batch) ?? { g: 0, heldMl: 0, ladledMl: 0 };
      from.set(batch, of);
      // Weighed, it is as weighed; what it was filled for says from which pots, and how wet.
      of.g += weighedG === undefined ? n * g : sum > 0 ? (weighedG * g) / sum : weighedG / on.length;
      of.heldMl += n * heldMl;
      of.ladledMl += n * ladledMl;
    }
  }
  return { dish, servings, from: [...from].map(([batch, of]) => ({ batch, ...of })) };
}
