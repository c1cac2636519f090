/** Zeros of J0 and 2/(β·J1(β)) at them (published, Abramowitz and Stegun table 9.5). */
const cylinderRoots = [
  [2.4048255577, 0.5191474973],
  [5.5200781103, -0.3402648065],
  [8.6537279129, 0.2714522999],
  [11.7915344391, -0.2324598314],
  [14.9309177086, 0.2065464331],
  [18.0710639679, -0.1877288031],
  [21.2116366299, 0.1732658942],
  [24.3524715308, -0.1617015507],
] as const;
/** Terms after which nothing changes in the sixth place for Fo > .004. */
const TERMS = 12;
/** Below this the middle has felt nothing yet. */
const NOTHING_YET = 0.004;

/**
 * How far the middle of a slab still is from its surface, 1 to 0, after its surface was changed at
 * once (published: Carslaw and Jaeger, Conduction of Heat in Solids, all terms).
 * @param fo Fourier number, diffusivity · time / half thickness²
 */
export function slab(fo: number): number {
  if (fo < NOTHING_YET) return 1;
  let sum = 0;
  for (let n = 0; n < TERMS; n += 1) {
    const root = (2 * n + 1) * (Math.PI / 2);
    const term = Math.exp(-root * root * fo);
    if (term < 1e-12) break;
    sum += ((n % 2 === 0 ? 2 : -2) / root) * term;
  }
  return Math.min(1, sum);
}

/** The same at the axis of a long cylinder; fo by its radius. */
export function cylinder(fo: number): number {
  if (fo < 0.02) return 1;
  const sum = cylinderRoots.reduce(
    (total, [root, j1]) => total + (2 / (root * j1)) * Math.exp(-root * root * fo),
    0,
  );
  return Math.min(1, sum);
}

/** The same at the middle of a ball; fo by its radius. */
export function sphere(fo: number): number {
  if (fo < NOTHING_YET) return 1;
  let sum = 0;
  for (let n = 1; n <= 2 * TERMS; n += 1)
    sum += (n % 2 === 1 ? 2 : -2) * Math.exp(-((n * Math.PI) ** 2) * fo);
  return Math.max(0, Math.min(1, sum));
}
