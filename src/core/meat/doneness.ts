/** Water keeps leaving past tender and has left less before: y falls by this share of itself a unit of the way (estimate; the log learns it). */
const PER_UNIT = 0.03;
/** Beyond these nothing is known of it (estimate). */
const [LEAST, MOST] = [0.3, 2.5];

/**
 * What the cooked yield is multiplied by where a cook is timed: a published y stands at tender, X = 1.
 * @param far how far it is on its way to tender; NaN: until it is
 */
export const yieldAt = (far: number): number =>
  Number.isNaN(far) ? 1 : 1 - PER_UNIT * (Math.min(MOST, Math.max(LEAST, far)) - 1);
