import { CholeskyDecomposition, Matrix } from 'ml-matrix';

/** One observation: a value, its own error, what is always fitted, and which group it is of at each level. */
export interface LevelRow {
  readonly value: number;
  /** Standard deviation of the observation itself. */
  readonly noise: number;
  /** Regressors of the fixed part, the constant among them. */
  readonly fixed: readonly number[];
  /** Level to the name of the group, as species → beef; a level that is not named has no effect here. */
  readonly levels: Readonly<Record<string, string>>;
}

/** How much the groups of each level vary about the level above, as standard deviations. */
export type LevelSpreads = Readonly<Record<string, number>>;

export interface PooledFit {
  readonly fixed: readonly number[];
  /** Level, then group, to its effect; 0 for a group that was never seen. */
  readonly effects: Readonly<Record<string, Readonly<Record<string, number>>>>;
  /** The value expected of a row of these groups, and the standard deviation of that expectation. */
  predict(row: Pick<LevelRow, 'fixed' | 'levels'>): { readonly value: number; readonly sd: number };
}

/** Groups of this level may lie far out: Student's t with so many degrees of freedom. */
export interface HeavyTail {
  readonly level: string;
  readonly freedom: number;
}

const ROUNDS = 5;

/**
 * Partial pooling: each group's effect is shrunk towards the level above by how much groups vary
 * there and how much is known of it (best linear unbiased prediction: Henderson, Biometrics 31, 1975), solved among the rows,
 * V = Σ s² (same group) + noise², which are fewer than the groups of all levels. A level with a heavy tail is reweighted, so
 * that one odd group does not drag its relatives (iterated weights (ν + 1) / (ν + u²/s²): Lange et al., JASA 84, 1989).
 * @throws if a row names a level without a spread
 */
export function fitLevels(rows: readonly LevelRow[], spreads: LevelSpreads, heavy?: HeavyTail): PooledFit {
  const groups = groupsOf(rows, spreads);
  const weights = new Map<string, number>();
  /** Variance of a group's effect. */
  const variance = (key: string) => (spreads[levelOf(key)] ?? 0) ** 2 / (weights.get(key) ?? 1);
  let solved = solve(rows, groups, variance);
  for (let round = 0; heavy && round < ROUNDS; round += 1) {
    for (const [key, effect] of solved.effects) {
      if (levelOf(key) !== heavy.level) continue;
      const u = effect / (spreads[heavy.level] ?? 1);
      weights.set(key, (heavy.freedom + 1) / (heavy.freedom + u * u));
    }
    solved = solve(rows, groups, variance);
  }
  const { system, ofFixed, inverse, beta } = solved;
  const effects: Record<string, Record<string, number>> = {};
  for (const [key, effect] of solved.effects)
    (effects[levelOf(key)] ??= {})[key.slice(levelOf(key).length + 1)] = effect;
  return {
    fixed: beta.to1DArray(),
    effects,
    predict: ({ fixed, levels }) => {
      const shared = Matrix.zeros(rows.length, 1);
      let value = fixed.reduce((sum, x, k) => sum + x * beta.get(k, 0), 0);
      let spread = 0;
      for (const [level, group] of Object.entries(levels)) {
        const key = `${level}:${group}`;
        const of = groups.get(key);
        spread += of ? variance(key) : (spreads[level] ?? 0) ** 2;
        value += solved.effects.get(key) ?? 0;
        for (const r of of ?? []) shared.set(r, 0, shared.get(r, 0) + variance(key));
      }
      const known = shared.transpose().mmul(system.solve(shared)).get(0, 0);
      const left = Matrix.columnVector(fixed).sub(ofFixed.transpose().mmul(shared));
      const ofBeta = left.transpose().mmul(inverse).mmul(left).get(0, 0);
      return { value, sd: Math.sqrt(Math.max(0, spread - known + ofBeta)) };
    },
  };
}

const levelOf = (key: string) => key.slice(0, key.indexOf(':'));

/** Which rows are of each group, by level and group. */
function groupsOf(rows: readonly LevelRow[], spreads: LevelSpreads): ReadonlyMap<string, readonly number[]> {
  const groups = new Map<string, number[]>();
  for (const [r, { levels }] of rows.entries()) {
    for (const [level, group] of Object.entries(levels)) {
      if (!((spreads[level] ?? 0) > 0)) throw new Error(`The level “${level}” has no spread above nothing.`);
      const key = `${level}:${group}`;
      const same = groups.get(key);
      if (same) same.push(r);
      else groups.set(key, [r]);
    }
  }
  return groups;
}

/** A matrix that is symmetric but for rounding, so to the last bit. */
const symmetric = (m: Matrix) => Matrix.add(m, m.transpose()).mul(0.5);

/** Generalised least squares for the fixed part, and what is left of each row dealt to its groups. */
function solve(
  rows: readonly LevelRow[],
  groups: ReadonlyMap<string, readonly number[]>,
  variance: (key: string) => number,
) {
  const among = Matrix.diag(rows.map(({ noise }) => noise ** 2));
  for (const [key, of] of groups)
    for (const r of of) for (const s of of) among.set(r, s, among.get(r, s) + variance(key));
  const system = new CholeskyDecomposition(among);
  const design = new Matrix(rows.map(({ fixed }) => [...fixed]));
  const values = Matrix.columnVector(rows.map(({ value }) => value));
  const ofFixed = system.solve(design);
  const information = new CholeskyDecomposition(symmetric(design.transpose().mmul(ofFixed)));
  const inverse = information.solve(Matrix.eye(design.columns));
  const beta = inverse.mmul(ofFixed.transpose()).mmul(values);
  const left = system.solve(Matrix.sub(values, design.mmul(beta)));
  const effects = new Map<string, number>();
  for (const [key, of] of groups)
    effects.set(key, variance(key) * of.reduce((sum, r) => sum + left.get(r, 0), 0));
  return { system, ofFixed, inverse, beta, effects };
}
