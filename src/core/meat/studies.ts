import type { Composition } from '@/reference/types.ts';

interface StudiedPair {
  readonly cut: string;
  readonly lean: boolean;
  readonly rawPer: Composition;
  readonly cookedPer: Composition;
}

/** Two studies of what is one meat in the kitchen: the same muscles, other animals, other years. */
export const twins: readonly (readonly [readonly string[], readonly string[]])[] = [
  [['pork, loin, center rib (chops), bone-in'], ['pork, loin, center rib (chops), boneless']],
  [['pork, loin, sirloin (chops), bone-in'], ['pork, loin, sirloin (chops), boneless']],
  [['pork, loin, country-style ribs'], ['pork, loin, blade (chops), bone-in']],
  [
    ['pork, loin, whole'],
    [
      'pork, loin, blade (chops), bone-in',
      'pork, loin, center loin (chops), bone-in',
      'pork, loin, center rib (chops), bone-in',
      'pork, loin, sirloin (chops), bone-in',
      'pork, loin, top loin (chops), boneless',
    ],
  ],
  [['lamb, cubed for stew or kabob (leg and shoulder)'], ['lamb, shoulder, whole (arm and blade)']],
  [
    ['veal, cubed for stew (leg and shoulder)'],
    ['veal, leg (top round)', 'veal, shoulder, whole (arm and blade)'],
  ],
  [['veal, breast, whole, boneless'], ['veal, breast, plate half, boneless']],
  [['beef, rib, shortribs'], ['beef, chuck, short ribs, boneless']],
];

/** Where too few twins are known (estimate, numbers of the same kind elsewhere): 2.7 points of .68. */
const USUAL = 0.04;
const FEWEST = 5;
/** Mean |x| of a normal with spread one: √(2/π). */
const MEAN_OF_NORMAL = Math.sqrt(2 / Math.PI);

/** Differences of log y between the two studies of each pair of twins, lean and whole apart. */
export function differences(pairs: readonly StudiedPair[]): readonly number[] {
  const meanOf = (cuts: readonly string[], lean: boolean) => {
    const rows = pairs.filter((pair) => pair.lean === lean && cuts.includes(pair.cut));
    const logs = rows.map(({ rawPer, cookedPer }) => Math.log(rawPer.protein / cookedPer.protein));
    return logs.reduce((sum, log) => sum + log, 0) / logs.length;
  };
  return twins.flatMap(([one, other]) =>
    [false, true].map((lean) => meanOf(one, lean) - meanOf(other, lean)).filter(Number.isFinite),
  );
}

/**
 * How far one study of a cut stands from the cut's own yield, as a standard deviation of log y: of the difference
 * between two it is the part of one, by the mean of |d| rather than its square, so that one odd pair does not rule.
 */
export function studySpread(pairs: readonly StudiedPair[]): number {
  const found = differences(pairs);
  if (found.length < FEWEST) return USUAL;
  const mean = found.reduce((sum, d) => sum + Math.abs(d), 0) / found.length;
  return mean / MEAN_OF_NORMAL / Math.SQRT2;
}
