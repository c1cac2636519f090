import type { Entry } from './schema.ts';

/**
 * The entries that stand. They are append-only: one that names another in `replaces` takes its
 * place, and one without a value takes it back. Of two of the same thing the later one counts.
 */
export function standingEntries(entries: readonly Entry[]): readonly Entry[] {
  const replaced = new Set(
    entries.flatMap((entry) => (entry.replaces === undefined ? [] : [entry.replaces])),
  );
  const latest = new Map<string, Entry>();
  const inTime = entries
    .map((entry, at) => ({ entry, at }))
    .sort((a, b) => a.entry.at - b.entry.at || a.at - b.at);
  for (const { entry } of inTime) {
    if (replaced.has(entry.id)) continue;
    const { measures, batch } = entry;
    const key = [
      batch,
      measures.what,
      'flow' in measures ? measures.flow : 'thing' in measures ? measures.thing : measures.stock,
      'lot' in measures ? measures.lot : 'vessel' in measures ? measures.vessel : '',
    ].join('|');
    latest.set(key, entry);
  }
  return [...latest.values()].filter((entry) => entry.value !== null);
}
