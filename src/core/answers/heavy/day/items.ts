import { boilDownMinutes } from '../../../clock/index.ts';
import { type DayBatch, softenMinutes } from '../../../day/index.ts';
import { type Batch, isStrained } from '../../../meal/index.ts';
import { boughtOf, isPoured, itemsOf, type ItemPlan, type ItemWork } from '../../../pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';

type DayItem = DayBatch['items'][number];

/** What is in a batch beside its meat, with what hands do to it. */
export function dayItems(
  batch: Batch,
  work: readonly ItemWork[],
  planned: readonly ItemPlan[],
): readonly DayItem[] {
  const grams = new Map<string, number>();
  for (const item of planned) grams.set(item.id, (grams.get(item.id) ?? 0) + boughtOf(item));
  const late = new Set(planned.flatMap(({ id, at }) => (at > 0 ? [id] : [])));
  const lies = new Set(itemsOf(batch).flatMap(({ id, marinade }) => (marinade === true ? [id] : [])));
  return work.map((one) => ({
    ...one,
    // A sieve keeps what would be lifted out.
    liftedOut: one.liftedOut && !isStrained(batch),
    marinade: lies.has(one.id),
    later: late.has(one.id),
    grams: grams.get(one.id) ?? 0,
  }));
}

/**
 * What is softened, one after the other: what lies in the fat equally long by the usual lies there together, for as long as so much
 * of it needs; what the cook has written stands by itself, in its place.
 */
export function softeningsOf(work: readonly ItemWork[], items: readonly DayItem[]): DayBatch['softens'] {
  const groups: { names: string[]; minutes: number; grams: number; written: boolean }[] = [];
  for (const [i, { name, softenMin, softenWritten }] of work.entries()) {
    if (softenMin <= 0) continue;
    const grams = items[i]?.grams ?? 0;
    const last = groups.at(-1);
    if (last && !last.written && !softenWritten && last.minutes === softenMin) {
      last.names.push(name);
      last.grams += grams;
    } else groups.push({ names: [name], minutes: softenMin, grams, written: softenWritten });
  }
  return groups.map(({ names, minutes, grams, written }) => ({
    names,
    minutes: written ? minutes : softenMinutes(minutes, grams),
  }));
}

/** What boils down before it goes in, with the minutes that its steam takes; minutes 0 of none. */
export function boilsOff(items: readonly ItemPlan[]): {
  readonly names: readonly string[];
  readonly minutes: number;
} {
  const boiled = items.filter(({ prepared }) => (prepared?.air.water ?? 0) > 0);
  return {
    names: boiled.map(({ name }) => name),
    minutes: boilDownMinutes(boiled.reduce((sum, { prepared }) => sum + (prepared?.air.water ?? 0), 0)),
  };
}

/** Liquid that is poured over the meat from the start, and no marinade. */
export function isPouredIn(
  { ref, marinade }: ItemPlan,
  ingredients: ReadonlyMap<string, Ingredient>,
): boolean {
  const ingredient = ingredients.get(ref);
  return ingredient !== undefined && isPoured(ingredient) && !marinade;
}

/** How deep a pan is covered to loosen it, cm; of a pan of which nobody knows the width, cm (estimates). */
const [COVERS, USUAL_PAN] = [0.5, 28];

/** So much of what is poured as covers a pan, g: a ml weighs a gram, near enough for a pan. */
export function loosening(
  { name, grams }: ItemPlan,
  panCm = USUAL_PAN,
): { readonly name: string; readonly grams: number } {
  const covers = COVERS * Math.PI * (panCm / 2) ** 2;
  return { name, grams: Math.min(grams, 10 * Math.round(covers / 10)) };
}
