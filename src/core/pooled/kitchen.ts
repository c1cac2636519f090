/** Something that was measured of one group, as a logarithm of measured over foretold. */
export interface GroupReading {
  readonly group: string;
  readonly value: number;
  /** Standard deviation of it about the group's own value: of the single batch, and of how it was measured. */
  readonly noise: number;
  /** How much the groups themselves vary, where this one differs from `spreads.group`. */
  readonly groupSpread?: number;
}

/** Standard deviations, before anything was measured: of what all groups share, and of each group about it. */
export interface KitchenSpreads {
  readonly kitchen: number;
  readonly group: number;
}

/** Value of a group = what all share + its own: the middle, and how much of either is still open. */
export interface GroupKnown {
  readonly n: number;
  readonly mean: number;
  /** Standard deviation that all groups move with together, and the group's own. */
  readonly shared: number;
  readonly own: number;
}

export interface KitchenKnown {
  readonly groups: ReadonlyMap<string, GroupKnown>;
  /** Of a group that nothing was measured of. */
  readonly unseen: GroupKnown;
  /** Of each reading, in its order: 1 counts whole, 0 not at all. */
  readonly weights: Float64Array;
}

/** Beyond so many standard deviations a reading counts less, and beyond these not at all (estimates). */
const DAMPED = 2.5;
const ABSURD = 4.5;
const ROUNDS = 6;

/**
 * What the readings of a kitchen teach, in closed form: a kitchen's error that all groups share, each group's own about
 * it, and noise (normal throughout; conditioning groups on the shared part makes it exact: Gelman et al., Bayesian Data
 * Analysis, 3rd ed., 5.4, from memory). The same as `condition` finds for these rows, in time that grows with their number.
 * Outliers are damped by iterated weights (Huber 1964), and what is absurd is not counted.
 */
export function learnGroups(readings: readonly GroupReading[], spreads: KitchenSpreads): KitchenKnown {
  const groupOf = (one: GroupReading) => one.groupSpread ?? spreads.group;
  // At first against what was known before anything was measured, which no reading can drag along.
  let weights = Float64Array.from(readings, (one) =>
    weightOf(one.value / Math.hypot(spreads.kitchen, groupOf(one), one.noise)),
  );
  let known = weighted(readings, weights, spreads);
  for (let round = 0; round < ROUNDS; round += 1) {
    const next = Float64Array.from(readings, (one) => {
      const { mean, shared, own } = known.groups.get(one.group) ?? known.unseen;
      return weightOf((one.value - mean) / Math.hypot(shared, own, one.noise));
    });
    const settled = next.every((w, i) => Math.abs(w - (weights[i] ?? 0)) < 1e-6);
    weights = next;
    known = weighted(readings, weights, spreads);
    if (settled) break;
  }
  return { ...known, weights };
}

function weightOf(z: number): number {
  const far = Math.abs(z);
  return far <= DAMPED ? 1 : far <= ABSURD ? DAMPED / far : 0;
}

function weighted(
  readings: readonly GroupReading[],
  weights: Float64Array,
  spreads: KitchenSpreads,
): Omit<KitchenKnown, 'weights'> {
  const sums = new Map<string, { n: number; precision: number; sum: number; spread: number }>();
  for (const [i, one] of readings.entries()) {
    const weight = weights[i] ?? 0;
    const of = sums.get(one.group) ?? {
      n: 0,
      precision: 0,
      sum: 0,
      spread: one.groupSpread ?? spreads.group,
    };
    const precision = weight / one.noise ** 2;
    of.n += weight > 0 ? 1 : 0;
    of.precision += precision;
    of.sum += precision * one.value;
    sums.set(one.group, of);
  }
  const measured = [...sums].filter(([, { precision }]) => precision > 0);
  // What each group says of the shared part: its mean, as surely as its own error leaves it.
  let precision = spreads.kitchen > 0 ? 1 / spreads.kitchen ** 2 : Infinity;
  let sum = 0;
  for (const [, of] of measured) {
    const says = 1 / (of.spread ** 2 + 1 / of.precision);
    precision += says;
    sum += says * (of.sum / of.precision);
  }
  const kitchen = spreads.kitchen > 0 ? sum / precision : 0;
  const open = spreads.kitchen > 0 ? 1 / Math.sqrt(precision) : 0;
  const groups = measured.map(([group, of]): readonly [string, GroupKnown] => {
    const variance = of.spread ** 2;
    const shrink = variance / (variance + 1 / of.precision);
    return [
      group,
      {
        n: of.n,
        mean: kitchen + shrink * (of.sum / of.precision - kitchen),
        shared: (1 - shrink) * open,
        own: Math.sqrt(variance * (1 - shrink)),
      },
    ];
  });
  return {
    groups: new Map(groups),
    unseen: { n: 0, mean: kitchen, shared: open, own: spreads.group },
  };
}
