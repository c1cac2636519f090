import { type NamedRow, row, tinned } from './row.ts';

/** Onions, vegetables and tomatoes, fresh and tinned. */
export const fresh: readonly NamedRow[] = [
  // Onions and their like.
  row(
    'onion',
    'onion|yellow onion|white onion|red onion|brown onion|spanish onion|cooking onion|sweet onion|vidalia onion|onion chopped',
    { pieces: { slice: 14 } },
  ),
  row('onion-half', 'onion half|half onion|onion half left whole'),
  row('onion-pearl', 'pearl onion|pickling onion|button onion|baby onion|silverskin onion|cipollini onion'),
  row('shallot', 'shallot|round shallot|french shallot'),
  row('shallot-banana', 'banana shallot|echalion shallot|echalion|long shallot'),
  row('sr24-11291', 'spring onion|scallion|green onion|salad onion', {
    name: 'spring onion',
    pieceG: 15,
    pieces: { bunch: 100 },
  }),
  row('leek', 'leek|leek white'),
  row('garlic', 'garlic|garlic clove|clove garlic', { pieces: { head: 30, bulb: 30 } }),
  row('sr24-02020', 'garlic powder|granulated garlic|dried garlic', { name: 'garlic powder' }),
  row('sr24-02026', 'onion powder|granulated onion|dried onion', { name: 'onion powder' }),
  row(
    'ginger',
    'ginger|fresh ginger|ginger root|fresh ginger root|root ginger|fresh root ginger|stem ginger root|galangal',
    { pieces: { slice: 2.2, coin: 2.2, piece: 15, thumb: 15, knob: 15, inch: 15 } },
  ),
  // Vegetables.
  row('carrot', 'carrot|baby carrot'),
  row('celery', 'celery|celery stalk|celery stick|celery rib|stick celery|rib celery|stalk celery', {
    pieces: { stick: 40, stalk: 40, rib: 40, head: 450, bunch: 450 },
  }),
  row('celeriac', 'celeriac|celery root'),
  row('parsnip', 'parsnip'),
  row('sr24-11564', 'turnip|white turnip', { name: 'turnip', pieceG: 122 }),
  row('sr24-11435', 'swede|rutabaga|neep|yellow turnip', { name: 'swede', pieceG: 386 }),
  row(
    'potato',
    'potato|waxy potato|floury potato|new potato|yukon gold potato|russet potato|white potato|red potato|baby potato|maris piper potato|fingerling potato|baking potato|potato in cube',
  ),
  row('sweet-potato', 'sweet potato|yam|kumara|orange sweet potato'),
  row('sr24-11957', 'fennel|fennel bulb|bulb fennel|florence fennel', {
    name: 'fennel bulb',
    pieceG: 234,
    pieces: { bulb: 234, head: 234 },
  }),
  row(
    'sr24-11821',
    'red pepper|red bell pepper|bell pepper|sweet pepper|capsicum|red capsicum|sweet red pepper|roasted red pepper|orange bell pepper',
    { name: 'red pepper, sweet', pieceG: 119 },
  ),
  row('sr24-11333', 'green pepper|green bell pepper|green capsicum', {
    name: 'green pepper, sweet',
    pieceG: 119,
  }),
  row('sr24-11951', 'yellow pepper|yellow bell pepper|yellow capsicum', {
    name: 'yellow pepper, sweet',
    pieceG: 186,
  }),
  row('sr24-11943', 'pimento|pimiento', { name: 'pimientos, canned' }),
  row('eggplant', 'aubergine|eggplant|brinjal'),
  row('sr24-11477', 'courgette|zucchini', { name: 'courgette', pieceG: 196 }),
  row('mushroom', 'mushroom|button mushroom|white mushroom|closed cup mushroom'),
  row(
    'sr24-11266',
    'chestnut mushroom|cremini mushroom|crimini mushroom|brown mushroom|baby bella mushroom|cremini',
    { name: 'chestnut mushrooms', pieceG: 20 },
  ),
  row('sr24-11265', 'portobello mushroom|portobello|portabella|flat mushroom|field mushroom', {
    name: 'portobello mushroom',
    pieceG: 84,
  }),
  row('sr24-11238', 'shiitake mushroom|shiitake|fresh shiitake', {
    name: 'shiitake mushrooms, fresh',
    pieceG: 19,
  }),
  row('sr24-11268', 'dried shiitake mushroom|dried shiitake|dried shitake mushroom', {
    name: 'shiitake mushrooms, dried',
    pieceG: 3.6,
  }),
  row(
    'mushroom-dried',
    'dried porcini|dried porcini mushroom|dried wild mushroom|dried mushroom|dried cep|porcini',
  ),
  row('sr24-11109', 'cabbage|white cabbage|green cabbage|head cabbage', {
    name: 'cabbage',
    pieceG: 908,
    pieces: { leaf: 23, head: 908 },
  }),
  row('sr24-11112', 'red cabbage', { name: 'red cabbage', pieceG: 839, pieces: { head: 839 } }),
  row('sr24-11114', 'savoy cabbage|savoy', { name: 'savoy cabbage', pieceG: 900, pieces: { head: 900 } }),
  row('sr24-11457', 'spinach|baby spinach|spinach leaf', {
    name: 'spinach',
    pieces: { leaf: 10, bunch: 340, bag: 200 },
  }),
  row('kale', 'kale|cavolo nero|curly kale|lacinato kale', { pieces: { bunch: 200 } }),
  row('peas', 'pea|green pea|frozen pea|garden pea|petit poi'),
  row('sr24-11485', 'butternut squash|butternut|squash', { name: 'butternut squash', pieceG: 1000 }),
  row('sr24-11422', 'pumpkin', { name: 'pumpkin' }),
  row(
    'corn-cob',
    'corn cob|corn on the cob|cob corn|ear corn|sweetcorn cob|cob sweetcorn|sweetcorn|corn|corn kernel|ear sweetcorn',
    { pieces: { cob: 90, ear: 90 } },
  ),
  row('sr24-11954', 'tomatillo', { name: 'tomatillo', pieceG: 34 }),
  row('sr24-11963', 'nopal|nopale|cactus paddle', { name: 'nopales' }),
  row('sr24-11278', 'okra|lady s finger', { name: 'okra' }),
  row('sr24-11603', 'jicama', { name: 'jicama' }),
  row('sr24-11430', 'daikon|mooli|daikon radish', { name: 'daikon', pieceG: 340 }),
  row('sr24-11080', 'beetroot|beet', { name: 'beetroot', pieceG: 82 }),
  row('sr24-09277', 'plantain', { name: 'plantain', pieceG: 179 }),
  row('lemongrass', 'lemongrass|lemon grass|lemongrass stalk|stalk lemongrass|stick lemongrass'),
  // Tomatoes.
  row(
    'sr24-11529',
    'tomato|ripe tomato|fresh tomato|red tomato|vine tomato|beefsteak tomato|salad tomato|tomato on the vine',
    { pieces: { slice: 20 }, name: 'tomato', pieceG: 123 },
  ),
  row('tomato-plum', 'plum tomato|roma tomato|san marzano tomato fresh|fresh plum tomato|italian tomato'),
  row('tomato-cherry', 'cherry tomato|grape tomato|baby plum tomato', { pieces: { punnet: 250, pint: 300 } }),
  row(
    'tomatoes-canned',
    'tinned tomato|tinned chopped tomato|tinned diced tomato|tinned plum tomato|tinned peeled tomato|tinned whole tomato|tinned whole peeled tomato|tinned san marzano tomato|tinned petite diced tomato|tinned peeled plum tomato|chopped tomato|diced tomato|san marzano tomato|whole peeled tomato|peeled tomato|peeled plum tomato|tinned whole plum tomato|tinned roma tomato|tinned stewed tomato',
    tinned,
  ),
  row(
    'tomatoes-crushed',
    'crushed tomato|tinned crushed tomato|polpa|tinned crushed san marzano tomato|finely chopped tomato pulp',
    tinned,
  ),
  row(
    'tomatoes-fire-roasted',
    'fire roasted tomato|fire roasted diced tomato|fire roasted crushed tomato|tinned fire roasted tomato|tinned fire roasted diced tomato|tinned fire roasted crushed tomato',
    tinned,
  ),
  row(
    'tomatoes-cherry-tinned',
    'tinned cherry tomato|tinned datterini tomato|tinned baby plum tomato',
    tinned,
  ),
  row(
    'sr24-11537',
    'tomato with green chilli|tinned tomato with green chilli|tinned diced tomato with green chilli|tomato and green chilli|diced tomato and green chilli',
    { name: 'tomatoes with green chillies, tinned', ...tinned },
  ),
  row('tomato-puree', 'passata|strained tomato|sieved tomato|tomato passata|tinned tomato puree', {
    pieces: { jar: 690, carton: 500 },
  }),
  row(
    'tomato-paste',
    'tomato paste|tomato puree|double concentrate tomato puree|tomato concentrate|concentrated tomato paste|double concentrated tomato paste|sun dried tomato paste|tinned tomato paste',
    { pieces: { tube: 140, tin: 140, can: 170 } },
  ),
  row('sr24-11549', 'tomato sauce|tinned tomato sauce', { name: 'tomato sauce, tinned' }),
  row('sr24-11955', 'sun dried tomato|sundried tomato|dried tomato', { name: 'sun-dried tomato', pieceG: 2 }),
  row('sr24-11956', 'sun dried tomato in oil|sundried tomato in oil', {
    name: 'sun-dried tomato in oil',
    pieceG: 3,
  }),
  row('ketchup', 'ketchup|tomato ketchup|catsup'),
];
