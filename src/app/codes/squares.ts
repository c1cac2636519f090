import { create } from 'qrcode';

/** Clear paper that a code wants about it, modules (QR Code, ISO/IEC 18004: four). */
export const QUIET = 4;

/** A code as it is drawn: one path over squares of one, and how many there are a side. */
export interface Squares {
  readonly path: string;
  readonly side: number;
}

/** The squares of a code that holds these bytes, at the lowest level of repair: one that is missed comes round again. */
export function squaresOf(bytes: Uint8Array): Squares {
  const { modules } = create([{ data: bytes, mode: 'byte' }], { errorCorrectionLevel: 'L' });
  const { size } = modules;
  const runs: string[] = [];
  for (let y = 0; y < size; y += 1)
    for (let x = 0; x < size; x += 1) {
      if (modules.get(y, x) === 0) continue;
      const from = x;
      while (x < size && modules.get(y, x) !== 0) x += 1;
      runs.push(`M${from} ${y}h${x - from}v1h${from - x}z`);
    }
  return { path: runs.join(''), side: size };
}
