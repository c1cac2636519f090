import { kinOf } from '../../src/core/meat/index.ts';
import type { Food } from './food.ts';

const COOKED = /, cooked, (braised|simmered|stewed).*$/i;
const MUSCLE = /^(Beef|Pork|Lamb|Veal|Game meat)/;
/** Offal, injected, ground and cured meat are other things than a braise of muscle. */
const OTHER = /variety meats|enhanced|ground|cured|by-product/i;

/** Parts that only the whole's raw row stands for. */
const rawCutOf = (cut: string) => cut.replace('breast, plate half', 'breast, whole');

const composition = ({ per100g: { water, protein, fat, ash } }: Food) => ({ water, protein, fat, ash });

/**
 * Raw and cooked rows of the same meat: same species, cut, and lean or whole; the same trim too,
 * where the fat is left on (lean is lean at any trim); the same grade where there is one.
 */
export function cookedPairs(foods: readonly Food[]) {
  const muscle = foods.filter((food) => MUSCLE.test(food.name) && !OTHER.test(food.name));
  const named = (food: Food) => ({ food, kin: kinOf(food.name) });
  const raws = muscle.filter((food) => /, raw$/i.test(food.name)).map(named);
  return muscle
    .filter((food) => COOKED.test(food.name))
    .map(named)
    .flatMap((cooked) => {
      const { cut, lean, trim, grade } = cooked.kin;
      const far = ({ kin }: (typeof raws)[number]) =>
        Number(kin.grade !== grade) * 2 + Number(kin.trim !== trim);
      const [raw] = raws
        .filter(
          ({ kin }) => kin.cut === rawCutOf(cut) && (kin.lean === lean || cut.startsWith('game meat, deer')),
        )
        .filter(({ kin }) => lean || kin.trim === trim)
        .sort((a, b) => far(a) - far(b));
      if (!raw) return [];
      const { species, family } = cooked.kin;
      return [
        {
          cooked: cooked.food.ndb,
          raw: raw.food.ndb,
          species,
          family,
          cut,
          lean,
          trim,
          rawPer: composition(raw.food),
          cookedPer: composition(cooked.food),
        },
      ];
    });
}
