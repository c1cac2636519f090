import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { DishKind } from '../meal/index.ts';
import type { Digest, Logged } from './digest.ts';

/** Into what a lot comes apart, in this order. */
export const slabParts = ['shred', 'juice', 'pickings', 'bone'] as const;
export type SlabPart = (typeof slabParts)[number];

/** A past batch with its weights covered: what it will give is guessed. */
export type Quiz =
  | {
      readonly what: 'a lot';
      readonly digest: Digest;
      readonly rawG: number;
      /** g of each part; together they are the raw weight. */
      readonly parts: Readonly<Record<SlabPart, number>>;
      /** What the tables would say. */
      readonly foretold: Readonly<Record<SlabPart, number>>;
      /** Fat that was trimmed off or rendered, g: what an eye sees of it. */
      readonly fatG: number;
      /** How the cut lies on a board: slices of a leg, or pieces. */
      readonly lies: 'cross-cut' | 'piece';
    }
  | {
      readonly what: 'a plate';
      readonly digest: Digest;
      readonly kind: DishKind;
      /** g of meat on it, and g that it would hold at the most. */
      readonly grams: number;
      readonly mostG: number;
    }
  | {
      readonly what: 'a pot';
      readonly digest: Digest;
      /** ml poured, with the juice; and what is left of it once it is done. */
      readonly fromMl: number;
      readonly ml: number;
    };
export type QuizKind = Quiz['what'];
export const quizKinds: readonly QuizKind[] = ['a lot', 'a plate', 'a pot'];

/** Between these a plate is filled, of its portion. */
const FILLED = { least: 0.65, most: 1.3 };

/** Numbers from 0 to 1 by chance: the same seed gives the same. */
export const chances = (seed: number): (() => number) => {
  const generator = xoroshiro128plus(seed);
  for (let skip = 0; skip < 8; skip += 1) generator.next();
  return () => (generator.next() >>> 0) / 2 ** 32;
};

/**
 * A batch of the past drawn by chance; undefined where none was weighed.
 * @param seed the same seed draws the same
 */
export function drawnFrom(digests: readonly Logged[], seed: number): Logged | undefined {
  const some = digests.filter(({ weighed, leftOut }) => weighed && !leftOut);
  return some[Math.floor(chances(seed)() * some.length)];
}

/** What is asked of a batch, its weights covered; undefined where it has no such thing. */
export function quizOf(digest: Digest, what: QuizKind, seed: number): Quiz | undefined {
  const chance = chances(seed + 1);
  switch (what) {
    case 'a lot':
      return lotQuiz(digest);
    case 'a plate': {
      const portion = digest.portions[Math.floor(chance() * digest.portions.length)];
      if (!portion) return undefined;
      const grams = portion.meatG * (FILLED.least + (FILLED.most - FILLED.least) * chance());
      const mostG = Math.max(portion.mostG, portion.meatG * FILLED.most);
      // To the gram, as a scale shows it, and never more than the most.
      return { what, digest, kind: portion.kind, grams: Math.min(mostG, Math.round(grams)), mostG };
    }
    case 'a pot': {
      const { pour, juice, fat } = digest.strands;
      return { what, digest, fromMl: pour.grams + juice.grams + fat.grams, ml: digest.liquidMl.now };
    }
  }
}

function lotQuiz(digest: Digest): Quiz {
  const { strands } = digest;
  const rawG = strands.raw.grams;
  const of = (which: 'grams' | 'planned'): Record<SlabPart, number> => {
    const whole = which === 'grams' ? rawG : strands.raw.planned;
    const known = {
      shred: strands.shred[which],
      pickings: strands.pickings[which],
      bone: strands.bone[which],
    };
    // What is none of these left it as juice, fat and air.
    return { ...known, juice: Math.max(0, whole - known.shred - known.pickings - known.bone) };
  };
  return {
    what: 'a lot',
    digest,
    rawG,
    parts: of('grams'),
    foretold: of('planned'),
    fatG: strands.fat.grams + strands.trim.grams,
    lies: digest.cuts[0]?.cut.includes('shank') ? 'cross-cut' : 'piece',
  };
}

/** How far a guess is off, of what it was: above nought it is too much. */
export const offOf = (guess: number, truth: number): number => (truth > 0 ? guess / truth - 1 : 0);

/** The part of a lot that was guessed worst, and by how many grams too much. */
export function worstPart(
  guess: Readonly<Record<SlabPart, number>>,
  truth: Readonly<Record<SlabPart, number>>,
): { readonly part: SlabPart; readonly offG: number } {
  const [first, ...rest] = slabParts;
  const off = (part: SlabPart) => guess[part] - truth[part];
  const part = rest.reduce<SlabPart>(
    (worst, one) => (Math.abs(off(one)) > Math.abs(off(worst)) ? one : worst),
    first,
  );
  return { part, offG: off(part) };
}
