import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont } from 'pdf-lib';
import { fitted } from './fitted.ts';
import type { PaperFonts } from './fonts.ts';

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

const PAGE = { width: 595.28, height: 841.89 };
const LEFT = 48;
const ROW = 18;
const BOTTOM = 70;
const INK = rgb(0.165, 0.122, 0.102);
const QUIET = rgb(0.4, 0.353, 0.314);

/** A packing list for each place, a page each: every part with its count, hot or cold, and a box to tick. */
export async function packingList(
  name: string,
  places: readonly PackingPlace[],
  caution: string,
  fonts: PaperFonts,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle(`Packing: ${name}`);
  const regular = await pdf.embedFont(fonts.regular, { subset: true });
  const bold = await pdf.embedFont(fonts.bold, { subset: true });
  for (const { place, out, note, lines } of places) {
    let page = pdf.addPage([PAGE.width, PAGE.height]);
    let y = PAGE.height - 60;
    const write = (words: string, x: number, font: PDFFont, size: number, width: number, color = INK) =>
      page.drawText(fitted(words, font, size, width), { x, y, font, size, color });
    const head = () => {
      write(place, LEFT, bold, 18, 300);
      write(out, 360, regular, 11, PAGE.width - 360 - LEFT, QUIET);
      y -= 14;
      page.drawLine({ start: { x: LEFT, y }, end: { x: PAGE.width - LEFT, y }, thickness: 1, color: INK });
      y -= ROW;
    };
    head();
    for (const line of lines) {
      if (y < BOTTOM) {
        page = pdf.addPage([PAGE.width, PAGE.height]);
        y = PAGE.height - 60;
        head();
      }
      page.drawRectangle({ x: LEFT, y: y - 1, width: 9, height: 9, borderColor: INK, borderWidth: 0.8 });
      write(line.count, LEFT + 18, bold, 11, 60);
      write(line.what, LEFT + 82, regular, 11, 190);
      write(line.amount, LEFT + 280, regular, 11, 120);
      write(line.how, LEFT + 404, regular, 10, 96, QUIET);
      y -= ROW;
    }
    y -= 8;
    const maxWidth = PAGE.width - 2 * LEFT;
    for (const words of [note, caution].filter((one) => one !== '')) {
      page.drawText(words, { x: LEFT, y, font: regular, size: 9.5, color: QUIET, maxWidth, lineHeight: 12 });
      y -= 12 * Math.ceil(regular.widthOfTextAtSize(words, 9.5) / maxWidth) + 6;
    }
  }
  return pdf.save();
}
