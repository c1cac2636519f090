/** The middle one of some measurements. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? NaN;
}

let missed = 0;

/** Prints a figure beside its aim. */
export function say(
  name: string,
  value: number,
  unit: string,
  aim: number,
  sense: 'at most' | 'at least' = 'at most',
): void {
  const reached = sense === 'at most' ? value <= aim : value >= aim;
  if (!reached) missed += 1;
  process.stdout.write(
    `${reached ? 'reached' : 'MISSED '}  ${name}: ${value.toFixed(2)} ${unit} (aim: ${sense} ${aim} ${unit})\n`,
  );
}

export const missedAims = () => missed;
