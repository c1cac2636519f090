import { entryAt, valueAt } from '../../columns/index.ts';
import type { Conditioned, SparseRow } from '../../pooled/index.ts';
import type { Latent } from './latents.ts';
import type { Reading } from './readings.ts';

/** Of the mean of a kind's latents in one meal (a cut's lots, one pot), what its readings alone say of it. */
export interface Saying {
  readonly what: Latent['what'];
  readonly of: string;
  /** Logarithm of found over foretold, and how surely the readings know it. */
  readonly value: number;
  readonly sd: number;
  /** Standard deviation of this meal's own part about what the kind has in this kitchen. */
  readonly own: number;
  /** It is what was read, and not something that hangs on it. */
  readonly isRead: boolean;
}

/** Readings that leave more than this of the variance have said nothing of it. */
const SILENT = 0.98;

/**
 * What the readings alone say of the mean of each kind's latents: its posterior with the prior taken out again, so that
 * what a kitchen shares is counted once, however many batches of it are put together (the cavity of expectation
 * propagation, Minka 2001, from memory; exact for normals where a kind's readings hang on it alone).
 */
export function sayingsOf(
  latents: readonly Latent[],
  readings: readonly Reading[],
  middle: Float64Array,
  covariance: (i: number, j: number) => number,
  rows: readonly SparseRow[],
  { gain }: Conditioned,
): readonly Saying[] {
  const kinds = new Map<string, number[]>();
  for (const [i, { what, cut, ofCut, ofKitchen }] of latents.entries()) {
    if (ofCut + ofKitchen === 0 || what === 'fat' || what === 'gelatin') continue;
    const key = keyOf({ what, cut });
    kinds.set(key, [...(kinds.get(key) ?? []), i]);
  }
  const read = readBy(readings, latents);
  return [...kinds.entries()].flatMap(([key, some]): Saying[] => {
    const [first] = some;
    const one = first === undefined ? undefined : latents[first];
    if (!one) return [];
    const share = 1 / some.length;
    // Covariance of the mean with each latent, before.
    const along = latents.map((_, j) => some.reduce((sum, i) => sum + share * covariance(i, j), 0));
    const before = some.reduce((sum, i) => sum + share * entryAt(along, i), 0);
    const taken = rows.reduce((sum, row, r) => {
      const looks = row.reduce((all, [j, slope]) => all + slope * entryAt(along, j), 0);
      const moves = some.reduce((all, i) => all + share * valueAt(gain[i] ?? EMPTY, r), 0);
      return sum + looks * moves;
    }, 0);
    const after = Math.max(1e-9, before - taken);
    if (!(after < SILENT * before)) return [];
    const precision = 1 / after - 1 / before;
    const mean = some.reduce((sum, i) => sum + share * valueAt(middle, i), 0);
    return [
      {
        what: one.what,
        of: one.cut,
        value: one.mean + mean / after / precision,
        sd: 1 / Math.sqrt(precision),
        own: Math.sqrt(some.reduce((sum, i) => sum + (share * (latents[i]?.own ?? 0)) ** 2, 0)),
        isRead: read.has(key),
      },
    ];
  });
}

const keyOf = ({ what, cut }: Pick<Latent, 'what' | 'cut'>): string => `${what} ${cut}`;

/** The kinds that readings are of: shred and cooked meat of the yield, a pot of its steam, a liquid beside its pot of what solids hold. */
function readBy(readings: readonly Reading[], latents: readonly Latent[]): ReadonlySet<string> {
  const pots = new Set(readings.flatMap(({ of, batch }) => (of === 'pot' || of === 'steam' ? [batch] : [])));
  const kindOf = ({ of, batch }: Reading): Latent['what'] => {
    switch (of) {
      case 'cooked':
      case 'shred':
        return 'y';
      case 'pot':
      case 'steam':
        return 'steam';
      case 'strained':
      case 'liquid':
        return pots.has(batch) ? 'held' : 'steam';
      default:
        return of;
    }
  };
  const kinds = readings.map((reading) => ({ ...reading, what: kindOf(reading) }));
  return new Set(
    latents.flatMap((one) =>
      kinds.some(
        ({ what, batch, lots }) =>
          what === one.what && batch === one.batch && (one.lot === undefined || lots.includes(one.lot)),
      )
        ? [keyOf(one)]
        : [],
    ),
  );
}

const EMPTY = new Float64Array(0);
