import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import type { DayPlan } from '@/core/questions/index.ts';
import { doingWords } from '@/words/index.ts';
import { fitted } from '../../paper/fitted.ts';
import type { PaperFonts } from '../../paper/fonts.ts';
import { dateOf, type Wall, weekdayOf } from '@/core/clock/index.ts';

export interface RunSheetAsk {
  readonly name: string;
  readonly day: Pick<DayPlan, 'lines' | 'serving' | 'zone' | 'free' | 'chance' | 'pots'>;
  readonly pots: ReadonlyMap<string, string>;
  readonly wall: Wall;
  /** A mass in the cook's units. */
  readonly mass: (grams: number) => string;
  readonly fonts: PaperFonts;
  readonly caution: string;
}

/** A4, points. */
const PAGE = { width: 595.28, height: 841.89 };
const LEFT = 48;
const TOP = 60;
const BOTTOM = 64;
const ROW = 19;
/** Room for when it is served, beside the name. */
const SERVED = 150;
const INK = rgb(0.165, 0.122, 0.102);
const QUIET = rgb(0.4, 0.353, 0.314);

/** The day as a sheet of paper to hang by the stove: times, what is done, for which pot, and a box to tick. */
export async function runSheet({
  name,
  day,
  pots,
  wall,
  mass,
  fonts,
  caution,
}: RunSheetAsk): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle(`Run sheet: ${name}`);
  const regular = await pdf.embedFont(fonts.regular, { subset: true });
  const bold = await pdf.embedFont(fonts.bold, { subset: true });
  const { zone } = day;
  let page: PDFPage | undefined;
  let y = 0;
  const write = (words: string, x: number, font: PDFFont, size: number, color = INK) => {
    page?.drawText(words, { x, y, font, size, color });
  };
  const turn = () => {
    page = pdf.addPage([PAGE.width, PAGE.height]);
    y = PAGE.height - TOP;
    const served = `served ${weekdayOf(day.serving, zone)} ${wall.clock(day.serving)}`;
    write(fitted(name, bold, 17, PAGE.width - 2 * LEFT - SERVED), LEFT, bold, 17);
    write(served, PAGE.width - LEFT - regular.widthOfTextAtSize(served, 11), regular, 11, QUIET);
    y -= 12;
    page.drawLine({ start: { x: LEFT, y }, end: { x: PAGE.width - LEFT, y }, thickness: 1, color: INK });
    y -= ROW;
  };
  turn();
  let date = '';
  for (const line of day.lines) {
    const its = dateOf(line.from, zone);
    const rows = its === date ? 1 : 2.4;
    if (y < BOTTOM + rows * ROW) turn();
    if (its !== date) {
      y -= 4;
      write(`${weekdayOf(line.from, zone)} ${its}`, LEFT, bold, 12);
      y -= ROW;
      date = its;
    }
    const waits = line.hands === 0;
    if (!waits)
      page?.drawRectangle({ x: LEFT, y: y - 1, width: 9, height: 9, borderColor: INK, borderWidth: 0.8 });
    write(wall.clock(line.from), LEFT + 18, waits ? regular : bold, 11, waits ? QUIET : INK);
    write(
      fitted(
        `${doingWords(line.does)}${line.grams === undefined ? '' : `  ${mass(line.grams)}`}`,
        regular,
        11,
        300,
      ),
      LEFT + 62,
      regular,
      11,
      waits ? QUIET : INK,
    );
    const pot = line.batch === undefined ? '' : (pots.get(line.batch) ?? '');
    write(fitted(pot, regular, 10, 90), LEFT + 372, regular, 10, QUIET);
    write(`${Math.round(line.minutes)} min`, LEFT + 466, regular, 10, QUIET);
    y -= ROW;
  }
  y -= 6;
  if (y < BOTTOM) turn();
  // A caution is never cut: it takes the lines it needs.
  const maxWidth = PAGE.width - 2 * LEFT;
  page?.drawText(caution, { x: LEFT, y, font: regular, size: 9, color: QUIET, maxWidth, lineHeight: 11 });
  return pdf.save();
}
