const parts: readonly (readonly [share: number, words: string])[] = [
  [0, 'none of it'],
  [0.25, 'a quarter of it'],
  [0.333, 'a third of it'],
  [0.5, 'half of it'],
  [0.667, 'two thirds of it'],
  [0.75, 'three quarters of it'],
  [1, 'all of it'],
];

/** Shares of a pot that can be kept for another day, as they are offered. */
export const laterShares: readonly number[] = parts.map(([share]) => share);

/** How much of a pot is for another day: "half of it". */
export const laterWords = (share: number): string =>
  parts.find(([of]) => of === share)?.[1] ?? `${String(Math.round(100 * share))} % of it`;
