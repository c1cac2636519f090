import type { Food } from './food.ts';

const COOKED = /, cooked, (braised|simmered|stewed).*$/i;
const MUSCLE = /^(Beef|Pork|Lamb|Veal|Game meat)/;
/** Offal and injected meat are other things than a braise of muscle. */
const OTHER = /variety meats|enhanced/i;
/** Sold without bone, so that "refuse" can only be fat trimmed off. */
const BONELESS = /boneless|brisket|top round|bottom round|cubed|mock tender|leg \(top round\)/i;

/** Raw rows of the same cut, trim and grade that the table names otherwise. */
const alias: Readonly<Record<string, string>> = {
  '13165': '13975', // brisket, flat half, 0" fat, choice
  '13369': '13904',
  '13370': '13595',
  '13398': '23063', // bottom round steak, 0" fat
  '13401': '23049',
  '13407': '23028',
  '13410': '23014',
  '13892': '13891', // top round, "steak" raw
  '13895': '13894',
  '23099': '23102', // under-blade pot roast "or steak" raw
  '13380': '23103',
};

const isCookedMuscle = (food: Food) =>
  COOKED.test(food.name) && MUSCLE.test(food.name) && !OTHER.test(food.name);
const pairName = (name: string) =>
  name
    .replace(COOKED, '')
    .replace(/, raw$/i, '')
    .toLowerCase();
const round = (x: number) => Number(x.toFixed(4));

/**
 * Every cooked muscle row that has both a raw twin and a published cooked weight. A row is counted
 * as a check of the yield if both weights are of what both compositions describe: no bone, and no
 * fat thrown out with the refuse. So lean-only rows by the pound (their fat is refuse), lean-only
 * rows by the piece (the piece was weighed with its fat) and anything with a bone are shown only.
 */
export function weighedYields(foods: readonly Food[]) {
  const byNdb = new Map(foods.map((food) => [food.ndb, food]));
  const rawByName = new Map(foods.filter((f) => /, raw$/i.test(f.name)).map((f) => [pairName(f.name), f]));
  return foods.filter(isCookedMuscle).flatMap((cooked) => {
    const raw = byNdb.get(alias[cooked.ndb] ?? '') ?? rawByName.get(pairName(cooked.name));
    if (!raw) return [];
    const row = (weighed: number, how: '1 lb' | 'by weight' | 'by piece', counted: boolean) => ({
      name: cooked.name.replace(/, cooked.*$/, ''),
      raw: raw.ndb,
      cooked: cooked.ndb,
      proteinRaw: raw.per100g.protein,
      proteinCooked: cooked.per100g.protein,
      weighed: round(weighed),
      how,
      counted,
    });
    const boneless = BONELESS.test(cooked.name) && !/bone-in/i.test(cooked.name);
    const lean = /lean only/i.test(cooked.name);
    const rows = [];
    if (cooked.yield) {
      const { rawG, cookedG, rawIncludesRefuse } = cooked.yield;
      const counted = rawIncludesRefuse ? boneless && !lean : true;
      rows.push(row(cookedG / rawG, rawIncludesRefuse ? '1 lb' : 'by weight', counted));
    }
    for (const measure of cooked.measures) {
      const named = /^(?:roast|steak|piece|chop|ribs)(?: \(Yield from (\d+) g raw meat\))?$/.exec(
        measure.unit,
      );
      if (!named) continue;
      const twin = raw.measures.find((m) => m.unit === measure.unit);
      const rawG = named[1] ? Number(named[1]) : twin && twin.grams / twin.amount;
      if (rawG === undefined) continue;
      rows.push(
        row(measure.grams / measure.amount / rawG, named[1] ? 'by weight' : 'by piece', boneless && !lean),
      );
    }
    return rows;
  });
}
