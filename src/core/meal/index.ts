export { type Compared, compared, type Copy, type Version } from './copies.ts';
export { canonical } from './canonical.ts';
export { choosing, undecided } from './choosing.ts';
export { hashOf } from './hash.ts';
export { versionOf } from './version.ts';
export { cookedIn, kitchenAt, OWN_PLACE, placeOf } from './places.ts';
export { sameKept } from './sameKept.ts';
export { cookAgain } from './cookAgain.ts';
export { type WhatIf, withWhatIf } from './whatIf.ts';
export { forPlates, platesIn, scaledBatch } from './scaled.ts';
export { avoidable, type Avoidable } from './avoidable.ts';
export {
  LOT_MOST_G,
  type Lists,
  most,
  NAME_MOST,
  type Overfull,
  overfull,
  PIECES_MOST,
  YIELD,
} from './bounds.ts';
export { isTooDeep } from './depth.ts';
export { shifted } from './shifted.ts';
export { exampleMeal } from './example.ts';
export { batchTask, standingEntries, standingOf, thingOf } from './entries.ts';
export type { HandBack, Handout, Job, Note } from './handoutSchema.ts';
export { type BeyondLimit, lotWeightProblem, platesProblem } from './limits.ts';
export {
  type AfterStep,
  type AfterWhat,
  type Batch,
  type BuyMix,
  type Day,
  type Dish,
  type DishKind,
  type Doing,
  type Entry,
  type OnPlate,
  type Measured,
  type Fate,
  type Fattiness,
  type Feel,
  type Guests,
  type Heat,
  type Fridge,
  type HeatSource,
  type Item,
  type Kitchen,
  type Level,
  type Lid,
  type Out,
  type Lesson,
  type Became,
  type Closing,
  type Learnable,
  type Learned,
  type LeftThing,
  type Verdict,
  type LessonSets,
  type Lot,
  type Meal,
  type MealFile,
  type Moment,
  type OwnCut,
  type OwnIngredient,
  type OwnTask,
  type Part,
  type Phase,
  type Picking,
  type Prep,
  type Price,
  type Onto,
  type Round,
  type Scoop,
  type Sitting,
  type CostPer,
  type Quote,
  type Size,
  type Skim,
  type Stand,
  type BeforeWhat,
  type Taste,
  type Tool,
  type Cooling,
  type CoolWay,
  type Keepable,
  type Parcel,
  type ShelfEnd,
  type ShelfItem,
  type ShelfPlace,
  type DrawnFrom,
  type Leaving,
  type StretchState,
  type Trim,
  type Vessel,
  type Way,
  type Weighable,
} from './schema.ts';
export {
  afterBy,
  isUsualAfter,
  usualAfter,
  usualAgain,
  boilsDownTo,
  isStrained,
  type School,
  schoolFor,
  type Finish,
  schools,
  isChilled,
  skimWay,
  staysInPot,
} from './after.ts';
export { newerBatch } from './older.ts';
export { withBoilDown, withChilling, withChopped, withSkim, withStrain } from './afterEdits.ts';
export { isPlaceEdit, mealPlaced, type PlaceEdit, potPlaced } from './placeEdits.ts';
export { lessonChanges, withLesson } from './lessonEdits.ts';
export { withoutReduction, withReduced, withSetApart, withStirredIn } from './liquidEdits.ts';
export { type Stage, stages } from '../ledger/index.ts';
export {
  shredInScoop,
  usualBatch,
  cooksOf,
  SHELF,
  usualFridges,
  handsOf,
  usualDay,
  usualDish,
  usualKitchen,
  usualLot,
  usualMeal,
  usualScoops,
  usualTasks,
} from './usual.ts';
export {
  afterWhats,
  buildChoices,
  costPers,
  buildParts,
  type BuildChoice,
  type BuildPart,
  becameOf,
  coolWays,
  learnables,
  leftThings,
  verdicts,
  keepables,
  places,
  drawnFrom,
  leavings,
  skims,
  stretchStates,
  tastes,
  thickeners,
  tools,
  fates,
  feels,
  heats,
  lidFits,
  panFats,
  pieceWords,
  preps,
  rounds,
  sourceKinds,
  fridgeKinds,
  starts,
  stands,
  beforeWhats,
  taskNeeds,
  taskWhens,
  vesselKinds,
  ways,
} from './choices.ts';
export { isEvent, OWN_SITTING, sittingOf, sittingsOf } from './sittings.ts';
export { saidOf } from './saidOf.ts';
export { largeTinOf, soldIn } from './tins.ts';
