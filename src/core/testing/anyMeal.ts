import fc from 'fast-check';
import { fates, heats, panFats, preps, skims } from '../meal/index.ts';
import { fattinesses, levels, lids, pickings, sizes, trims, weighable, type Entry } from '../meal/schema.ts';
import { parts } from '../meal/mealSchema.ts';
import { reference } from '@/reference/index.ts';
import { anyAfter } from './anyAfter.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from './meals.ts';

const gram = fc.oneof(
  fc.double({ min: 0.001, max: 20_000, noNaN: true }),
  fc.constantFrom(0.001, 1, 149_999),
);
const lot = fc.record({
  cut: fc.constantFrom(...reference.cuts.map((cut) => cut.id)),
  g: gram,
  kind: fc.constantFrom('meat' as const, 'bones' as const),
  trim: fc.option(fc.constantFrom(...trims), { nil: undefined }),
  bone: fc.constantFrom('in' as const, 'out' as const),
  fattiness: fc.constantFrom(...fattinesses),
});
const phase = fc.record({
  heat: fc.constantFrom(...heats),
  setting: fc.constantFrom('low' as const, 'high' as const, { text: '160 °C', lo: 160, hi: 160 }),
  lid: fc.constantFrom(...lids),
  minutes: fc.option(fc.double({ min: 1, max: 3000, noNaN: true }), { nil: undefined }),
});
const moment = fc.record({
  phase: fc.nat({ max: 3 }),
  minutes: fc.double({ min: 0, max: 600, noNaN: true }),
});
const maybe = <T>(one: fc.Arbitrary<T>) => fc.option(one, { nil: undefined, freq: 2 });
const item = fc.record({
  ref: fc.constantFrom(...reference.ingredients.map((i) => i.id)),
  g: maybe(gram),
  asBought: maybe(gram),
  prep: maybe(fc.constantFrom(...preps)),
  juiceIn: fc.boolean(),
  boiledTo: maybe(gram),
  soak: maybe(fc.record({ g: gram, goesIn: fc.double({ min: 0, max: 1, noNaN: true }) })),
  marinade: maybe(fc.constant(true as const)),
  at: maybe(moment),
  out: maybe(moment),
  fate: maybe(fc.constantFrom(...fates)),
});
const measure = fc.record({
  what: fc.constantFrom('flow' as const, 'sum' as const, 'pot' as const),
  flow: fc.constantFrom(...weighable),
  lot: fc.nat({ max: 3 }),
  g: gram,
});
const choice = fc.record({
  size: fc.constantFrom(...sizes),
  trim: fc.constantFrom(...trims),
  picking: fc.constantFrom(...pickings),
  level: fc.constantFrom(...levels),
  skim: fc.constantFrom(...skims),
  sear: fc.boolean(),
  strain: fc.boolean(),
  mixPans: fc.boolean(),
  also: fc.subarray(['pot-28', 'pot-45', 'slow-cooker']),
  panFat: fc.record({ then: fc.constantFrom(...panFats) }),
  marinade: fc.record({
    rest: fc.constantFrom('in the pot' as const, 'thrown away' as const),
    takenUp: fc.double({ min: 0, max: 0.3, noNaN: true }),
  }),
  strength: fc.record({ liquid: fc.constantFrom(0, 0.008, 0.2), meat: fc.constantFrom(0, 0.011, 0.2) }),
});

/** Taken off by weight, or the usual where the text is empty. */
const amountOnWay = maybe(gram).map((g) => (g === undefined ? {} : { lo: g, hi: g }));

export const anyMeal = fc
  .record({
    lots: fc.array(lot, { maxLength: 4 }),
    cook: fc.array(phase, { minLength: 1, maxLength: 3 }),
    items: fc.option(fc.array(item, { maxLength: 4 }), { nil: undefined }),
    salt: fc.option(gram, { nil: undefined }),
    reduceTo: fc.option(gram, { nil: undefined }),
    after: maybe(anyAfter),
    onWay: maybe(fc.record({ fat: maybe(amountOnWay), scum: maybe(amountOnWay) })),
    choice,
    tacos: fc.nat({ max: 400 }),
    rolls: fc.nat({ max: 60 }),
    way: fc.constantFrom('set' as const, 'even' as const),
    firm: fc.option(fc.constantFrom(...parts), { nil: undefined }),
    entries: fc.array(measure, { maxLength: 8 }),
  })
  .map((m) => {
    const lots = m.lots.map((l, i) =>
      lotOf(l.cut, l.g, {
        id: `lot${i}`,
        kind: l.kind,
        bone: l.bone,
        fattiness: l.fattiness,
        ...(l.trim !== undefined && { trim: l.trim }),
      }),
    );
    const batch = batchOf(lots, {
      ...m.choice,
      cook: m.cook.map(({ minutes, ...rest }, i) => ({
        id: `heat${i}`,
        ...rest,
        ...(minutes !== undefined && { minutes: { text: '', lo: minutes, hi: minutes } }),
      })),
      ...(m.items && {
        items: m.items.map(({ ref, g, asBought, boiledTo, soak, ...rest }, i) => ({
          ...rest,
          id: `item${i}`,
          ref,
          state: 'in' as const,
          ...(g !== undefined && { amount: grams(g) }),
          ...(asBought !== undefined && { asBought: grams(asBought) }),
          ...(boiledTo !== undefined && { boiledTo: grams(boiledTo) }),
          ...(soak && { soak: { water: grams(soak.g), goesIn: soak.goesIn } }),
        })),
      }),
      ...(m.salt !== undefined && { salt: grams(m.salt) }),
      ...(m.reduceTo !== undefined && { reduceTo: grams(m.reduceTo) }),
      ...(m.after && { after: m.after }),
      ...(m.onWay && {
        skimOnWay: {
          ...(m.onWay.fat !== undefined && { fat: { text: '', ...m.onWay.fat } }),
          ...(m.onWay.scum !== undefined && { scum: { text: '', ...m.onWay.scum } }),
        },
      }),
    });
    const entries = m.entries.map((e, i): Entry => ({
      id: `entry${i}`,
      at: i,
      batch: 'pot',
      value: e.what === 'pot' ? { text: '', lo: e.g / 500, hi: e.g / 500 } : grams(e.g),
      source: 'typed',
      ...(e.what === 'pot'
        ? {
            measures: { what: 'stock', stock: 'pot', vessel: e.lot > 1 ? 'pot-45' : 'pot-28' },
            measure: 'depth',
          }
        : {
            measures:
              e.what === 'flow'
                ? { what: 'flow', flow: e.flow, lot: `lot${e.lot}` }
                : { what: 'sum', flow: e.flow },
            measure: 'mass',
          }),
    }));
    return { batch, tacos: m.tacos, rolls: m.rolls, way: m.way, firm: m.firm, entries };
  });

/** Apart from the arbitrary, so that a counterexample is printed without the tables. */
export const builtMeal = ({
  batch,
  tacos,
  rolls,
  way,
  firm,
  entries,
}: typeof anyMeal extends fc.Arbitrary<infer T> ? T : never) =>
  inputOf([batch], [dishOf('taco', tacos), dishOf('roll', rolls, { way, ...(firm && { firm }) })], entries);
