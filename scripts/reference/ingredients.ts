/** Which foods the pot can be built from: the curation, apart from the arithmetic in make.ts. */
export interface IngredientRow {
  readonly id: string;
  readonly name: string;
  readonly ndb: string;
  /** Poured counts towards the line and the pour; solids are strained out or stay in the sauce. */
  readonly role: 'liquid' | 'solid';
  /** The SR24 measure behind a bare count ("2 onions"), and its unit as the table writes it. */
  readonly piece?: string;
  /** What some guests must not have in it (common practice, no source). */
  readonly holds?: readonly string[];
  readonly section: 'vegetables' | 'dry goods' | 'cans and cartons' | 'wine and beer' | 'tap';
  /** What one pack usually holds, g (estimates; a 28-oz can is 794 g). */
  readonly packG?: number;
}

export const ingredientRows: readonly IngredientRow[] = [
  { id: 'water', name: 'water', ndb: '14411', role: 'liquid', section: 'tap' },
  {
    id: 'stock-low-salt',
    name: 'stock, hardly salted',
    ndb: '06970',
    role: 'liquid',
    section: 'cans and cartons',
    packG: 1000,
    holds: ['celery'],
  },
  {
    id: 'stock-beef',
    name: 'beef stock, home made',
    ndb: '06170',
    role: 'liquid',
    section: 'cans and cartons',
    packG: 1000,
    holds: ['celery'],
  },
  {
    id: 'stock-chicken',
    name: 'chicken stock, home made',
    ndb: '06172',
    role: 'liquid',
    section: 'cans and cartons',
    packG: 1000,
    holds: ['celery'],
  },
  {
    id: 'broth-canned',
    name: 'chicken broth, canned, salted',
    ndb: '06194',
    role: 'liquid',
    section: 'cans and cartons',
    packG: 1000,
    holds: ['celery'],
  },
  {
    id: 'wine-red',
    name: 'red wine',
    ndb: '14096',
    role: 'liquid',
    section: 'wine and beer',
    packG: 743,
    holds: ['alcohol', 'sulphites'],
  },
  {
    id: 'wine-white',
    name: 'white wine',
    ndb: '14106',
    role: 'liquid',
    section: 'wine and beer',
    packG: 743,
    holds: ['alcohol', 'sulphites'],
  },
  {
    id: 'beer',
    name: 'beer',
    ndb: '14003',
    role: 'liquid',
    section: 'wine and beer',
    packG: 333,
    holds: ['alcohol', 'gluten'],
  },
  {
    id: 'vinegar',
    name: 'vinegar',
    ndb: '02048',
    role: 'liquid',
    section: 'dry goods',
    packG: 505,
    holds: ['sulphites'],
  },
  {
    id: 'orange-juice',
    name: 'orange juice',
    ndb: '09206',
    role: 'liquid',
    section: 'cans and cartons',
    packG: 1045,
  },
  {
    id: 'soy-sauce',
    name: 'soy sauce',
    ndb: '16123',
    role: 'liquid',
    section: 'dry goods',
    packG: 180,
    holds: ['soy', 'gluten'],
  },
  {
    id: 'onion',
    name: 'onion',
    ndb: '11282',
    role: 'solid',
    piece: 'medium (2-1/2" dia)',
    section: 'vegetables',
  },
  { id: 'carrot', name: 'carrot', ndb: '11124', role: 'solid', piece: 'medium', section: 'vegetables' },
  {
    id: 'celery',
    name: 'celery',
    ndb: '11143',
    role: 'solid',
    piece: 'stalk, medium (7-1/2" - 8" long)',
    section: 'vegetables',
    holds: ['celery'],
  },
  { id: 'leek', name: 'leek', ndb: '11246', role: 'solid', piece: 'leek', section: 'vegetables' },
  { id: 'garlic', name: 'garlic clove', ndb: '11215', role: 'solid', piece: 'clove', section: 'vegetables' },
  { id: 'mushroom', name: 'mushrooms', ndb: '11260', role: 'solid', piece: 'medium', section: 'vegetables' },
  {
    id: 'potato',
    name: 'potato',
    ndb: '11354',
    role: 'solid',
    piece: 'potato medium (2-1/4" to 3-1/4" dia)',
    section: 'vegetables',
  },
  {
    id: 'tomatoes-canned',
    name: 'tomatoes, canned, with juice',
    ndb: '11885',
    role: 'solid',
    section: 'cans and cartons',
    packG: 794,
  },
  {
    id: 'tomatoes-crushed',
    name: 'tomatoes, crushed',
    ndb: '11693',
    role: 'solid',
    section: 'cans and cartons',
    packG: 794,
  },
  {
    id: 'tomato-puree',
    name: 'tomato purée',
    ndb: '11547',
    role: 'solid',
    section: 'cans and cartons',
    packG: 500,
  },
  {
    id: 'tomato-paste',
    name: 'tomato paste',
    ndb: '11546',
    role: 'solid',
    section: 'cans and cartons',
    packG: 140,
  },
  {
    id: 'chilli-dried',
    name: 'chillies, dried',
    ndb: '11962',
    role: 'solid',
    piece: 'pepper',
    section: 'dry goods',
    packG: 50,
    holds: ['heat'],
  },
  {
    id: 'barley',
    name: 'pearl barley',
    ndb: '20005',
    role: 'solid',
    section: 'dry goods',
    packG: 500,
    holds: ['gluten'],
  },
];
