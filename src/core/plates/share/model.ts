import type { Row, Terms } from './program.ts';
import type { Measure, ShareDish, Sharing } from './wanted.ts';

/*
 * The meal as an integer programme. Of dish d: s servings, t g of shred and v ml ladled in all, of source b x g and w ml; z and y for
 * its level measures; u and o how far it is below and above what it wants, q the worst of all.
 */

/** The worst-off dish counts for more than all that lie nearer to what they want. */
const WORST = 1000;
/** And where nothing is to be left, what is left for less than the worst-off, and for more than how near all are. */
const LEFT = 100;
/** A dish that gets what is left takes it from nobody; shred that is drier than it would be weighs less than shred that is missing. */
const REST = 0.5;
const HELD = 0.25;

/** Rows, bounds and whole numbers of a programme. */
export interface Model {
  readonly rows: Row[];
  readonly bounds: Map<string, readonly [number, number]>;
  readonly integers: Set<string>;
}

export const s = (d: number) => `s${String(d)}`;
export const t = (d: number) => `t${String(d)}`;
/** What the shred of a dish holds less than it would, where its liquid may run short. */
export const k = (d: number) => `k${String(d)}`;
export const dry = ({ firm, held }: ShareDish): boolean => firm === 'meat' && held > 0;
export const v = (d: number) => `v${String(d)}`;
export const at = (what: string, d: number, j: number) => `${what}${String(d)}_${String(j)}`;

/** What any sharing keeps to: no more than there is, one portion for all servings of a dish, within its bounds or its measures. */
export function modelOf({ dishes, sources }: Sharing): Model {
  const model: Model = { rows: [], bounds: new Map(), integers: new Set() };
  const row = (terms: Terms, is: Row['is'], than: number) => model.rows.push({ terms, is, than });
  const allG = sources.reduce((sum, { shredG }) => sum + shredG, 0);
  const allMl = sources.reduce((sum, { liquidMl }) => sum + liquidMl, 0);
  for (const [d, dish] of dishes.entries()) {
    model.bounds.set(s(d), [0, dish.count]);
    model.integers.add(s(d));
    const onlyMixed = ofMixtures(dish, sources);
    portion(model, d, t(d), 'm', dish, {
      from: dish.firm === 'liquid' ? 0 : dish.meat.min,
      to: Math.min(dish.meat.max, allG + 1),
      locked: dish.lockedG,
      measures: dish.scoops,
      want: dish.meat.want,
      soft: dish.firm === 'liquid',
    });
    // Of a mixture the liquid comes with the meat.
    portion(model, d, v(d), 'l', dish, {
      from: dish.firm === 'meat' || onlyMixed ? 0 : dish.liquid.min,
      to: onlyMixed ? allMl + 1 : Math.min(dish.liquid.max, allMl + 1),
      locked: onlyMixed ? undefined : dish.lockedMl,
      measures: onlyMixed ? [] : dish.ladles,
      want: onlyMixed ? 0 : dish.liquid.want,
      soft: dish.firm === 'meat',
    });
    const from = sources
      .map((source, b) => ({ source, b }))
      .filter(({ source }) => draws(dish, source.batch));
    row([...from.map(({ b }) => [at('x', d, b), 1] as const), [t(d), -1]], '=', 0);
    // A mixture holds its liquid already; from elsewhere the shred soaks it up.
    const ladled = [...from.map(({ b }) => [at('w', d, b), 1] as const), [v(d), -1] as const];
    row(
      onlyMixed ? ladled : [...ladled, [t(d), -dish.held], ...(dry(dish) ? [[k(d), 1] as const] : [])],
      '=',
      0,
    );
    if (dry(dish) && !onlyMixed)
      row(
        [
          [k(d), 1],
          [t(d), -dish.held],
        ],
        '<=',
        0,
      );
    for (const { source, b } of from)
      if (source.mixed)
        row(
          [
            [at('w', d, b), 1],
            [at('x', d, b), -ratioOf(source)],
          ],
          '=',
          0,
        );
  }
  for (const [b, { batch, shredG, liquidMl }] of sources.entries()) {
    const drawing = dishes.flatMap((dish, d) => (draws(dish, batch) ? [d] : []));
    if (drawing.length === 0) continue;
    row(
      drawing.map((d) => [at('x', d, b), 1]),
      '<=',
      shredG,
    );
    row(
      drawing.map((d) => [at('w', d, b), 1]),
      '<=',
      liquidMl,
    );
  }
  return model;
}

/** All that it may draw on are mixtures: its liquid comes with its meat, and is as it is. */
const ofMixtures = (dish: ShareDish, sources: Sharing['sources']): boolean =>
  sources.every(({ batch, mixed }) => mixed || !draws(dish, batch));

const ratioOf = ({ shredG, liquidMl }: { readonly shredG: number; readonly liquidMl: number }) =>
  shredG > 0 ? liquidMl / shredG : 0;
export const draws = ({ from }: ShareDish, batch: string) => from?.includes(batch) ?? true;

interface Between {
  readonly from: number;
  readonly to: number;
  readonly want: number;
  readonly locked: number | undefined;
  readonly measures: readonly Measure[];
  /** It may run short: nobody is worse off for it. */
  readonly soft: boolean;
}

/** All servings of a dish have the same portion: between its smallest and its largest, or so many level measures. */
function portion(
  { rows, bounds, integers }: Model,
  d: number,
  total: string,
  kind: 'm' | 'l',
  { count }: ShareDish,
  { from, to, want, locked, measures, soft }: Between,
): void {
  const fitting = locked === undefined ? measures : [];
  if (fitting.length === 0) {
    const [low, high] = locked === undefined ? [from, Math.max(from, to)] : [locked, locked];
    rows.push({
      terms: [
        [total, 1],
        [s(d), -low],
      ],
      is: '>=',
      than: 0,
    });
    rows.push({
      terms: [
        [total, 1],
        [s(d), -high],
      ],
      is: '<=',
      than: 0,
    });
  } else {
    const z = (j: number) => at(`z${kind}`, d, j);
    const y = (j: number) => at(`y${kind}`, d, j);
    for (const j of fitting.keys()) {
      bounds.set(z(j), [0, 1]);
      integers.add(z(j));
      rows.push({
        terms: [
          [y(j), 1],
          [z(j), -count],
        ],
        is: '<=',
        than: 0,
      });
    }
    const all = [...fitting.keys()];
    rows.push({ terms: all.map((j) => [z(j), 1]), is: '<=', than: 1 });
    rows.push({ terms: [...all.map((j) => [y(j), 1] as const), [s(d), -1]], is: '=', than: 0 });
    rows.push({
      terms: [...fitting.map((measure, j) => [y(j), measure.amount] as const), [total, -1]],
      is: '=',
      than: 0,
    });
  }
  // How far below and above what is wanted, and the worst of all dishes.
  rows.push({
    terms: [
      [`u${kind}${String(d)}`, 1],
      [total, 1],
      [s(d), -want],
    ],
    is: '>=',
    than: 0,
  });
  rows.push({
    terms: [
      [`o${kind}${String(d)}`, 1],
      [total, -1],
      [s(d), want],
    ],
    is: '>=',
    than: 0,
  });
  if (want > 0 && count > 0 && !soft)
    rows.push({
      terms: [
        ['q', 1],
        [`u${kind}${String(d)}`, -1 / (want * count)],
      ],
      is: '>=',
      than: 0,
    });
}

/** How far a sharing lies from what was wanted: the worst-off first, then all; or how much is left. */
export function distance({ dishes, sources, evenOut }: Sharing): Terms {
  const each = dishes.flatMap((dish, d) => {
    const { meat, liquid, grows } = dish;
    return (
      [
        ['m', meat.want, grows],
        ['l', ofMixtures(dish, sources) ? 0 : liquid.want, false],
      ] as const
    ).flatMap(([kind, want, more]): Terms =>
      want > 0
        ? [[`u${kind}${String(d)}`, 1 / want], ...(more ? [] : [[`o${kind}${String(d)}`, 1 / want] as const])]
        : [],
    );
  });
  const most = Math.max(...dishes.map(({ meat }) => meat.want), 1);
  const left = dishes.flatMap(({ meat, grows }, d): Terms =>
    meat.want > 0 && (evenOut || grows) ? [[t(d), evenOut ? -LEFT / meat.want : -REST / most]] : [],
  );
  const held = dishes.flatMap((dish, d): Terms =>
    dry(dish) && dish.meat.want > 0 ? [[k(d), HELD / (dish.held * dish.meat.want)]] : [],
  );
  return [['q', WORST], ...each, ...held, ...left];
}
