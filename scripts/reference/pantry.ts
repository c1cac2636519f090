import type { Food } from './food.ts';

/** What a braise may be built from, by the extract's groups; which shelf of a shop each stands on. */
const groups: Readonly<Record<string, string>> = {
  vegetables: 'vegetables',
  'fruit and juice': 'vegetables',
  'herbs and spices': 'dry goods',
  'stocks and sauces': 'tins and cartons',
  legumes: 'dry goods',
  'grains and pasta': 'dry goods',
  sweeteners: 'dry goods',
  fats: 'dry goods',
  dairy: 'dairy',
  drinks: 'wine and beer',
};

/** A word in capitals is a trade name. */
const TRADE_NAME = /\b[A-Z]{4,}\b/;
/** Dishes, baby food, other packings of the same, and what nobody braises with. */
const OUT = new RegExp(
  [
    'human|chewing|sunrise|whiskey sour|creme de|filled|fondue|daiquiri|sour mix|beverage mix|pina colada|babassu|teaseed|crude|baby|restaurant|imitation|substitute|infant|formula|candi|candy|topping|frosting|dessert|pudding|dressing',
    'mayonnaise|margarine|shortening|industrial|sandwich|burger|meatless|chips|fries|frozen|cooked|microwaved',
    'baked|fried|shake|\\bdip\\b|chocolate|cocoa|coffee|\\btea\\b|cola|carbonated|sports|energy|protein|meal',
    'punch|lemonade|limeade|eggnog|ice cream|whipped|spread|snack|cereal|granola|filling|jam|jell|marmalade|syrup pack',
    'syrup|breakfast|supplement|soup(?!.*(broth|bouillon|consomme))|condensed|dry mix|, mix|equal volume milk|reduced sodium',
    'low fat|lowfat|nonfat|fat free|light|low sodium|no salt added|drink|cocktail|blend|fish oil|household|composite',
    'usda commodity|enriched(?!.*flour)|unenriched|process|cheese food|popcorn|crisped|butter, without|sprouted|leaves of',
    'meal, |defatted|malted|quick-cooking|instant|hominy grits|extra heavy|water pack|juice pack|solids and liquids(?!.*tomato)',
  ].join('|'),
  'i',
);
const RAW_PLANT = /raw|fresh|canned|dried|sun-dried|paste|puree|sauce|juice|flour|starch|pickled|kimchi/i;
const LIQUID =
  /\b(broth|stock|bouillon, .*prepared|consomm|juice|wine|beer|ale|milk|cream|vinegar|water|nectar|spirit|rum|vodka|whiskey|gin|sake|buttermilk|soy sauce|fish.*sauce|oil)\b/i;
const NOT_LIQUID =
  /cheese|dry|dried|powder|dehydrated|condensed|cube|paste|flakes|(?<!nonfat milk )solid|(?<!juice|juice, [a-z]+), raw$|^fat, |tallow|cream style/i;

/** What some guests must not have, by name (common practice, no source; the packet decides). */
const holds: readonly (readonly [RegExp, string])[] = [
  [/\bbeef\b|consomme|gelatin/i, 'beef'],
  [/\blard\b|\bpork\b|\bham\b|\bbacon\b|gelatin/i, 'pork'],
  [
    /\b(wheat|barley|rye|triticale|oats?|spelt|semolina|couscous|bulgur|macaroni|bread|beer|roux)\b|^spaghetti|^pasta(?!, corn)|, with pasta|\bnoodles(?!.*(rice|cellophane))|soy sauce|gravy|soup|malt beverage|\bmiso\b|sauce, (homemade, )?white|sauce, (teriyaki|hoisin|oyster|mole)|chow mein/i,
    'gluten',
  ],
  [
    /(?<!coconut )\bmilk\b|\b(buttermilk|cheese|yogurt|whey|ghee)\b|\bcream(ed)?\b(?! style| of tartar)|^butter\b|butter oil|dulce de leche|sherbet|alfredo|hollandaise|sauce, (homemade, )?white/i,
    'milk',
  ],
  [/soy|tofu|\bmiso\b|tempeh|edamame|natto|okara|teriyaki|hoisin|sauce, oyster|meat extender/i, 'soy'],
  [/celery|celeriac|soup|stock|broth|bouillon/i, 'celery'],
  [/mustard(?! (greens|spinach))|curry powder/i, 'mustard'],
  [/\bfish\b|anchov|worcestershire/i, 'fish'],
  [/(?<!mushrooms, |vegetable )oyster|clam|mussel|squid/i, 'molluscs'],
  [/shrimp|\bcrabs?\b|lobster/i, 'crustaceans'],
  [/\beggs?\b|^pasta, fresh|hollandaise/i, 'egg'],
  [/peanut|sauce, mole/i, 'peanuts'],
  [/almond|walnut|pecan|cashew|pistachio|hazelnut|macadamia/i, 'nuts'],
  [/sesame|tahini|hummus|hoisin|sauce, mole/i, 'sesame'],
  [/lupin/i, 'lupin'],
  [
    /\b(wine|vinegar|sherry|raisins|prunes|molasses)\b|horseradish, prepared|sulfured|^(currants|cranberries|figs).*dried/i,
    'sulphites',
  ],
  [
    /(?<!vinegar, red )\bwine\b(?!, non)|beer|\bale\b|spirit|\brum\b|vodka|whiskey|\bgin\b|sake|liqueur|sherry|^alcoholic|vanilla extract/i,
    'alcohol',
  ],
  [
    /chil+[ei]|jalapeno|cayenne|peppers?, (hot|ancho|pasilla|serrano|hungarian)|pepper sauce|habanero|serrano/i,
    'heat',
  ],
];

/** What is made in many ways, and of much that its name does not say: only its packet knows the rest. */
const unsure =
  /^(sauce|gravy|soup)\b|bouillon|kimchi|relish|pickles|poultry seasoning|pumpkin pie|hummus|falafel|chili with|meat extender|spanish style|tomatoes.*stewed|sauce, with|sherbet|tempeh|\bmiso\b|sweeteners|meat drippings|canned with pork|with pasta/i;
/** A sauce of these is what its name says. */
const sure =
  /^sauce, (peppers, hot|tomato chili)|cranberry sauce|applesauce|tomato products, canned, sauce$/i;

/** g of one of what is counted in a recipe and has no household piece in the table (estimates; from memory). */
const oneOf: Readonly<Record<string, number>> = {
  '02001': 0.1, // an allspice berry
  '02004': 0.2, // a bay leaf
  '02006': 0.2, // a cardamom pod
  '02011': 0.08, // a clove
  '02025': 5, // a nutmeg
  '02030': 0.05, // a peppercorn
  '02037': 0.005, // a saffron thread
};

/** Foods that can be searched for beside the short table: several hundred, each a row of SR24. */
export function pantryFoods(foods: readonly Food[], taken: ReadonlySet<string>) {
  return foods.flatMap((food) => {
    const { name, group, ndb, per100g } = food;
    const section = groups[group];
    if (section === undefined || taken.has(ndb)) return [];
    if (TRADE_NAME.test(name) || OUT.test(name)) return [];
    if ((group === 'vegetables' || group === 'fruit and juice') && !RAW_PLANT.test(name)) return [];
    // A row in which something that counts was not measured says nothing of the pot.
    if ([per100g.water, per100g.protein, per100g.fat, per100g.sodiumMg].some((x) => !Number.isFinite(x)))
      return [];
    const role: 'liquid' | 'solid' =
      LIQUID.test(name) && !NOT_LIQUID.test(name) && per100g.water > 40 ? 'liquid' : 'solid';
    const found = holds.filter(([pattern]) => pattern.test(name)).map(([, what]) => what);
    return [
      {
        id: `sr24-${ndb}`,
        name: name.charAt(0).toLowerCase() + name.slice(1),
        ndb,
        role: role,
        section,
        ...(found.length > 0 && { holds: found }),
        ...(unsure.test(name) && !sure.test(name) && { unsure: true as const }),
        piece: pieceOf(food),
        pieceG: oneOf[ndb],
      },
    ];
  });
}

/** The household piece behind a bare count: the middle size where there are several. */
function pieceOf({ measures }: Food): string | undefined {
  const named = (pattern: RegExp) => measures.find(({ unit }) => pattern.test(unit))?.unit;
  return (
    named(/^medium|, medium|\bmedium\b/) ??
    named(
      /^(clove|stalk|leaf|leaves|sprigs?|bulb|piece|pepper|pod|root|fruit|slice|cube|whole|large|small|tomato|pear|onion|carrot)\b/,
    )
  );
}
