import type { Picking, Size, Trim } from '@/core/meal/index.ts';

/** What a cook may do with the meat, in words: for the batch, and for one lot of it. */
export const trims: readonly { value: Trim; words: string }[] = [
  { value: 'none', words: 'leave on' },
  { value: 'silver skin', words: 'silver skin off' },
  { value: 'thick fat', words: 'thick fat off' },
  { value: 'close', words: 'close' },
];
export const pickings: readonly { value: Picking; words: string }[] = [
  { value: 'all tender', words: 'tough bits' },
  { value: 'membrane', words: 'membrane, lumps' },
  { value: 'lean only', words: 'all but lean' },
];
export const sizes: readonly { value: Size; words: string }[] = [
  { value: 'cubes', words: '2–3 cm cubes' },
  { value: 'chunks', words: '5–8 cm chunks' },
  { value: 'ribs', words: 'ribs' },
  { value: 'whole', words: 'whole' },
];
