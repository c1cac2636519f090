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
 * there and how much is known of it (best linear unbiased prediction, from Henderson's mixed-model
 * equations: Henderson, Biometrics 31, 1975). A level with a heavy tail is reweighted, so that one odd group
 * does not drag its relatives (iterated weights (ν + 1) / (ν + u²/s²): Lange et al., JASA 84, 1989).
 * @throws if a row names a level without a spread
 */
export function fitLevels(rows: readonly LevelRow[], spreads: LevelSpreads, heavy?: HeavyTail): PooledFit {
  const fixedCount = rows[0]?.fixed.length ?? 0;
  const places = placesOf(rows, spreads, fixedCount);
  const size = fixedCount + places.size;
  const design = rows.map((row) => entriesOf(row, places));
  const data = Matrix.zeros(size, size);
  const right = Matrix.zeros(size, 1);
  for (const [r, row] of rows.entries()) {
    const weight = 1 / row.noise ** 2;
    for (const [i, x] of design[r] ?? []) {
      right.set(i, 0, right.get(i, 0) + weight * x * row.value);
      for (const [j, z] of design[r] ?? []) data.set(i, j, data.get(i, j) + weight * x * z);
    }
  }
  const weights = new Map<string, number>();
  let solved = solve(data, right, places, spreads, weights);
  for (let round = 0; heavy && round < ROUNDS; round += 1) {
    for (const [key, place] of places) {
      if (levelOf(key) !== heavy.level) continue;
      const u = solved.effects.get(place, 0) / (spreads[heavy.level] ?? 1);
      weights.set(key, (heavy.freedom + 1) / (heavy.freedom + u * u));
    }
    solved = solve(data, right, places, spreads, weights);
  }
  const effects: Record<string, Record<string, number>> = {};
  for (const [key, place] of places) {
    const group = key.slice(levelOf(key).length + 1);
    (effects[levelOf(key)] ??= {})[group] = solved.effects.get(place, 0);
  }
  const { system, effects: all } = solved;
  return {
    fixed: Array.from({ length: fixedCount }, (_, i) => all.get(i, 0)),
    effects,
    predict: (row) => {
      const known = Matrix.zeros(size, 1);
      for (const [i, x] of entriesOf(row, places)) known.set(i, 0, x);
      const value = known.transpose().mmul(all).get(0, 0);
      const ofKnown = known.transpose().mmul(system.solve(known)).get(0, 0);
      const unseen = Object.entries(row.levels)
        .filter(([level, group]) => !places.has(`${level}:${group}`))
        .reduce((sum, [level]) => sum + (spreads[level] ?? 0) ** 2, 0);
      return { value, sd: Math.sqrt(ofKnown + unseen) };
    },
  };
}

const levelOf = (key: string) => key.slice(0, key.indexOf(':'));

function placesOf(rows: readonly LevelRow[], spreads: LevelSpreads, from: number): Map<string, number> {
  const places = new Map<string, number>();
  for (const { levels } of rows) {
    for (const [level, group] of Object.entries(levels)) {
      if (!((spreads[level] ?? 0) > 0)) throw new Error(`The level “${level}” has no spread above nothing.`);
      const key = `${level}:${group}`;
      if (!places.has(key)) places.set(key, from + places.size);
    }
  }
  return places;
}

/** A row of the design, as the places that are not nothing. */
function entriesOf(
  { fixed, levels }: Pick<LevelRow, 'fixed' | 'levels'>,
  places: ReadonlyMap<string, number>,
): (readonly [number, number])[] {
  const groups = Object.entries(levels).flatMap(([level, group]) => {
    const place = places.get(`${level}:${group}`);
    return place === undefined ? [] : [[place, 1] as const];
  });
  return [...fixed.map((x, i) => [i, x] as const), ...groups];
}

function solve(
  data: Matrix,
  right: Matrix,
  places: ReadonlyMap<string, number>,
  spreads: LevelSpreads,
  weights: ReadonlyMap<string, number>,
) {
  const equations = data.clone();
  for (const [key, place] of places) {
    const precision = (weights.get(key) ?? 1) / (spreads[levelOf(key)] ?? 1) ** 2;
    equations.set(place, place, equations.get(place, place) + precision);
  }
  const system = new CholeskyDecomposition(equations);
  return { system, effects: system.solve(right) };
}
