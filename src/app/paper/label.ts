/** What stands on one label. */
export interface LabelText {
  readonly title: string;
  /** How much: "0.45 l". */
  readonly amount: string;
  /** "made Sat 13 Dec", "use by Fri 19 Dec", "celery", "heat to 74 °C". */
  readonly made: string;
  readonly useBy: string;
  readonly more: string;
}

/** Sheets of labels, mm: so many across and down an A4 page (common sizes). */
export const labelSizes = {
  large: { across: 2, down: 4, wide: 99, high: 68 },
  medium: { across: 2, down: 7, wide: 99, high: 38 },
  small: { across: 3, down: 8, wide: 64, high: 34 },
} as const;
export type LabelSize = keyof typeof labelSizes;

/** Words in lines of so many signs at most, broken between words. */
export const linesOf = (words: string, signs: number): readonly string[] =>
  words.split(' ').reduce<string[]>((lines, word) => {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= signs)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
    return lines;
  }, []);

/** The words of a label as its code holds them: text, no address, so that any telephone reads the same. */
export const codeWords = ({ title, amount, made, useBy, more }: LabelText): string =>
  [title, amount, made, useBy, more].filter((line) => line !== '').join('\n');
