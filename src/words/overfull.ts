import type { Overfull } from '@/core/meal/index.ts';

const names: Readonly<Record<Overfull['what'], string>> = {
  dishes: 'A meal holds at most N dishes',
  sittings: 'An event holds at most N further sittings',
  costs: 'A quote holds at most N lines',
  batches: 'A meal holds at most N pots',
  lots: 'A pot holds at most N lots',
  items: 'A pot holds at most N lines',
  phases: 'A cook has at most N phases',
  tasks: 'A day has at most N tasks of your own',
  entries: 'A meal holds at most N readings',
  vessels: 'A kitchen holds at most N vessels',
  heatSources: 'A kitchen holds at most N sources of heat',
  places: 'A kitchen has at most N further kitchens',
  fridges: 'A kitchen holds at most N fridges and freezers',
  hands: 'A kitchen names at most N people',
  scoops: 'A kitchen holds at most N scoops and ladles',
  cuts: 'A kitchen holds at most N cuts of its own',
  ingredients: 'A kitchen holds at most N ingredients of its own',
  gone: 'A meal keeps the traces of at most N things that were taken away',
  merged: 'A meal keeps at most N versions of other copies',
  both: 'A meal holds at most N fields of which two copies say otherwise',
  after: 'A pot holds at most N steps once it is tender',
  shelf: 'A shelf holds at most N things',
  cools: 'A pot has at most N things that cool',
  lessons: 'A kitchen keeps at most N notes',
  besides: 'A dish has at most N things besides',
  dismissed: 'A pot holds at most N hints that were waved away',
};

/** That one more cannot be kept. */
export const overfullWords = ({ what, most }: Overfull): string =>
  `${names[what].replace('N', String(most))}; this one more is not kept.`;
