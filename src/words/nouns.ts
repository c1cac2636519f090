/** A noun's own two forms: "one taco", "two tacos". */
export interface Noun {
  readonly one: string;
  readonly many: string;
}

/** A noun whose many is its one with an s. */
export const noun = (one: string, many = `${one}s`): Noun => ({ one, many });

/** Whether it is spoken of as one: 1 alone; 0 and 1.5 are many. */
export const isOne = (n: number): boolean => n === 1;
/** The form that goes with a number. */
export const formOf = (n: number, { one, many }: Noun): string => (isOne(n) ? one : many);
/** "1 plate", "3 plates". */
export const counted = (n: number, of: Noun): string => `${n} ${formOf(n, of)}`;
/** What goes with a number: "is" or "are", "goes" or "go". */
export const agrees = (n: number, one: string, many: string): string => (isOne(n) ? one : many);
