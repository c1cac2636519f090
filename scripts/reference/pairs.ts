import type { Food } from './food.ts';

const COOKED = /, cooked, (braised|simmered|stewed).*$/i;
const MUSCLE = /^(Beef|Pork|Lamb|Veal|Game meat)/;
/** Offal, injected, ground and cured meat are other things than a braise of muscle. */
const OTHER = /variety meats|enhanced|ground|cured|by-product/i;

interface Named {
  readonly food: Food;
  readonly cut: string;
  readonly lean: boolean;
  readonly trim: string;
  readonly grade: string;
}

/** The parts of an SR24 name; cuts that the table names in two ways are brought to one. */
function named(food: Food): Named {
  const name = food.name
    .toLowerCase()
    .replace(/, cooked, .*$/, '')
    .replace(/, raw$/, '');
  const part = (pattern: RegExp) => pattern.exec(name)?.[1] ?? '';
  const cut = name
    .replace(/, (?:usda )?(choice|select|prime|all grades)/, '')
    .replace(/, trimmed to [^ ]+ fat/, '')
    .replace(/,? separable lean (only|and fat)/, '')
    .replace('(chops or roasts)', '(chops)')
    .replace('pot roast or steak', 'pot roast')
    .replace(/outside round, bottom round, steak(, steak)?/, 'bottom round, steak')
    .replace('round, top round, steak', 'round, top round')
    .replace('brisket, flat half, boneless', 'brisket, flat half')
    .replace(/^veal, breast, plate half/, 'veal, breast, whole')
    .replace(/^game meat, deer.*/, 'game meat, deer, shoulder');
  return {
    food,
    cut,
    lean: name.includes('lean only') || /^game meat, deer/.test(name),
    trim: part(/, trimmed to ([^ ]+) fat/),
    grade: part(/, (?:usda )?(choice|select|prime|all grades)/),
  };
}

/** First match wins: how the muscles hang together, across species. */
const families: readonly (readonly [RegExp, string])[] = [
  [/cubed/, 'cubed'],
  [/shank/, 'shank'],
  [/brisket|breast/, 'brisket'],
  [/^beef.*(chuck|shoulder|clod)|deer/, 'chuck'],
  [/country-style/, 'loin'],
  [/sirloin/, 'sirloin'],
  [/round/, 'round'],
  [/shoulder/, 'shoulder'],
  [/ribs?\b|shortribs/, 'rib'],
  [/flank/, 'flank'],
  [/loin/, 'loin'],
];

/** The family of a cut by its SR24 name; game that is sold whole is its own. */
const familyOf = (cut: string): string =>
  families.find(([pattern]) => pattern.test(cut))?.[1] ?? cut.split(', ')[1] ?? cut;

const composition = ({ per100g: { water, protein, fat, ash } }: Food) => ({ water, protein, fat, ash });

/**
 * Raw and cooked rows of the same meat: same species, cut, and lean or whole; the same trim too,
 * where the fat is left on (lean is lean at any trim); the same grade where there is one.
 */
export function cookedPairs(foods: readonly Food[]) {
  const muscle = foods.filter((food) => MUSCLE.test(food.name) && !OTHER.test(food.name));
  const raws = muscle.filter((food) => /, raw$/i.test(food.name)).map(named);
  return muscle
    .filter((food) => COOKED.test(food.name))
    .map(named)
    .flatMap((cooked) => {
      const { cut, lean, trim, grade } = cooked;
      const far = (raw: Named) => Number(raw.grade !== grade) * 2 + Number(raw.trim !== trim);
      const [raw] = raws
        .filter((raw) => raw.cut === cut && (raw.lean === lean || cut.startsWith('game meat, deer')))
        .filter((raw) => lean || raw.trim === trim)
        .sort((a, b) => far(a) - far(b));
      if (!raw) return [];
      return [
        {
          cooked: cooked.food.ndb,
          raw: raw.food.ndb,
          species: cut.split(',')[0] ?? cut,
          family: familyOf(cut),
          cut,
          lean,
          trim,
          rawPer: composition(raw.food),
          cookedPer: composition(cooked.food),
        },
      ];
    });
}
