import type { PDFFont } from 'pdf-lib';

/** Words cut to a width, points. */
export function fitted(words: string, font: PDFFont, size: number, width: number): string {
  if (font.widthOfTextAtSize(words, size) <= width) return words;
  let cut = words;
  while (cut.length > 1 && font.widthOfTextAtSize(`${cut}…`, size) > width) cut = cut.slice(0, -1);
  return `${cut}…`;
}
