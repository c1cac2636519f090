/** A linear or integer programme, and what solves it: HiGHS, behind this one door. */
export interface Program {
  readonly sense: 'max' | 'min';
  readonly objective: Terms;
  readonly rows: readonly Row[];
  /** Lower and upper bound; absent: from nought without end. */
  readonly bounds: ReadonlyMap<string, readonly [number, number]>;
  readonly integers: ReadonlySet<string>;
}

/** Factors by the name of a variable. */
export type Terms = readonly (readonly [name: string, factor: number])[];

export interface Row {
  readonly terms: Terms;
  readonly is: '<=' | '>=' | '=';
  readonly than: number;
}

export interface Solution {
  /** Nothing better can be: the solver has closed the gap. */
  readonly optimal: boolean;
  readonly value: number;
  readonly of: (name: string) => number;
}

/** What of HiGHS is used: a programme in the CPLEX LP format in, its solution out. */
export interface LpSolver {
  readonly solve: (
    problem: string,
    options?: Readonly<Record<string, number | boolean | string>>,
  ) => {
    readonly Status: string;
    readonly ObjectiveValue: number;
    readonly Columns: Readonly<Record<string, { readonly Primal?: number } | { readonly Index: number }>>;
  };
}

/** A share-out that takes longer is given up with what it has, s. */
const PATIENCE = 5;

/** The programme as the CPLEX LP format writes it. */
export function written({ sense, objective, rows, bounds, integers }: Program): string {
  const lines = [
    sense === 'max' ? 'Maximize' : 'Minimize',
    ` obj: ${sum(objective)}`,
    'Subject To',
    ...rows.map(({ terms, is, than }, i) => ` r${String(i)}: ${sum(terms)} ${is} ${number(than)}`),
    'Bounds',
    ...[...bounds].map(([name, [low, high]]) =>
      high === Infinity ? ` ${name} >= ${number(low)}` : ` ${number(low)} <= ${name} <= ${number(high)}`,
    ),
    ...(integers.size > 0 ? ['General', ` ${[...integers].join(' ')}`] : []),
    'End',
  ];
  return lines.join('\n');
}

const number = (n: number): string => {
  if (!Number.isFinite(n)) throw new Error(`A programme cannot hold ${String(n)}.`);
  return String(n);
};

function sum(terms: Terms): string {
  const carrying = terms.filter(([, factor]) => factor !== 0);
  if (carrying.length === 0) return `0 ${terms[0]?.[0] ?? 'none'}`;
  return carrying
    .map(([name, factor]) => `${factor < 0 ? '-' : '+'} ${number(Math.abs(factor))} ${name}`)
    .join(' ');
}

/**
 * Solves a programme; undefined where no point satisfies it.
 * @param near nothing is looked for that is better by less than this
 * @param seconds it is given up after, with the best that was found
 */
export function solved(
  program: Program,
  solver: LpSolver,
  { near = 1e-6, seconds = PATIENCE }: { readonly near?: number; readonly seconds?: number } = {},
): Solution | undefined {
  const { Status, ObjectiveValue, Columns } = solver.solve(written(program), {
    mip_rel_gap: 0,
    mip_abs_gap: near,
    time_limit: seconds,
    output_flag: false,
  });
  if (Status !== 'Optimal' && Status !== 'Time limit reached') return undefined;
  return {
    optimal: Status === 'Optimal',
    value: ObjectiveValue,
    of: (name) => {
      const column = Columns[name];
      return column && 'Primal' in column ? (column.Primal ?? 0) : 0;
    },
  };
}
