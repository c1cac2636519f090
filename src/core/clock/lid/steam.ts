/**
 * Alcohol left in a pot that has simmered so long, of what went in (from memory: USDA Table of
 * Nutrient Retention Factors, release 6: 15 min .40, 30 min .35, 1 h .25, 1½ h .20, 2 h .10, 2½ h .05).
 */
export function alcoholLeft(minutes: number): number {
  const points = [
    [0, 1],
    [15, 0.4],
    [30, 0.35],
    [60, 0.25],
    [90, 0.2],
    [120, 0.1],
    [150, 0.05],
  ] as const;
  for (let i = 1; i < points.length; i += 1) {
    const [t0, a0] = points[i - 1] ?? [0, 1];
    const [t1, a1] = points[i] ?? [0, 1];
    if (minutes <= t1) return a0 + ((a1 - a0) * Math.max(0, minutes - t0)) / (t1 - t0);
  }
  return 0.05;
}

/** A hard boil on a burner, g of water an hour: it is the burner that limits it (estimate, about 1.25 kW gone into steam). */
const HARD_BOIL = 2000;

/** Minutes of hard boiling, lid off, that take so much water off. */
export const boilDownMinutes = (waterG: number): number => (Math.max(0, waterG) / HARD_BOIL) * 60;
