import { type Range, Z90 } from '../quantity/index.ts';

/** A weighing that can hardly be: asked about once, then believed. */
export interface Doubt {
  readonly what: 'more than there is' | 'far more' | 'far less';
  /** g: what there is at most, or what was expected. */
  readonly grams: number;
}

/** Beyond what there is, so much may still be a bowl or a wet cloth, relative (estimate). */
const SLACK = 1.03;
/** Two and a half standard deviations, in ways from the middle to p10 or p90: further out one in a hundred lies. */
const FAR = 2.5 / Z90;
/** What is so near is no mistake, relative (estimate). */
const NEAR = 0.05;

/**
 * Whether a weighing is worth a question.
 * @param grams as it was weighed
 * @param expected what the reckoning had; undefined once it was weighed, for then that is all it has
 * @param most what it came from: there cannot be more
 */
export function doubtOf(grams: number, expected: Range | undefined, most: number): Doubt | undefined {
  if (grams > SLACK * most) return { what: 'more than there is', grams: most };
  if (!expected) return undefined;
  const { mid, p10 = mid, p90 = mid } = expected;
  const up = Math.max(p90 - mid, NEAR * mid);
  const down = Math.max(mid - p10, NEAR * mid);
  if (mid > 0 && grams > mid + FAR * up) return { what: 'far more', grams: mid };
  if (mid > 0 && grams < mid - FAR * down) return { what: 'far less', grams: mid };
  return undefined;
}
