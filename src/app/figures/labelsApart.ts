/**
 * Words beside parts that may be thinner than a line: each as near to its part as may be, in their order, and no two nearer than so
 * much. Those that are too near share the room evenly about their middle.
 * @param middles of the parts, from the top down, px
 * @param apart px between two words
 * @returns the middles of the words, px
 */
export function labelsApart(middles: readonly number[], apart: number): readonly number[] {
  interface Group {
    readonly middles: readonly number[];
    readonly at: number;
  }
  const groups: Group[] = [];
  const mean = (of: readonly number[]) => of.reduce((sum, one) => sum + one, 0) / of.length;
  const spread = (of: readonly number[]): Group => ({
    middles: of,
    at: Math.max(0, mean(of) - ((of.length - 1) * apart) / 2),
  });
  for (const middle of middles) {
    let group = spread([middle]);
    for (let above = groups.at(-1); above; above = groups.at(-1)) {
      if (above.at + above.middles.length * apart <= group.at + 1e-9) break;
      groups.pop();
      group = spread([...above.middles, ...group.middles]);
    }
    groups.push(group);
  }
  return groups.flatMap(({ middles: of, at }) => of.map((_, i) => at + i * apart));
}
