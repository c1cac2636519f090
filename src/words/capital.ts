/** Words that begin a line. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** Within a sentence: "stir to the bottom". */
export const uncapital = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);
