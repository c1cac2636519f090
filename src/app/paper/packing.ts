import type { PaperFonts } from './fonts.ts';
import { type Face, INK, PAGE, Paper, QUIET } from './paper.ts';

/** One place that something is packed for: its lines, and when the last of it is out of the door. */
export interface PackingPlace {
  readonly place: string;
  readonly out: string;
  readonly note: string;
  readonly lines: readonly {
    readonly what: string;
    readonly count: string;
    readonly amount: string;
    readonly how: string;
  }[];
}

const LEFT = 48;
const ROW = 18;
const BOTTOM = 70;

/** A packing list for each place, a page each: every part with its count, hot or cold, and a box to tick. */
export function packingList(
  name: string,
  places: readonly PackingPlace[],
  caution: string,
  fonts: PaperFonts,
): Uint8Array {
  const paper = new Paper(`Packing: ${name}`, fonts);
  for (const { place, out, note, lines } of places) {
    paper.turn();
    let y = PAGE.height - 60;
    const write = (words: string, x: number, face: Face, size: number, width: number, colour = INK) => {
      const how = { face, size, colour };
      paper.write(paper.fitted(words, width, how), x, y, how);
    };
    const head = () => {
      write(place, LEFT, 'bold', 18, 300);
      write(out, 360, 'regular', 11, PAGE.width - 360 - LEFT, QUIET);
      y -= 14;
      paper.line(LEFT, y, PAGE.width - LEFT);
      y -= ROW;
    };
    head();
    for (const line of lines) {
      if (y < BOTTOM) {
        paper.turn();
        y = PAGE.height - 60;
        head();
      }
      paper.box(LEFT, y - 1, 9, 9, 0.8);
      write(line.count, LEFT + 18, 'bold', 11, 60);
      write(line.what, LEFT + 82, 'regular', 11, 190);
      write(line.amount, LEFT + 280, 'regular', 11, 120);
      write(line.how, LEFT + 404, 'regular', 10, 96, QUIET);
      y -= ROW;
    }
    y -= 8;
    const maxWidth = PAGE.width - 2 * LEFT;
    for (const words of [note, caution].filter((one) => one !== '')) {
      const how = { face: 'regular', size: 9.5, colour: QUIET } as const;
      y = paper.paragraph(words, LEFT, y, maxWidth, 12, how) - 18;
    }
  }
  return paper.bytes();
}
