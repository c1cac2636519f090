const counts = 'no one two three four five six seven eight nine ten eleven twelve'.split(' ');

/** A small number in words: "no", "seven", "13". */
export const spelt = (n: number): string => counts[n] ?? String(n);
