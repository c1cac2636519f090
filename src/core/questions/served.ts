import { type Entry, standingEntries } from '../batch/index.ts';
import { midpoint } from '../quantity/index.ts';

/** Servings that went out, by dish, less what came back. */
export function servedOf(entries: readonly Entry[]): ReadonlyMap<string, number> {
  const out = new Map<string, number>();
  for (const { measures, value } of standingEntries(entries)) {
    if (measures.what !== 'served' && measures.what !== 'came back' && measures.what !== 'plated') continue;
    const sign = measures.what === 'came back' ? -1 : 1;
    const n = measures.what === 'plated' ? 1 : (midpoint(value ?? undefined) ?? 0);
    out.set(measures.dish, Math.max(0, (out.get(measures.dish) ?? 0) + sign * n));
  }
  return out;
}
