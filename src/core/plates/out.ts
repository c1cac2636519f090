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
  const known = outs.get(entries);
  if (known?.of === entries.length) return known.out;
  const out = new Map<string, Out[]>();
  for (const { id, measures, value } of standingEntries(entries)) {
    if (measures.what !== 'served' && measures.what !== 'came back' && measures.what !== 'plated') continue;
    const of = out.get(measures.dish) ?? [];
    out.set(measures.dish, of);
    const n = midpoint(value ?? undefined) ?? 0;
    if (measures.what === 'came back') takeBack(of, n);
    else if (measures.what === 'plated') of.push({ id, servings: 1, weighedG: n, on: measures.on });
    else if (n > 0) of.push({ id, servings: n, weighedG: undefined, on: measures.on });
  }
  outs.set(entries, { of: entries.length, out });
  return out;
}

const outs = new WeakMap<
  readonly Entry[],
  { readonly of: number; readonly out: ReadonlyMap<string, readonly Out[]> }
>();

/** The last of them, one tap after the other. */
function takeBack(of: Out[], servings: number): void {
  let back = servings;
  for (let last = of.pop(); last; last = back > 0 ? of.pop() : undefined) {
    const left = last.servings - back;
    back -= last.servings;
    if (left > 0) of.push({ ...last, servings: left });
  }
}

/** Servings of a dish that are out. */
export const servedOf = (entries: readonly Entry[], dish: string): number =>
  (outOf(entries).get(dish) ?? []).reduce((sum, { servings }) => sum + servings, 0);

/** What is booked of one dish, of each batch: all of its servings together. */
export interface Booked {
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
export function bookedOf(out: readonly Out[], usual: OnPlate): Booked {
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
  return { servings, from: [...from].map(([batch, of]) => ({ batch, ...of })) };
}
