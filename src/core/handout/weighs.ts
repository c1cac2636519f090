import { type BenchCard, expectedAt, stepAt } from '../answers/index.ts';
import type { Line } from '../day/index.ts';
import type { Job, Weighable } from '../meal/index.ts';
import type { Range } from '../quantity/index.ts';
import type { BatchReckoning } from '../reckoning/index.ts';

type Weigh = NonNullable<Job['weigh']>[number];

/** How what is weighed is called. */
export type NameOf = (
  what: { readonly step: BenchCard['what'] } | { readonly lot: string },
) => string | undefined;

const likelyOf = ({ mid, p10 = mid, p90 = mid }: Range) => ({ lo: p10, mid, hi: p90 });

const sum = (flow: Weighable, name: string, range: Range | undefined): Weigh => ({
  name,
  measures: { what: 'sum', flow },
  ...(range && { likely: likelyOf(range) }),
});

/**
 * What is weighed at a line of the day, with what is likely to lie on the scale: of what is trimmed each lot, of all that comes at the bench what its
 * card there asks.
 * @param cards of the bench, by which a step is found at its line
 */
export function weighsAt(
  line: Line,
  reckoning: BatchReckoning | undefined,
  cards: readonly BenchCard[],
  nameOf: NameOf,
): readonly Weigh[] {
  if (!reckoning) return [];
  if (line.does.what === 'trim')
    return reckoning.lots.map(({ lot, name, boardG }) => ({
      name: nameOf({ lot: name }) ?? name,
      measures: { what: 'flow', flow: 'board', lot },
      likely: likelyOf({ mid: boardG }),
    }));
  return cards.flatMap((card): Weigh[] => {
    const { batch, what, flow, done } = card;
    if (
      batch !== line.batch ||
      done ||
      flow === undefined ||
      what === 'at the pot' ||
      !stepAt(what, line.does)
    )
      return [];
    const name = nameOf({ step: what });
    return name === undefined ? [] : [sum(flow, name, expectedAt(what, reckoning)?.range)];
  });
}
