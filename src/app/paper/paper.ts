import { jsPDF } from 'jspdf';
import type { PaperFonts } from './fonts.ts';
import { sfntOf } from './sfnt.ts';

/** A4, points. */
export const PAGE = { width: 595.28, height: 841.89 };
export type Face = keyof PaperFonts;
export type Colour = readonly [number, number, number];
export const INK: Colour = [42, 31, 26];
export const QUIET: Colour = [102, 90, 80];

interface Words {
  readonly face: Face;
  /** Points. */
  readonly size: number;
  readonly colour?: Colour;
}

/** Pages of A4 that are written on from the top; places are points from the left and from the foot of the page. */
export class Paper {
  readonly #pdf: jsPDF;
  #pages = 0;

  constructor(title: string, fonts: PaperFonts) {
    this.#pdf = new jsPDF({
      unit: 'pt',
      format: [PAGE.width, PAGE.height],
      putOnlyUsedFonts: true,
      compress: true,
    });
    this.#pdf.setProperties({ title });
    for (const face of ['regular', 'bold'] as const) {
      this.#pdf.addFileToVFS(`${face}.ttf`, binaryOf(sfntOf(fonts[face])));
      this.#pdf.addFont(`${face}.ttf`, face, 'normal', undefined, 'Identity-H');
    }
  }

  get pages(): number {
    return this.#pages;
  }

  /** A fresh page; the first is there once it is asked for. */
  turn(): void {
    if (this.#pages > 0) this.#pdf.addPage();
    this.#pages += 1;
  }

  /** How wide words are, points. */
  widthOf(words: string, { face, size }: Words): number {
    return this.#pdf.setFont(face, 'normal').setFontSize(size).getTextWidth(words);
  }

  write(words: string, x: number, y: number, { face, size, colour = INK }: Words): void {
    this.#pdf
      .setFont(face, 'normal')
      .setFontSize(size)
      .setTextColor(...colour);
    this.#pdf.text(words, x, PAGE.height - y);
  }

  /** In how many lines words stand at a width. */
  linesOf(words: string, width: number, { face, size }: Words): number {
    this.#pdf.setFont(face, 'normal').setFontSize(size);
    return (this.#pdf.splitTextToSize(words, width) as string[]).length;
  }

  /** Words in as many lines as they take. Returns where the last of them stands. */
  paragraph(words: string, x: number, y: number, width: number, line: number, how: Words): number {
    this.#pdf.setFont(how.face, 'normal').setFontSize(how.size);
    const lines = this.#pdf.splitTextToSize(words, width) as string[];
    for (const [i, one] of lines.entries()) this.write(one, x, y - i * line, how);
    return y - Math.max(0, lines.length - 1) * line;
  }

  /** Words cut to a width. */
  fitted(words: string, width: number, how: Words): string {
    if (this.widthOf(words, how) <= width) return words;
    let cut = words;
    while (cut.length > 1 && this.widthOf(`${cut}…`, how) > width) cut = cut.slice(0, -1);
    return `${cut}…`;
  }

  line(x: number, y: number, to: number): void {
    this.#pdf.setDrawColor(...INK).setLineWidth(1);
    this.#pdf.line(x, PAGE.height - y, to, PAGE.height - y);
  }

  /** A box to tick, or about a label; filled, a dot of a code. */
  box(x: number, y: number, width: number, height: number, stroke: number | 'filled'): void {
    if (stroke === 'filled') this.#pdf.setFillColor(...INK);
    else this.#pdf.setDrawColor(...INK).setLineWidth(stroke);
    this.#pdf.rect(x, PAGE.height - y - height, width, height, stroke === 'filled' ? 'F' : 'S');
  }

  bytes(): Uint8Array {
    return new Uint8Array(this.#pdf.output('arraybuffer'));
  }
}

/** A byte a sign, as the library takes its files. */
function binaryOf(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return text;
}
