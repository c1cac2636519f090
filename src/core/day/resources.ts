/** What a kitchen has to cook on and in. Ovens and vessels are told from one another; of the rest there are so many. */
export type ResourceKind =
  | 'burner'
  | 'oven'
  | 'smoker'
  | 'griddle'
  | 'press'
  | 'board'
  | 'freezer shelf'
  | 'slow cooker base'
  | 'blender'
  | 'fridge shelf'
  | 'vessel'
  /** One that has a name. */
  | 'hand';

export interface Resource {
  readonly kind: ResourceKind;
  /** Which oven or vessel; empty where one is as good as another. */
  readonly id: string;
  /** The kitchen in which it stands; absent: it goes wherever it is wanted. */
  readonly at?: string;
  /** How many; of an oven its inner width, cm. */
  readonly amount: number;
}

/** What a task holds, from and to minutes after its start: so much of anything of the kind, or of that one. */
export interface Need {
  readonly kind: ResourceKind;
  readonly id?: string;
  readonly amount: number;
  readonly from: number;
  readonly to: number;
  /** One heat at a time. */
  readonly setting?: number;
  /** How many vessels stand in it. */
  readonly many?: number;
}

/** What the kitchen lacks: too little at once, pots too wide for an oven, or nothing of the kind at all. */
export type Lack =
  | { readonly what: 'none'; readonly kind: ResourceKind }
  | { readonly what: 'too few'; readonly kind: ResourceKind; readonly wanted: number; readonly there: number }
  | { readonly what: 'too wide'; readonly potsCm: number; readonly ovenCm: number; readonly many: number };

/** A need as it can be met: so much of any of these, by their place among the resources. */
export interface MetNeed extends Omit<Need, 'kind' | 'id' | 'many'> {
  readonly anyOf: readonly number[];
}

/**
 * Meets each need with something that is there. What is not there is told, and taken to be there once: the plan
 * goes on, and says what it takes for granted.
 * @param places the kitchen in which each task is done; absent: in the one that there is
 */
export function meetNeeds(
  needs: readonly (readonly Need[])[],
  resources: readonly Resource[],
  places: readonly string[] = [],
): {
  readonly met: readonly (readonly MetNeed[])[];
  readonly resources: readonly Resource[];
  readonly lacks: readonly Lack[];
} {
  const there = resources.map((one) => ({ ...one, assumed: false }));
  // Of one kitchen nothing says where it stands.
  const several = resources.some(({ at }) => at !== undefined);
  const lacks: Lack[] = [];
  const lack = (one: Lack) => {
    const key = JSON.stringify(one);
    if (!lacks.some((known) => JSON.stringify(known) === key)) lacks.push(one);
  };

  const meet = ({ kind, id, amount, many = 1, ...rest }: Need, place: string): MetNeed => {
    const all = there.map((one, index) => ({ ...one, index }));
    const some = all.filter(
      (one) =>
        one.kind === kind &&
        (id === undefined || one.id === id) &&
        (one.at === undefined || one.at === place),
    );
    const fits = some.filter((one) => one.amount >= amount);
    if (fits.length > 0) return { ...rest, amount, anyOf: fits.map(({ index }) => index) };
    const [widest] = some.toSorted((a, b) => b.amount - a.amount);
    if (!widest || widest.amount <= 0 || widest.assumed) {
      lack({ what: 'none', kind });
      const made = { kind, id: id ?? '', amount, assumed: true, ...(several && { at: place }) };
      const index = widest?.assumed ? widest.index : there.length;
      there[index] = made;
      return { ...rest, amount, anyOf: [index] };
    }
    lack(
      kind === 'oven'
        ? { what: 'too wide', potsCm: amount, ovenCm: widest.amount, many }
        : { what: 'too few', kind, wanted: amount, there: widest.amount },
    );
    return { ...rest, amount: widest.amount, anyOf: [widest.index] };
  };
  const met = needs.map((ofTask, i) => ofTask.map((need) => meet(need, places[i] ?? '')));
  return { met, lacks, resources: there.map(({ assumed: _, ...one }) => one) };
}
