import type { Line, Stretch } from './line.ts';

const MS = 60_000;
/** What is nearer than this is one stretch; a shorter break is none, min. */
const NEAR = 10;
const BREAK = 30;

/** When somebody must be there: lines that want hands, near ones as one. */
export function together(lines: readonly Line[]): readonly Stretch[] {
  const found: { from: number; to: number }[] = [];
  for (const { from, to } of lines.toSorted((a, b) => a.from - b.from)) {
    const last = found.at(-1);
    if (last && from - last.to <= NEAR * MS) last.to = Math.max(last.to, to);
    else found.push({ from, to });
  }
  return found;
}

/** The breaks between them that are worth the name. */
export const between = (here: readonly Stretch[]): readonly Stretch[] =>
  here.flatMap(({ to: from }, i) => {
    const next = here[i + 1];
    return next && next.from - from >= BREAK * MS ? [{ from, to: next.from }] : [];
  });
