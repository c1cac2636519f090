import { entryAt } from '../columns/index.ts';
import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** A row of the design: which unknowns an observation hangs on, and how strongly. */
export type SparseRow = readonly (readonly [number, number])[];

/** What observations make of unknowns that are normal about nought. */
export interface Conditioned {
  /** What each unknown moves for a unit by which each observation is off. */
  readonly gain: readonly Float64Array[];
  /** Standard deviation that each observation had before it was made, its noise included. */
  readonly spread: Float64Array;
  /**
   * How far each observation lies from what all the others foretell of it, and the standard deviation of that (leave one out:
   * S⁻¹ off over the diagonal of S⁻¹, Rasmussen and Williams, Gaussian Processes, 5.4.2, from memory).
   * @param off how far each lies from what was foretold before
   * @param slack standard deviation that each is granted besides
   */
  readonly judged: (off: Float64Array, slack: number) => readonly Judged[];
}

interface Judged {
  readonly off: number;
  readonly sd: number;
}

/**
 * The gain of normal unknowns on linear observations, Σ Jᵀ (J Σ Jᵀ + N)⁻¹: the posterior mean is gain · off, and a draw
 * of the prior moved by gain · (off − J · draw + noise) is one of the posterior (conditioning by kriging, Journel and
 * Huijbregts 1978, also called Matheron's rule; exact for normals).
 * @param unknowns how many there are
 * @param covariance of two unknowns, before
 * @param rows J, one for each observation
 * @param noise standard deviation of each observation itself
 */
export function condition(
  unknowns: number,
  covariance: (i: number, j: number) => number,
  rows: readonly SparseRow[],
  noise: readonly number[],
): Conditioned {
  // Σ Jᵀ, unknowns by observations.
  const cross = Matrix.zeros(unknowns, rows.length);
  for (const [r, row] of rows.entries()) {
    for (let i = 0; i < unknowns; i += 1) {
      let sum = 0;
      for (const [j, slope] of row) sum += slope * covariance(i, j);
      cross.set(i, r, sum);
    }
  }
  const among = Matrix.zeros(rows.length, rows.length);
  for (const [r, row] of rows.entries()) {
    for (let s = 0; s <= r; s += 1) {
      let sum = r === s ? entryAt(noise, r) ** 2 : 0;
      for (const [j, slope] of row) sum += slope * cross.get(j, s);
      among.set(r, s, sum);
      among.set(s, r, sum);
    }
  }
  const gain = new CholeskyDecomposition(among).solve(cross.transpose()).transpose();
  return {
    gain: Array.from({ length: unknowns }, (_, i) => Float64Array.from(gain.getRow(i))),
    spread: Float64Array.from(rows, (_, r) => Math.sqrt(among.get(r, r))),
    judged: (off, slack) => {
      const n = rows.length;
      const inverse = new CholeskyDecomposition(Matrix.add(among, Matrix.eye(n, n).mul(slack * slack))).solve(
        Matrix.eye(n, n),
      );
      const said = inverse.mmul(Matrix.columnVector(off));
      return rows.map((_, r) => {
        const precision = inverse.get(r, r);
        return { off: said.get(r, 0) / precision, sd: 1 / Math.sqrt(precision) };
      });
    },
  };
}
