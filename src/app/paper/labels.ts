import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont } from 'pdf-lib';
import { create } from 'qrcode';
import { codeWords, type LabelSize, labelSizes, type LabelText } from './label.ts';
import { fitted } from './fitted.ts';
import type { PaperFonts } from './fonts.ts';

const MM = 72 / 25.4;
const PAGE = { width: 595.28, height: 841.89 };
const INK = rgb(0.165, 0.122, 0.102);

interface Ask {
  readonly labels: readonly LabelText[];
  readonly size: LabelSize;
  readonly fonts: PaperFonts;
}

/** Labels as a PDF to print: large words to be read at arm's length, and a code of the label's own words. */
export async function labelSheet({ labels, size, fonts }: Ask): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle('Labels');
  const regular = await pdf.embedFont(fonts.regular, { subset: true });
  const bold = await pdf.embedFont(fonts.bold, { subset: true });
  const { across, down, wide, high } = labelSizes[size];
  const [w, h] = [wide * MM, high * MM];
  const left = (PAGE.width - across * w) / 2;
  const top = (PAGE.height - down * h) / 2;
  const each = across * down;
  for (let from = 0; from < labels.length; from += each) {
    const page = pdf.addPage([PAGE.width, PAGE.height]);
    for (const [i, label] of labels.slice(from, from + each).entries()) {
      const x = left + (i % across) * w;
      const y = PAGE.height - top - (Math.floor(i / across) + 1) * h;
      const pad = 9;
      const code = Math.min(h - 2 * pad, w * 0.3);
      const unit = h / 68;
      const room = w - code - 3 * pad;
      page.drawRectangle({
        x: x + 3,
        y: y + 3,
        width: w - 6,
        height: h - 6,
        borderColor: INK,
        borderWidth: 0.6,
      });
      const lines: readonly (readonly [string, PDFFont, number])[] = [
        [label.title, bold, 12],
        [label.amount, bold, 15],
        [label.made, regular, 7],
        [label.useBy, bold, 9.5],
        [label.more, regular, 7],
      ];
      let at = y + h - pad;
      for (const [words, font, points] of lines) {
        const px = Math.max(6.5, points * unit * 0.95);
        at -= px * 1.22;
        if (words !== '')
          page.drawText(fitted(words, font, px, room), { x: x + pad, y: at, font, size: px, color: INK });
      }
      const { modules } = create(codeWords(label), { errorCorrectionLevel: 'L' });
      const dot = code / modules.size;
      for (let r = 0; r < modules.size; r += 1)
        for (let c = 0; c < modules.size; c += 1)
          if (modules.get(r, c))
            page.drawRectangle({
              x: x + w - pad - code + c * dot,
              y: y + (h + code) / 2 - (r + 1) * dot,
              width: dot + 0.05,
              height: dot + 0.05,
              color: INK,
            });
    }
  }
  return pdf.save();
}
