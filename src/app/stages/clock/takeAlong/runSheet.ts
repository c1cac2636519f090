import type { DayPlan } from '@/core/answers/index.ts';
import { doingWords } from '@/words/index.ts';
import { type Face, INK, PAGE, Paper, QUIET } from '../../../paper/paper.ts';
import type { PaperFonts } from '../../../paper/fonts.ts';
import { dateOf, type Wall, weekdayOf } from '@/core/clock/index.ts';

export interface RunSheetAsk {
  readonly name: string;
  readonly day: Pick<DayPlan, 'lines' | 'serving' | 'zone' | 'free' | 'chance' | 'pots'>;
  readonly pots: ReadonlyMap<string, string>;
  /** Names of those who cook, by id. */
  readonly names?: ReadonlyMap<string, string>;
  readonly wall: Wall;
  /** A mass in the cook's units. */
  readonly mass: (grams: number) => string;
  readonly fonts: PaperFonts;
  readonly caution: string;
}

const LEFT = 48;
const TOP = 60;
const BOTTOM = 64;
const ROW = 19;
/** Room for when it is served, beside the name. */
const SERVED = 150;

/** The day as a sheet of paper to hang by the stove: times, what is done, for which pot, and a box to tick. */
export function runSheet({ name, day, pots, names, wall, mass, fonts, caution }: RunSheetAsk): Uint8Array {
  const paper = new Paper(`Run sheet: ${name}`, fonts);
  const { zone } = day;
  let y = 0;
  /** Cut to a width where one is given. */
  const write = (words: string, x: number, face: Face, size: number, colour = INK, width = Infinity) => {
    const how = { face, size, colour };
    paper.write(width < Infinity ? paper.fitted(words, width, how) : words, x, y, how);
  };
  const turn = () => {
    paper.turn();
    y = PAGE.height - TOP;
    const served = `served ${weekdayOf(day.serving, zone)} ${wall.clock(day.serving)}`;
    write(name, LEFT, 'bold', 17, INK, PAGE.width - 2 * LEFT - SERVED);
    const wide = paper.widthOf(served, { face: 'regular', size: 11 });
    write(served, PAGE.width - LEFT - wide, 'regular', 11, QUIET);
    y -= 12;
    paper.line(LEFT, y, PAGE.width - LEFT);
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
      write(`${weekdayOf(line.from, zone)} ${its}`, LEFT, 'bold', 12);
      y -= ROW;
      date = its;
    }
    const waits = line.hands === 0;
    if (!waits) paper.box(LEFT, y - 1, 9, 9, 0.8);
    write(wall.clock(line.from), LEFT + 18, waits ? 'regular' : 'bold', 11, waits ? QUIET : INK);
    const does = `${doingWords(line.does)}${line.grams === undefined ? '' : `  ${mass(line.grams)}`}`;
    write(does, LEFT + 62, 'regular', 11, waits ? QUIET : INK, 300);
    const pot = line.batch === undefined ? '' : (pots.get(line.batch) ?? '');
    const who = (line.who ?? []).flatMap((id) => names?.get(id) ?? []).join(', ');
    write([who, pot].filter(Boolean).join(' · '), LEFT + 372, 'regular', 10, QUIET, 90);
    write(`${Math.round(line.minutes)} min`, LEFT + 466, 'regular', 10, QUIET);
    y -= ROW;
  }
  y -= 6;
  if (y < BOTTOM) turn();
  // A caution is never cut: it takes the lines it needs.
  const maxWidth = PAGE.width - 2 * LEFT;
  paper.paragraph(caution, LEFT, y, maxWidth, 11, { face: 'regular', size: 9, colour: QUIET });
  return paper.bytes();
}
