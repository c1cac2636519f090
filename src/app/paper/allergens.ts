import type { PaperFonts } from './fonts.ts';
import { INK, PAGE, Paper, QUIET } from './paper.ts';

/** A dish on the sheet: what it contains, each with where it comes from, and what is not known; "" of nothing. */
export interface DishOnSheet {
  readonly name: string;
  readonly contains: readonly { readonly what: string; readonly from: string }[];
  readonly notKnown: string;
}

const LEFT = 48;
const LINE = 15;
const BOTTOM = 90;

/** What each dish contains, for the kitchen door: one under the other, what is not known as large as what is. */
export function allergenSheet(
  meal: string,
  dishes: readonly DishOnSheet[],
  caution: string,
  fonts: PaperFonts,
): Uint8Array {
  const paper = new Paper(`What each dish contains: ${meal}`, fonts);
  const width = PAGE.width - 2 * LEFT;
  let y = 0;
  const turn = () => {
    paper.turn();
    y = PAGE.height - 60;
    const how = { face: 'bold', size: 18, colour: INK } as const;
    paper.write(paper.fitted(`What each dish contains: ${meal}`, width, how), LEFT, y, how);
    y -= 14;
    paper.line(LEFT, y, PAGE.width - LEFT);
    y -= 26;
  };
  turn();
  const write = (words: string, face: 'regular' | 'bold', size: number) => {
    y = paper.paragraph(words, LEFT, y, width, LINE, { face, size, colour: INK }) - LINE - 3;
  };
  for (const { name, contains, notKnown } of dishes) {
    if (y < BOTTOM + 4 * LINE) turn();
    write(name, 'bold', 13);
    for (const one of contains) {
      if (y < BOTTOM) turn();
      write(`${one.what}: ${one.from}`, 'regular', 12);
    }
    if (contains.length === 0 && notKnown === '') write('Nothing of the list is known in it.', 'regular', 12);
    if (notKnown !== '') write(notKnown, 'bold', 12);
    y -= 8;
  }
  paper.paragraph(caution, LEFT, Math.min(y, BOTTOM - 20), width, 12, {
    face: 'regular',
    size: 9.5,
    colour: QUIET,
  });
  return paper.bytes();
}
