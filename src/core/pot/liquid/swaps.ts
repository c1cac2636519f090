import type { Item } from '../../meal/index.ts';

/**
 * What cooks put in the place of what they have not (common practice, no source): by weight, and never by itself. Dried herbs are
 * a third of the fresh; one chilli stands for another of like heat; wine left out is stock, sharpened with vinegar.
 */
interface Rule {
  readonly from: readonly string[];
  /** What goes in for a gram of it, g. */
  readonly to: readonly (readonly [id: string, perGram: number])[];
  /** All of it together is one way; absent: each is. */
  readonly together?: true;
}

const DRIED = 1 / 3;
/** A dried chilli of these stands for another by weight: mild and red, dark and fruity. */
const MILD = ['chilli-guajillo', 'chilli-new-mexico', 'sr24-11978'];
const DARK = ['sr24-11982', 'chilli-mulato', 'sr24-11978'];
const HOT_DRIED = ['chilli-arbol', 'chilli-flakes', 'sr24-02031'];

const ofKind = (kind: readonly string[]): Rule[] =>
  kind.map((id) => ({
    from: [id],
    to: kind.filter((other) => other !== id).map((other) => [other, 1] as const),
  }));
const both = (a: readonly string[], b: readonly string[], perGram: number): Rule[] => [
  { from: a, to: b.slice(0, 1).map((id) => [id, perGram]) },
  { from: b, to: a.slice(0, 1).map((id) => [id, 1 / perGram]) },
];

const rules: readonly Rule[] = [
  ...both(['thyme-sprig', 'sr24-02049'], ['sr24-02042'], DRIED),
  ...both(['rosemary-sprig', 'sr24-02063'], ['sr24-02036'], DRIED),
  ...both(['sage-leaf'], ['sr24-02038'], DRIED),
  ...both(['sr24-11297'], ['sr24-02029'], DRIED),
  ...both(['sr24-02044'], ['sr24-02003'], DRIED),
  ...ofKind(MILD),
  ...ofKind(DARK),
  ...ofKind(HOT_DRIED),
  ...both(['chilli-chipotle'], ['chipotle-adobo'], 15 / 2.7),
  // A serrano is hotter than a jalapeño, a bird’s eye than either.
  ...both(['sr24-11979'], ['sr24-11977'], 0.5),
  ...both(['chilli-red'], ['sr24-11979'], 1),
  ...both(['chilli-habanero'], ['chilli-birds-eye'], 1),
  // What is drunk in it is gone; its sourness is not.
  ...['wine-red', 'wine-white', 'sr24-14602', 'sr24-14160', 'sherry-dry', 'vermouth'].map((id): Rule => ({
    from: [id],
    together: true,
    to: [
      ['stock-low-salt', 0.94],
      ['vinegar', 0.06],
    ],
  })),
  { from: ['beer', 'cider-hard'], to: [['stock-low-salt', 1]] },
  // Fresh ones bring their skins, and more water.
  ...both(
    ['tomatoes-canned', 'tomatoes-crushed', 'tomatoes-cherry-tinned', 'tomatoes-fire-roasted'],
    ['sr24-11529', 'tomato-plum'],
    1.2,
  ),
  ...both(['tomato-puree'], ['tomato-paste'], 0.35),
  ...both(['soy-sauce'], ['sr24-16124'], 1),
  { from: ['fish-sauce'], to: [['soy-sauce', 1]] },
  ...both(['flour'], ['cornstarch'], 0.5),
  ...both(['shallot', 'shallot-banana', 'sr24-11677'], ['onion'], 1),
];

/** One way to do without: what goes in instead, g of each. */
export type Swap = readonly { readonly id: string; readonly grams: number }[];

/**
 * What may stand for so much of an ingredient; none where nothing is known to.
 * @param grams of it that go in
 */
export function swapsFor(id: string, grams: number): readonly Swap[] {
  const asIs = (to: string, perGram: number) => ({ id: to, grams: grams * perGram });
  return rules
    .filter(({ from }) => from.includes(id))
    .flatMap(({ to, together }): Swap[] =>
      // Of one kind each is a way by itself; wine is stock and vinegar together.
      together
        ? [to.map(([other, perGram]) => asIs(other, perGram))]
        : to.map(([other, perGram]) => [asIs(other, perGram)]),
    );
}

/**
 * The things of a pot with something else in the place of one: where it lay and when it went in stay, what was done to it does not.
 * @param written an amount in g as it stands on the line
 */
export const swapped = (
  items: readonly Item[],
  id: string,
  swap: Swap,
  written: (grams: number) => string,
  newId: () => string,
): Item[] =>
  items.flatMap((item) => {
    if (item.id !== id) return [item];
    const { state, at, out, put, vessel, marinade, onto } = item;
    const kept = { state, at, out, put, vessel, marinade, onto };
    const said = Object.fromEntries(Object.entries(kept).filter(([, value]) => value !== undefined));
    return swap.map(({ id: ref, grams }, i): Item => ({
      ...said,
      state,
      id: i === 0 ? id : newId(),
      ref,
      amount: { text: written(grams), lo: grams, hi: grams },
      measure: 'mass',
    }));
  });
