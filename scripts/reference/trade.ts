/**
 * What shops and recipes call by a name of its own and the published table has under another, or not at all: each as the row of
 * SR24 that it is made like, or as an estimate that says so.
 */
export interface TradeRow {
  readonly id: string;
  readonly name: string;
  /** The row whose figures it has; or what is in 100 g of it, g (estimates, from labels as remembered). */
  readonly like: string | Parts;
  readonly role: 'liquid' | 'solid';
  readonly section: string;
  /** One of it, g (estimate). */
  readonly pieceG?: number;
  /** g/ml where its row has no cup or spoon (estimate). */
  readonly density?: number;
  readonly packG?: number;
  readonly holds?: readonly string[];
  readonly unsure?: true;
  readonly fate?: 'comes out';
  readonly off?: { readonly peeled: number };
}

/** What is left of 100 g is carbohydrate. */
export interface Parts {
  readonly water: number;
  readonly protein?: number;
  readonly fat?: number;
  readonly salt?: number;
  readonly alcohol?: number;
}

const fresh = { role: 'solid', section: 'vegetables' } as const;
const dry = { role: 'solid', section: 'dry goods' } as const;
const tin = { role: 'solid', section: 'tins and cartons' } as const;
const sauce = { role: 'liquid', section: 'dry goods' } as const;
const drink = { role: 'liquid', section: 'wine and beer' } as const;
const hot = { holds: ['heat'] } as const;
const wine = { ...drink, holds: ['alcohol', 'sulphites'] } as const;

export const tradeRows: readonly TradeRow[] = [
  // Chillies, dried: long large ones are like pasilla and ancho, small ones like what is dried in the sun.
  { id: 'chilli-guajillo', name: 'guajillo chilli, dried', like: '11982', ...dry, ...hot, pieceG: 6 },
  { id: 'chilli-mulato', name: 'mulato chilli, dried', like: '11978', ...dry, ...hot, pieceG: 15 },
  { id: 'chilli-new-mexico', name: 'New Mexico chilli, dried', like: '11982', ...dry, ...hot, pieceG: 7.5 },
  { id: 'chilli-cascabel', name: 'cascabel chilli, dried', like: '11982', ...dry, ...hot, pieceG: 4 },
  { id: 'chilli-chipotle', name: 'chipotle chilli, dried', like: '11982', ...dry, ...hot, pieceG: 2.7 },
  { id: 'chilli-arbol', name: 'árbol chilli, dried', like: '11962', ...dry, ...hot, pieceG: 0.5 },
  { id: 'chilli-kashmiri', name: 'Kashmiri chilli, dried', like: '11962', ...dry, ...hot, pieceG: 1 },
  {
    ...{ id: 'chilli-flakes', name: 'chilli flakes', like: '02031', ...dry, ...hot },
    density: 0.36,
  },
  { id: 'chilli-powder', name: 'chilli powder, salted', like: '02009', ...dry, ...hot },
  { id: 'paprika', name: 'paprika', like: '02028', ...dry },
  // Fresh.
  { id: 'chilli-red', name: 'red chilli, fresh', like: '11819', ...fresh, ...hot, pieceG: 15 },
  { id: 'chilli-green', name: 'green chilli, fresh', like: '11670', ...fresh, ...hot, pieceG: 15 },
  { id: 'chilli-birds-eye', name: 'bird’s eye chilli', like: '11819', ...fresh, ...hot, pieceG: 1.7 },
  { id: 'chilli-habanero', name: 'habanero or Scotch bonnet', like: '11819', ...fresh, ...hot, pieceG: 8 },
  { id: 'chilli-poblano', name: 'poblano, fresh', like: '11670', ...fresh, ...hot, pieceG: 65 },
  { id: 'chilli-fresno', name: 'fresno chilli', like: '11819', ...fresh, ...hot, pieceG: 20 },
  // Pastes.
  {
    ...{ id: 'chipotle-adobo', name: 'chipotle in adobo', ...tin, ...hot, pieceG: 15, packG: 200 },
    like: { water: 77, protein: 2, fat: 3, salt: 3.1 },
    ...{ density: 1.05, unsure: true },
  },
  {
    ...{ id: 'chipotle-paste', name: 'chipotle paste', ...dry, ...hot, density: 1.1, packG: 90 },
    like: { water: 62, protein: 3, fat: 8, salt: 3.5 },
    unsure: true,
  },
  {
    ...{ id: 'chilli-paste', name: 'chilli paste', ...dry, ...hot, density: 1.1, packG: 200 },
    like: { water: 82, protein: 1.5, fat: 1, salt: 6 },
    unsure: true,
  },
  {
    ...{ id: 'gochujang', name: 'gochujang', ...dry, density: 1.2, packG: 500 },
    like: { water: 42, protein: 5, fat: 1.5, salt: 7 },
    ...{ holds: ['heat', 'soy', 'gluten'], unsure: true },
  },
  {
    ...{ id: 'harissa', name: 'harissa', ...dry, ...hot, density: 1.05, packG: 90 },
    like: { water: 75, protein: 2.5, fat: 5, salt: 3 },
    unsure: true,
  },
  {
    ...{ id: 'curry-paste', name: 'curry paste', ...dry, ...hot, density: 1.1, packG: 200 },
    like: { water: 65, protein: 3, fat: 6, salt: 6 },
    ...{ holds: ['heat', 'crustaceans', 'fish'], unsure: true },
  },
  {
    ...{ id: 'tamarind-paste', name: 'tamarind paste', ...dry, density: 1.2, packG: 200 },
    like: { water: 50, protein: 1.5, fat: 0.3, salt: 1 },
  },
  {
    ...{ id: 'tahini', name: 'tahini', ...dry, density: 1.01, holds: ['sesame'] },
    like: { water: 3, protein: 17, fat: 54, salt: 0.1 },
  },
  {
    id: 'anchovy',
    name: 'anchovy in oil',
    ...tin,
    pieceG: 4,
    packG: 50,
    holds: ['fish'],
    like: { water: 50, protein: 29, fat: 10, salt: 9.3 },
  },
  // Sauces.
  { id: 'ketchup', name: 'ketchup', like: '11935', ...sauce },
  {
    ...{ id: 'soy-dark', name: 'soy sauce, dark', ...sauce, density: 1.2, holds: ['soy', 'gluten'] },
    like: { water: 60, protein: 7, fat: 0, salt: 15 },
  },
  {
    ...{ id: 'sriracha', name: 'sriracha', ...sauce, ...hot, density: 1.1, unsure: true },
    like: { water: 70, protein: 1.5, fat: 0.8, salt: 5.5 },
  },
  {
    id: 'mustard-dijon',
    name: 'mustard, Dijon or wholegrain',
    like: { water: 66, protein: 7, fat: 10, salt: 5.5 },
    ...sauce,
    density: 1.05,
    holds: ['mustard', 'sulphites'],
  },
  {
    id: 'salsa-verde',
    name: 'salsa of tomatillo',
    like: { water: 90, protein: 1, fat: 0.8, salt: 1.3 },
    ...sauce,
    ...hot,
    density: 1.02,
    unsure: true,
  },
  {
    id: 'enchilada-sauce',
    name: 'enchilada sauce, red',
    like: { water: 90, protein: 0.8, fat: 1.5, salt: 1.4 },
    ...sauce,
    ...hot,
    density: 1.03,
    unsure: true,
  },
  { id: 'liquid-smoke', name: 'liquid smoke', like: { water: 97 }, ...sauce, density: 1 },
  // Stock, wine, spirits, drinks.
  {
    id: 'stock-vegetable',
    name: 'vegetable stock',
    like: { water: 97.5, protein: 0.3, fat: 0.1, salt: 0.7 },
    role: 'liquid',
    section: 'tins and cartons',
    packG: 1000,
    density: 1,
    holds: ['celery'],
    unsure: true,
  },
  {
    id: 'fish-stock',
    name: 'fish stock',
    like: '06174',
    role: 'liquid',
    section: 'tins and cartons',
    holds: ['fish'],
  },
  { id: 'sherry-dry', name: 'sherry, dry', like: '14536', ...wine, density: 0.99, packG: 742 },
  { id: 'port', name: 'port, marsala or madeira', like: '14057', ...wine, density: 1.02, packG: 765 },
  { id: 'vermouth', name: 'vermouth, dry', like: '14536', ...wine, density: 0.99, packG: 742 },
  {
    id: 'shaoxing',
    name: 'Shaoxing rice wine',
    like: { water: 80, protein: 1.5, salt: 1.5, alcohol: 13 },
    ...drink,
    density: 1,
    holds: ['alcohol', 'gluten'],
  },
  {
    id: 'mirin',
    name: 'mirin',
    like: { water: 46, protein: 0.3, alcohol: 9.5 },
    ...drink,
    density: 1.15,
    holds: ['alcohol'],
  },
  {
    id: 'sake',
    name: 'sake',
    like: { water: 78.4, protein: 0.5, alcohol: 16.1 },
    ...drink,
    density: 0.99,
    holds: ['alcohol'],
  },
  {
    id: 'cider-hard',
    name: 'cider, with alcohol',
    like: { water: 92, alcohol: 3.6 },
    ...wine,
    density: 1.01,
    packG: 500,
  },
  { id: 'apple-juice', name: 'apple juice', like: '09016', ...drink },
  { id: 'cola', name: 'cola', like: '14400', ...drink, density: 1.04, packG: 370 },
  { id: 'root-beer', name: 'root beer', like: '14157', ...drink, density: 1.04, packG: 370 },
  { id: 'ginger-ale', name: 'ginger ale', like: '14136', ...drink, density: 1.03, packG: 366 },
  { id: 'coffee', name: 'coffee, brewed', like: '14209', ...drink, density: 1 },
  { id: 'vinegar-white-wine', name: 'white wine vinegar', like: '02053', ...sauce, holds: ['sulphites'] },
  { id: 'vinegar-rice', name: 'rice vinegar', like: '02053', ...sauce },
  // Roots, fruit, herbs.
  { id: 'onion-pearl', name: 'pearl onion', like: '11282', ...fresh, pieceG: 12, off: { peeled: 0.1 } },
  { id: 'shallot', name: 'shallot', like: '11677', ...fresh, pieceG: 25, off: { peeled: 0.12 } },
  {
    id: 'shallot-banana',
    name: 'banana shallot',
    like: '11677',
    ...fresh,
    pieceG: 40,
    off: { peeled: 0.12 },
  },
  { id: 'sweet-potato', name: 'sweet potato', like: '11507', ...fresh, pieceG: 130 },
  { id: 'parsnip', name: 'parsnip', like: '11298', ...fresh, pieceG: 120 },
  { id: 'celeriac', name: 'celeriac', like: '11141', ...fresh, pieceG: 450, holds: ['celery'] },
  { id: 'eggplant', name: 'aubergine', like: '11209', ...fresh, pieceG: 500 },
  { id: 'kale', name: 'kale', like: '11233', ...fresh },
  { id: 'peas', name: 'peas', like: '11304', ...fresh },
  { id: 'corn-cob', name: 'cob of sweetcorn', like: '11167', ...fresh, pieceG: 90 },
  { id: 'ginger', name: 'ginger, fresh', like: '11216', ...fresh, pieceG: 15, density: 0.41 },
  { id: 'lemongrass', name: 'lemongrass stalk', like: '11972', ...fresh, pieceG: 15, fate: 'comes out' },
  { id: 'coriander-leaf', name: 'coriander leaves, fresh', like: '11165', ...fresh },
  { id: 'sage-leaf', name: 'sage leaf, fresh', like: '02065', ...fresh, pieceG: 0.5 },
  { id: 'lime-leaf', name: 'lime leaf', like: '02065', ...fresh, pieceG: 0.5, fate: 'comes out' },
  { id: 'orange-zest', name: 'orange zest', like: '09216', ...fresh, pieceG: 6 },
  { id: 'lemon-zest', name: 'lemon zest', like: '09156', ...fresh, pieceG: 4 },
  { id: 'mushroom-dried', name: 'dried wild mushrooms', like: '11268', ...dry },
  // Tomatoes.
  { id: 'tomato-plum', name: 'plum tomato', like: '11529', ...fresh, pieceG: 62 },
  { id: 'tomato-cherry', name: 'cherry tomato', like: '11529', ...fresh, pieceG: 17 },
  { id: 'tomatoes-fire-roasted', name: 'tomatoes, fire-roasted, tinned', like: '11885', ...tin, packG: 400 },
  { id: 'tomatoes-cherry-tinned', name: 'cherry tomatoes, tinned', like: '11885', ...tin, packG: 400 },
  { id: 'pickle', name: 'dill pickle', like: '11937', ...fresh, pieceG: 65, holds: ['sulphites'] },
  // Spices.
  { id: 'juniper', name: 'juniper berry', like: '02001', ...dry, pieceG: 0.12, fate: 'comes out' },
  { id: 'five-spice', name: 'five-spice powder', like: '02001', ...dry },
  { id: 'garam-masala', name: 'garam masala', like: '02015', ...dry },
  { id: 'mustard-seed', name: 'mustard seed', like: '02024', ...dry, holds: ['mustard'] },
  // Dry goods, tins, fat and sweet.
  { id: 'masa', name: 'masa harina', like: '20317', ...dry },
  { id: 'maple-syrup', name: 'maple syrup', like: '19353', ...dry },
  { id: 'beans-black-tinned', name: 'black beans, tinned', like: '16018', ...tin, packG: 400 },
  { id: 'chickpeas-tinned', name: 'chickpeas, tinned', like: '16058', ...tin, packG: 400 },
  {
    id: 'coconut-milk',
    name: 'coconut milk, tinned',
    like: { water: 73, protein: 2, fat: 21, salt: 0.03 },
    role: 'liquid',
    section: 'tins and cartons',
    density: 0.96,
    packG: 400,
  },
  {
    id: 'butter',
    name: 'butter',
    like: '01145',
    role: 'solid',
    section: 'dairy',
    holds: ['milk'],
    packG: 250,
  },
  { id: 'chocolate-dark', name: 'dark chocolate', like: '19903', ...dry, packG: 100, unsure: true },
  { id: 'prune', name: 'prune', like: '09291', ...dry, pieceG: 9.5, holds: ['sulphites'] },
  { id: 'raisins', name: 'raisins', like: '09298', ...dry, holds: ['sulphites'] },
];

/** Rows of the published table that a row above stands for: not shown beside it. */
export const standsFor: ReadonlySet<string> = new Set(
  '11677 11507 11298 11141 11209 11233 11304 11216 11972 11165 09016 09156'.split(' '),
);
