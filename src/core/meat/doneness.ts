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

/** The published rows are braises, of liquid from so hot on, °C; at the other what low heat leaves is whole (losses of 26 to 30 %). */
const [BRAISED, LOW] = [90, 65];
/** Cooked of boneless that low heat leaves beyond the rows (from memory: handbooks of cooking held at 60 to 65 °C). */
const LEFT_IN = 0.06;

/** What a liquid held so cool leaves in the meat beyond its published yield, of the boneless weight. */
export const lowHeatYield = (celsius: number | undefined): number =>
  celsius === undefined ? 0 : LEFT_IN * Math.min(1, Math.max(0, (BRAISED - celsius) / (BRAISED - LOW)));
