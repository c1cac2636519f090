/** Which rows of SR24 make which cut: the curation, apart from the arithmetic in make.ts. */
export interface CutRows {
  readonly id: string;
  readonly name: string;
  readonly species: 'beef' | 'lamb' | 'pork';
  readonly family: string;
  readonly boneIn: boolean;
  /** NDB numbers of the whole (lean and fat) rows. */
  readonly raw: string;
  readonly cooked: string;
  /** The cooked lean-only row whose weight stands beside the whole one's, where there is one. */
  readonly lean?: string;
  /** The whole row that goes with it, if the lean share comes from another trim of the cut. */
  readonly leanWhole?: string;
  /** The cut whose lean share stands in where nothing is published (an estimate). */
  readonly leanLike?: string;
  /** Time to tender against beef chuck = 1 (estimates). */
  readonly toughness: number;
}

export const cutRows: readonly CutRows[] = [
  {
    id: 'beef-blade-roast',
    name: 'Beef blade roast, bone in',
    species: 'beef',
    family: 'chuck',
    boneIn: true,
    raw: '13817',
    cooked: '13818',
    lean: '13060',
    toughness: 1,
  },
  {
    id: 'beef-arm-pot-roast',
    name: 'Beef arm pot roast, bone in',
    species: 'beef',
    family: 'chuck',
    boneIn: true,
    raw: '13811',
    cooked: '13812',
    leanLike: 'beef-blade-roast',
    toughness: 1,
  },
  {
    id: 'beef-short-ribs',
    name: 'Beef short ribs, bone in',
    species: 'beef',
    family: 'rib',
    boneIn: true,
    raw: '13147',
    cooked: '13148',
    lean: '13150',
    toughness: 0.95,
  },
  {
    id: 'beef-chuck-short-ribs',
    name: 'Beef chuck short ribs, boneless',
    species: 'beef',
    family: 'chuck',
    boneIn: false,
    raw: '23128',
    cooked: '23125',
    leanLike: 'beef-blade-roast',
    toughness: 0.95,
  },
  {
    id: 'beef-country-style-ribs',
    name: 'Beef country-style ribs, boneless',
    species: 'beef',
    family: 'chuck',
    boneIn: false,
    raw: '23137',
    cooked: '23134',
    leanLike: 'beef-blade-roast',
    toughness: 1,
  },
  {
    id: 'beef-under-blade',
    name: 'Beef under-blade pot roast, boneless',
    species: 'beef',
    family: 'chuck',
    boneIn: false,
    raw: '23102',
    cooked: '23099',
    leanLike: 'beef-blade-roast',
    toughness: 1,
  },
  {
    id: 'beef-shank',
    name: 'Beef shank, cross-cut, bone in',
    species: 'beef',
    family: 'shank',
    boneIn: true,
    raw: '13225',
    cooked: '13226',
    lean: '13228',
    toughness: 1.25,
  },
  {
    id: 'beef-brisket',
    name: 'Beef brisket, whole',
    species: 'beef',
    family: 'brisket',
    boneIn: false,
    raw: '13803',
    cooked: '13804',
    lean: '13024',
    leanWhole: '13022',
    toughness: 1.1,
  },
  {
    id: 'beef-bottom-round',
    name: 'Beef bottom round',
    species: 'beef',
    family: 'round',
    boneIn: false,
    raw: '23063',
    cooked: '13398',
    leanLike: 'beef-top-round',
    toughness: 1.2,
  },
  {
    id: 'beef-top-round',
    name: 'Beef top round',
    species: 'beef',
    family: 'round',
    boneIn: false,
    raw: '13891',
    cooked: '13892',
    lean: '13433',
    toughness: 1.2,
  },
  {
    id: 'lamb-shoulder',
    name: 'Lamb shoulder, bone in',
    species: 'lamb',
    family: 'shoulder',
    boneIn: true,
    raw: '17035',
    cooked: '17036',
    lean: '17040',
    toughness: 0.85,
  },
  {
    id: 'lamb-foreshank',
    name: 'Lamb foreshank, bone in',
    species: 'lamb',
    family: 'shank',
    boneIn: true,
    raw: '17007',
    cooked: '17008',
    lean: '17010',
    toughness: 1.25,
  },
  {
    id: 'pork-shoulder-blade',
    name: 'Pork shoulder, blade, boneless',
    species: 'pork',
    family: 'shoulder',
    boneIn: false,
    raw: '10080',
    cooked: '10081',
    lean: '10085',
    toughness: 0.9,
  },
  {
    id: 'pork-picnic',
    name: 'Pork arm picnic, boneless',
    species: 'pork',
    family: 'shoulder',
    boneIn: false,
    raw: '10074',
    cooked: '10075',
    leanLike: 'pork-shoulder-blade',
    toughness: 0.95,
  },
];

/** Separable fat, raw: what a trimmed slice of fat is made of. */
export const separableFatRows = { beef: '13019', pork: '10006', lamb: '17005' } as const;
