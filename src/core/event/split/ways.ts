import { type HeatSource, type Kitchen, usualFridges } from '../../meal/index.ts';
import { openMeal, type OpenedMeal } from '../../model/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { usualSources } from '../../pot/index.ts';
import { splitOnce } from './once.ts';
import { LEAST, MOST_DAYS, type Split, type SplitAsk, type SplitWay } from './types.ts';

/** A way out is tried for so long, and no further one is begun after all of this, s. */
const [TRYING, ALL] = [0.2, 0.8];

/** What has no place is dealt again with a little more of everything, one at a time. */
export function waysOut(meal: OpenedMeal, ask: SplitAsk, found: Split, solver?: LpSolver): Split['ways'] {
  const { input } = meal;
  const { kitchen } = input;
  const withKitchen = (changes: Partial<Kitchen>) =>
    openMeal({ ...input, kitchen: { ...kitchen, ...changes } });
  const sources = kitchen.heatSources ?? usualSources;
  const more = (kind: HeatSource['kind'], n: number) => [
    ...sources,
    ...Array.from({ length: n }, (_, i): HeatSource => ({
      id: `more ${kind} ${String(i)}`,
      name: kind,
      kind,
    })),
  ];
  const [largest] = found.pots.toSorted((a, b) => b.mostG - a.mostG);
  const vessel = kitchen.vessels.find(({ id }) => id === largest?.vessel);
  const tried: readonly (readonly [SplitWay, () => Split | undefined])[] = [
    [
      'another day',
      () =>
        ask.days < MOST_DAYS ? splitOnce(meal, { ...ask, days: ask.days + 1 }, solver, TRYING) : undefined,
    ],
    ['another oven', () => splitOnce(withKitchen({ heatSources: more('oven', 1) }), ask, solver, TRYING)],
    [
      'two more burners',
      () => splitOnce(withKitchen({ heatSources: more('burner', 2) }), ask, solver, TRYING),
    ],
    [
      'more cold',
      () =>
        splitOnce(
          withKitchen({
            fridges: [
              ...(kitchen.fridges ?? usualFridges),
              { id: 'more cold', name: 'fridge', kind: 'fridge', shelves: 4 },
            ],
          }),
          ask,
          solver,
          TRYING,
        ),
    ],
    [
      'another such vessel',
      () =>
        vessel &&
        splitOnce(
          withKitchen({ vessels: [...kitchen.vessels, { ...vessel, id: 'more vessel' }] }),
          ask,
          solver,
          TRYING,
        ),
    ],
  ];
  const begun = performance.now();
  return tried.flatMap(([way, deal]) => {
    if (performance.now() - begun > ALL * 1000) return [];
    const then = deal();
    return then && then.outsideG < found.outsideG - LEAST ? [{ way, outsideG: then.outsideG }] : [];
  });
}
