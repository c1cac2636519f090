/** Words that a screen offers as choices; apart from the schema, so that a screen needs no Zod. */
export {
  afterWhats,
  beforeWhats,
  drawnFrom,
  fates,
  preps,
  rounds,
  skims,
  stretchStates,
  thickeners,
  tools,
  ways,
} from '../work/index.ts';

/** How a fat or a sauce is put on the meat, where it is not stirred in. */
export const ontos = ['painted on', 'poured over'] as const;

/** How well a lid lies on its pot, where it is not as usual. */
export const lidFits = ['tight', 'foil', 'loose'] as const;

/** How a pot goes into its oven, where it is not warmed on the stove as usual. */
export const starts = ['boiled', 'straight in'] as const;

/** Stations where a lesson may come up too, before the meat is tender. */
export const lessonStations = ['at the pot', 'at the clock'] as const;

/** What a spoon of a liquid says. */
export const tastes = ['flat', 'right', 'salty', 'hot', 'thin', 'thick'] as const;

/** What can be kept: of a batch, or put on the shelf by hand. */
export const keepables = ['meat in sauce', 'shred', 'broth', 'sauce', 'fat', 'other'] as const;
export const places = ['fridge', 'freezer', 'cupboard'] as const;
export const ends = ['taken', 'eaten', 'thrown away'] as const;

/** How something is cooled. */
export const coolWays = ['on the counter', 'fridge', 'ice bath', 'ice bath, stirred'] as const;

/** Where what is left over goes: the bin, the compost, the pets, the next stock, or whole to the plates. */
export const leavings = ['bin', 'compost', 'pets', 'stock', 'plates'] as const;

/** Where the fat goes that was in the pan. */
export const panFats = ['in the pot', 'kept', 'poured off'] as const;
/** How a written time ends: a fork decides, or the clock does. */
export const outs = ['when tender', 'then'] as const;
export const heats = ['oven', 'stove', 'slow cooker', 'smoker'] as const;
export const vesselKinds = [
  'pot',
  'pan',
  'slow cooker',
  'roasting pan',
  'tray',
  'blender jug',
  'bowl',
] as const;
export const stands = ['burner', 'oven', 'slow cooker base', 'smoker', 'grill'] as const;
export const sourceKinds = ['burner', 'oven', 'smoker', 'grill', 'press', 'slow cooker base'] as const;

export const fridgeKinds = ['fridge', 'freezer'] as const;

/** What an ingredient does in the pan or the pot, as far as the order of adding goes. */
export const doings = [
  'gives off water',
  'browns',
  'burns',
  'is fried',
  'boils down',
  'thickens',
  'soaks',
] as const;

/** What a fork says of the meat, from not yet to more than enough. */
export const feels = [
  'resists',
  'gives but holds',
  'turns freely',
  'falls apart',
  'the bone slides out',
] as const;

/** What a task of the cook's own takes up, and what it must be done before. */
export const taskNeeds = [
  'burner',
  'oven',
  'griddle',
  'press',
  'blender',
  'board',
  'fridge shelf',
  'freezer shelf',
] as const;
export const taskWhens = ['serving', 'the pot', 'any time'] as const;

/** What a kitchen's past batches teach: each a factor on what is foretold. */
export const learnables = [
  'y',
  'pickings',
  'steam',
  'held',
  'skim',
  'tender',
  'reduce',
  'cooling',
  'pull',
  'skimming',
  'task',
  'scoop',
  'soak',
  'salt',
  'thickness',
] as const;

/** How the plates came out, where nobody weighed: a bound on what there was. */
export const verdicts = ['short', 'just enough', 'over'] as const;

export const leftThings = ['shred', 'liquid', 'fat', 'vegetables', 'bones'] as const;

/** What became of each thing that was left. */
export const becameOf = [
  'shelf',
  'eaten',
  'poured away',
  'bin',
  'compost',
  'pets',
  'stock',
  'nothing left',
] as const;

/** What a dish is built of beside what comes out of the pots, part by part. */
export const buildParts = ['base', 'cheese', 'fat', 'fresh', 'side', 'glaze'] as const;
export type BuildPart = (typeof buildParts)[number];

/** What a part of a build may be; nothing: it is left out. */
export const buildChoices = [
  'small wheat tortillas',
  'small corn tortillas',
  'large wheat tortillas',
  'gluten-free wraps',
  'rolls',
  'enriched rolls',
  'gluten-free rolls',
  'long rolls',
  'slices of bread',
  'slices of gluten-free bread',
  'dried pasta',
  'egg noodles',
  'gluten-free pasta, of corn or rice',
  'mash with milk and butter',
  'mash with oil',
  'gnocchi',
  'breadcrumbs',
  'gluten-free crumbs',
  'butter pastry',
  'pastry without butter',
  'gluten-free pastry',
  'cheese that melts',
  'cheese to brown',
  'hard cheese',
  'cheese without milk',
  'butter',
  'oil',
  'skimmed fat',
  'egg',
  'milk',
  'rice',
  'beans',
  'limes',
  'nothing',
] as const;
export type BuildChoice = (typeof buildChoices)[number];

/** What an ingredient is counted or sold by, beside its own piece. */
export const pieceWords = [
  ...([
    'bunch',
    'bundle',
    'bulb',
    'head',
    'slice',
    'coin',
    'piece',
    'thumb',
    'knob',
    'inch',
    'sprig',
    'leaf',
  ] as const),
  ...(['clove', 'pod', 'stick', 'stalk', 'rib', 'cube', 'berry', 'thread', 'peppercorn', 'wedge'] as const),
  ...(['fillet', 'rasher', 'strip', 'cob', 'ear', 'glass', 'shot', 'square', 'punnet', 'pint'] as const),
  ...(['tin', 'can', 'bottle', 'jar', 'tube', 'carton', 'bag'] as const),
] as const;

/** Tins that are usual where one cooks. */
export const tinSizes = ['400 g', '14.5 oz'] as const;

/** What a cost besides the meat is for: in all, for each person, for each plate, for each hour of a pair of hands. */
export const costPers = ['all', 'head', 'plate', 'hour'] as const;
