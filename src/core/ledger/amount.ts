/** Grams of each component; the mass of an amount is their sum. */
export const components = ['water', 'protein', 'fat', 'ash', 'salt', 'starch', 'other', 'alcohol'] as const;
export type Component = (typeof components)[number];
export type Amount = Readonly<Record<Component, number>>;

export const nothing: Amount = {
  water: 0,
  protein: 0,
  fat: 0,
  ash: 0,
  salt: 0,
  starch: 0,
  other: 0,
  alcohol: 0,
};

/** An amount from the components that are not nought, g. */
export const amountOf = (parts: Partial<Amount>): Amount => ({
  water: parts.water ?? 0,
  protein: parts.protein ?? 0,
  fat: parts.fat ?? 0,
  ash: parts.ash ?? 0,
  salt: parts.salt ?? 0,
  starch: parts.starch ?? 0,
  other: parts.other ?? 0,
  alcohol: parts.alcohol ?? 0,
});

/** Mass of an amount, g. */
export function massOf(amount: Amount): number {
  return (
    amount.water +
    amount.protein +
    amount.fat +
    amount.ash +
    amount.salt +
    amount.starch +
    amount.other +
    amount.alcohol
  );
}

/** a + k·b, component by component. */
export function plus(a: Amount, b: Amount, k = 1): Amount {
  return {
    water: a.water + k * b.water,
    protein: a.protein + k * b.protein,
    fat: a.fat + k * b.fat,
    ash: a.ash + k * b.ash,
    salt: a.salt + k * b.salt,
    starch: a.starch + k * b.starch,
    other: a.other + k * b.other,
    alcohol: a.alcohol + k * b.alcohol,
  };
}

/** k·a; k of a mass that is nought is nought. */
export const times = (a: Amount, k: number): Amount => plus(nothing, a, k);

/** An amount that a kernel fills in place, so that thousands of draws make no garbage. */
export type Pool = { -readonly [K in Component]: number };

/** out = nothing, in place. */
export function clearPool(out: Pool): void {
  out.water = out.protein = out.fat = out.ash = out.salt = out.starch = out.other = out.alcohol = 0;
}

/** out = k·a, in place. */
export function setTimes(out: Pool, a: Amount, k: number): void {
  out.water = k * a.water;
  out.protein = k * a.protein;
  out.fat = k * a.fat;
  out.ash = k * a.ash;
  out.salt = k * a.salt;
  out.starch = k * a.starch;
  out.other = k * a.other;
  out.alcohol = k * a.alcohol;
}

/** out = a + k·b, in place. */
export function setPlus(out: Pool, a: Amount, b: Amount, k: number): void {
  out.water = a.water + k * b.water;
  out.protein = a.protein + k * b.protein;
  out.fat = a.fat + k * b.fat;
  out.ash = a.ash + k * b.ash;
  out.salt = a.salt + k * b.salt;
  out.starch = a.starch + k * b.starch;
  out.other = a.other + k * b.other;
  out.alcohol = a.alcohol + k * b.alcohol;
}

/** out = a − b in place, where b is part of a: what rounding leaves below nought is nought. */
export function setLess(out: Pool, a: Amount, b: Amount): void {
  out.water = Math.max(0, a.water - b.water);
  out.protein = Math.max(0, a.protein - b.protein);
  out.fat = Math.max(0, a.fat - b.fat);
  out.ash = Math.max(0, a.ash - b.ash);
  out.salt = Math.max(0, a.salt - b.salt);
  out.starch = Math.max(0, a.starch - b.starch);
  out.other = Math.max(0, a.other - b.other);
  out.alcohol = Math.max(0, a.alcohol - b.alcohol);
}

/** An amount to be filled, nothing yet. */
export const emptyPool = (): Pool => ({ ...nothing });
