import type { Asked } from '@/core/event/index.ts';
import { moneyOf, writeMoney } from '@/core/shop/index.ts';
import type { PaperFonts } from './fonts.ts';
import { type Face, INK, PAGE, Paper, QUIET } from './paper.ts';

export interface QuoteAsk {
  readonly name: string;
  readonly sittings: readonly {
    readonly name: string;
    readonly when: string;
    readonly adults: number;
    readonly children: number;
    /** "120 tacos". */
    readonly dishes: readonly string[];
  }[];
  readonly asked: Asked;
  /** What is asked for a grown person, and for a child where that is another price. */
  readonly head: number | undefined;
  readonly child: number | undefined;
  readonly fonts: PaperFonts;
}

const LEFT = 64;
const LINE = 18;
const BOTTOM = 120;

/** What is offered and what is asked for it, for the guest: nothing of what it costs stands on it. */
export function quotePaper({ name, sittings, asked, head, child, fonts }: QuoteAsk): Uint8Array {
  const paper = new Paper(`Quote: ${name}`, fonts);
  const { currency } = asked.price;
  const width = PAGE.width - 2 * LEFT;
  let y = 0;
  const write = (words: string, face: Face, size: number, colour = INK) => {
    if (y < BOTTOM) turn();
    y = paper.paragraph(words, LEFT, y, width, LINE, { face, size, colour }) - LINE;
  };
  const sum = (words: string, amount: string, face: Face = 'regular') => {
    if (y < BOTTOM) turn();
    const how = { face, size: 13, colour: INK } as const;
    paper.write(words, LEFT, y, how);
    paper.write(amount, PAGE.width - LEFT - paper.widthOf(amount, how), y, how);
    y -= LINE + 2;
  };
  function turn() {
    paper.turn();
    y = PAGE.height - 72;
  }
  turn();
  write(name, 'bold', 22);
  y -= 10;
  for (const { name: sitting, when, adults, children, dishes } of sittings) {
    write(sitting, 'bold', 15);
    const people = [
      ...(adults > 0 ? [`${String(adults)} grown`] : []),
      ...(children > 0 ? [`${String(children)} children`] : []),
    ].join(', ');
    write([when, people].filter((one) => one !== '').join(' · '), 'regular', 12, QUIET);
    for (const dish of dishes) write(dish, 'regular', 13);
    y -= 8;
  }
  paper.line(LEFT, y, PAGE.width - LEFT);
  y -= LINE + 6;
  if (head !== undefined) sum('A head', writeMoney(moneyOf(head, currency)));
  if (child !== undefined && child !== head) sum('A child', writeMoney(moneyOf(child, currency)));
  sum('Together', writeMoney(asked.price));
  if (asked.tax.amount > 0) sum('Tax', writeMoney(asked.tax));
  sum('To pay', writeMoney(asked.all), 'bold');
  if (asked.deposit) sum('Of it when it is ordered', writeMoney(asked.deposit));
  return paper.bytes();
}
