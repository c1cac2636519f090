/** How many of each the file, the acts and the fields take; what more there were could not be kept. */
export const most = {
  dishes: 50,
  sittings: 20,
  costs: 60,
  batches: 50,
  lots: 1000,
  items: 500,
  phases: 20,
  tasks: 100,
  entries: 20_000,
  vessels: 200,
  heatSources: 50,
  scoops: 50,
  hands: 20,
  fridges: 50,
  places: 20,
  cuts: 1000,
  ingredients: 1000,
  dismissed: 100,
  besides: 30,
  after: 40,
  lessons: 1000,
  shelf: 2000,
  cools: 20,
  gone: 50_000,
  merged: 200,
  both: 500,
} as const;

/** Letters of a note. */
export const TEXT_LONG = 4000;
/** Letters of a name, and of an id. */
export const NAME_MOST = 200;
export const ID_MOST = 80;
/** How deep things lie in one another in a file; a meal needs nine. */
export const DEPTH_MOST = 16;

/** Past these a figure is a slip of the pen, not a plan: no home or hall braises so much at once. It is said, and kept. */
export const LOT_MOST_G = 150_000;
export const PLATES_MOST = 20_000;

/** Into how many pieces a lot may be counted. */
export const PIECES_MOST = 10_000;

/** What a cut may come to, of what was bought or of its boneless weight. */
export const YIELD = { least: 0.01, most: 1 } as const;

/** The lists of a meal, a pot and a kitchen, by what they hold. */
export type Lists = { readonly [K in keyof typeof most]?: { readonly length: number } | undefined };
export interface Overfull {
  readonly what: keyof typeof most;
  readonly most: number;
}

/**
 * The first list that has grown beyond what can be kept; undefined if none has. One that was too long before may
 * still be made shorter, and does not stand in the way of anything else.
 */
export function overfull(lists: Lists, before: Lists = {}): Overfull | undefined {
  const what = (Object.keys(most) as (keyof typeof most)[]).find((key) => {
    const length = lists[key]?.length ?? 0;
    return length > most[key] && length > (before[key]?.length ?? 0);
  });
  return what && { what, most: most[what] };
}
