import { type BenchCard, expectedAt, stepAt } from '../answers/index.ts';
import type { Line } from '../day/index.ts';
import type { Job, Weighable } from '../meal/index.ts';
import type { Range } from '../quantity/index.ts';
import type { BatchReckoning } from '../reckoning/index.ts';

type Weigh = NonNullable<Job['weigh']>[number];

/** How what is weighed is called. */
export type NameOf = (
  what:
    | { readonly step: BenchCard['what'] }
    | { readonly lot: string }
    | { readonly liquid: 'broth' | 'sauce' },
) => string | undefined;

const likelyOf = ({ mid, p10 = mid, p90 = mid }: Range) => ({ lo: p10, mid, hi: p90 });

const sum = (flow: Weighable, name: string, range: Range | undefined): Weigh => ({
  name,
  measures: { what: 'sum', flow },
  ...(range && { likely: likelyOf(range) }),
});

/**
 * What is weighed at a line of the day, with what is likely to lie on the scale: of what is trimmed each lot, of all that comes at the bench what its
 * card there asks; at the last that is done to a pot's liquid, how much of it there is.
 * @param cards of the bench, by which a step is found at its line
 * @param lines the whole day's
 */
export function weighsAt(
  line: Line,
  lines: readonly Line[],
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
  const asked = cards.flatMap((card): Weigh[] => {
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
    const likely = expectedAt(what, reckoning)?.range;
    // Bones of what has none are not asked for.
    if (name === undefined || (likely && (likely.p90 ?? likely.mid) < NOTHING)) return [];
    return [sum(flow, name, likely)];
  });
  return lastOfLiquid(line, lines) ? [...asked, ...jug(reckoning, nameOf)] : asked;
}

/** Less than this is not weighed, g. */
const NOTHING = 1;

const TO_LIQUID = new Set<Line['does']['what']>(['strain', 'skim', 'reduce']);

/** Whether nothing more is done to the liquid of its pot by hand after a line of the day. */
const lastOfLiquid = ({ batch, does, key }: Line, lines: readonly Line[]): boolean =>
  TO_LIQUID.has(does.what) &&
  lines.findLast((one) => one.batch === batch && TO_LIQUID.has(one.does.what))?.key === key;

/** The finished liquid, on a scale or in a jug. */
function jug({ liquid: { brothMl, sauceMl } }: BatchReckoning, nameOf: NameOf): readonly Weigh[] {
  const ml = brothMl ?? sauceMl;
  const name = nameOf({ liquid: brothMl ? 'broth' : 'sauce' });
  return ml && name !== undefined
    ? [{ name, measures: { what: 'sum', flow: 'liquid' }, ml: likelyOf(ml) }]
    : [];
}
