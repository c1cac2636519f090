import type { DishKind } from '@/core/meal/index.ts';

/** How a dish of a kind is heated, and what keeps its bread dry (common practice, no source). */
export const buildWords: Readonly<Record<DishKind, { readonly heat?: string; readonly keepsDry: string }>> = {
  taco: { heat: '30 s a side, dry', keepsDry: 'Drain the meat to a moist heap; fill when it is asked for.' },
  'folded taco': {
    heat: '1–2 min a side in two spoons of skimmed fat',
    keepsDry: 'Cheese against the tortilla on both sides; out of the pan as soon as it is crisp.',
  },
  'cheese shell': {
    heat: 'until the edge is brown',
    keepsDry: 'The meat well drained: there is no bread to take up the juice.',
  },
  roll: {
    heat: 'cut side up, to a light brown',
    keepsDry: 'Toast the cut sides and fat them; dip in the hand, not on the plate.',
  },
  'long roll': {
    heat: 'until the cheese runs',
    keepsDry: 'Gravy over the meat, not over the bread; serve at once.',
  },
  'pressed sandwich': {
    heat: 'until it is brown and the cheese runs',
    keepsDry: 'Cheese on both sides keeps the juice off the bread.',
  },
  pasta: {
    heat: 'in a litre of water for 100 g, with 10 g of salt a litre',
    keepsDry: 'A minute less than it says, the rest in the sauce with a ladle of its water.',
  },
  mash: { keepsDry: 'A hollow in the middle holds the sauce.' },
  gratin: {
    heat: 'until the top is brown',
    keepsDry: 'Use a dish that may stand 200 °C: enamel, iron, stoneware; no glass from the fridge.',
  },
  'hand pie': {
    heat: 'until it is brown underneath',
    keepsDry: 'The filling cold and thick enough to hold a line.',
  },
  burrito: { heat: 'seam down first', keepsDry: 'Rice or beans below the meat take up the juice.' },
  soup: { keepsDry: 'Broth last, boiling, so that the meat is hot.' },
  dip: { keepsDry: 'In warmed cups, filled last.' },
  'on the bone': { keepsDry: 'A bowl on the table for the bones: they come back counted.' },
  own: { keepsDry: '' },
};
