import { create } from 'qrcode';
import { codeWords, type LabelSize, labelSizes, type LabelText } from './label.ts';
import type { PaperFonts } from './fonts.ts';
import { type Face, PAGE, Paper } from './paper.ts';

const MM = 72 / 25.4;

interface Ask {
  readonly labels: readonly LabelText[];
  readonly size: LabelSize;
  readonly fonts: PaperFonts;
}

/** Between lines of small letters, of their size; below the last of them, and the smallest that can be read, points. */
const LEADING = 1.16;
const FOOT = 6;
const SMALLEST = 4;

/** The largest size at which words stand in a width and a height, points. */
function sizeOf(paper: Paper, words: string, width: number, height: number, most: number): number {
  let size = most;
  while (size > SMALLEST && paper.linesOf(words, width, { face: 'regular', size }) * size * LEADING > height)
    size -= 0.25;
  return size;
}

/** Labels as a PDF to print: large words to be read at arm's length, and a code of the label's own words. */
export function labelSheet({ labels, size, fonts }: Ask): Uint8Array {
  const paper = new Paper('Labels', fonts);
  const { across, down, wide, high } = labelSizes[size];
  const [w, h] = [wide * MM, high * MM];
  const left = (PAGE.width - across * w) / 2;
  const top = (PAGE.height - down * h) / 2;
  const each = across * down;
  for (let from = 0; from < labels.length; from += each) {
    paper.turn();
    for (const [i, label] of labels.slice(from, from + each).entries()) {
      const x = left + (i % across) * w;
      const y = PAGE.height - top - (Math.floor(i / across) + 1) * h;
      const pad = 9;
      const code = Math.min(h - 2 * pad, w * 0.3);
      const unit = h / 68;
      const room = w - code - 3 * pad;
      paper.box(x + 3, y + 3, w - 6, h - 6, 0.6);
      const lines: readonly (readonly [string, Face, number])[] = [
        [label.title, 'bold', 12],
        [label.amount, 'bold', 15],
        [label.made, 'regular', 7],
        [label.useBy, 'bold', 9.5],
      ];
      let at = y + h - pad;
      for (const [words, face, points] of lines) {
        const px = Math.max(6.5, points * unit * 0.95);
        at -= px * 1.22;
        const how = { face, size: px };
        if (words !== '') paper.write(paper.fitted(words, room, how), x + pad, at, how);
      }
      // What it contains is never cut: it takes the lines it needs, in letters as small as that asks for.
      const size = sizeOf(paper, label.more, room, at - y - FOOT, Math.max(6.5, 7 * unit * 0.95));
      if (label.more !== '')
        paper.paragraph(label.more, x + pad, at - size * LEADING, room, size * LEADING, {
          face: 'regular',
          size,
        });
      const { modules } = create(codeWords(label), { errorCorrectionLevel: 'L' });
      const dot = code / modules.size;
      for (let r = 0; r < modules.size; r += 1)
        for (let c = 0; c < modules.size; c += 1)
          if (modules.get(r, c))
            paper.box(
              x + w - pad - code + c * dot,
              y + (h + code) / 2 - (r + 1) * dot,
              dot + 0.05,
              dot + 0.05,
              'filled',
            );
    }
  }
  return paper.bytes();
}
