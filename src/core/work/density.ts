/** g/ml at 20 °C (estimates): what millilitres mean at the edge. */
export const BROTH = 1.01;
export const SAUCE = 1.04;
export const FAT = 0.92;

/** Density of water, kg/m³, by Choi and Okos (1986), as in the ASHRAE handbook (from memory). */
const waterDensity = (celsius: number) => 997.18 + 0.0031439 * celsius - 0.0037574 * celsius ** 2;

/** Grams of a liquid measured as a volume at a temperature: hot liquid is lighter, 3 % at 95 °C. */
export function gramsOfVolume(ml: number, densityAt20: number, celsius = 20): number {
  return (ml * densityAt20 * waterDensity(celsius)) / waterDensity(20);
}

/** Millilitres at 20 °C of a liquid with its fat. */
export function volumeOf(gramsWithoutFat: number, fatG: number, strained: boolean): number {
  return gramsWithoutFat / (strained ? BROTH : SAUCE) + fatG / FAT;
}
