/** Pressure of the standard atmosphere at an altitude, kPa (published: ISO 2533, U.S. Standard Atmosphere 1976). */
export const pressureAt = (metres: number): number => 101.325 * (1 - 2.25577e-5 * metres) ** 5.25588;

/**
 * Saturation pressure of water, kPa, 0 to 150 °C (published: IAPWS Formulation 1995, the auxiliary
 * equation of Wagner and Pruss; constants from memory, held against three printed values in the tests).
 */
export function saturationKPa(celsius: number): number {
  const kelvin = celsius + 273.15;
  const [critical, pressure] = [647.096, 22064];
  const v = 1 - kelvin / critical;
  const sum =
    -7.85951783 * v +
    1.84408259 * v ** 1.5 -
    11.7866497 * v ** 3 +
    22.6807411 * v ** 3.5 -
    15.9618719 * v ** 4 +
    1.80122502 * v ** 7.5;
  return pressure * Math.exp((critical / kelvin) * sum);
}

/** Where water boils at an altitude, °C: the saturation curve the other way round, by halving. */
export function boilingAt(metres: number): number {
  const wanted = pressureAt(metres);
  let [low, high] = [40, 120];
  for (let step = 0; step < 40; step += 1) {
    const middle = (low + high) / 2;
    if (saturationKPa(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
