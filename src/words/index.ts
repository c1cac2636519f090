export { backupChangesWords, broughtInWords, goingWords, lastBackupWords, unreadWords } from './backups.ts';
export { nothingToBuyWords } from './buy.ts';
export { avoidableWords, resourceWords } from './called.ts';
export { capital, uncapital } from './capital.ts';
export { callWords } from './rings.ts';
export { beforePanWords, crewWords, heatWords, lotWords } from './chosen.ts';
export { dayNoteWords } from './dayNotes.ts';
export {
  benchTitle,
  byHandWords,
  doubtWords,
  goneWords,
  onScaleWords,
  leavingWords,
  petsWords,
} from './bench.ts';
export { causeWords } from './causes.ts';
export { askWords, NO_ASK, questionedWords } from './asks.ts';
export { doingWords, shortName } from './doing.ts';
export { hintWords } from './hints.ts';
export { noPlaceWords, placeWayWords } from './noPlace.ts';
export { handsWords, nextActWords, untilWords, wantWords, whenWords } from './nextAct.ts';
export {
  bothWords,
  dayBefore,
  dealtDayWords,
  dealtInto,
  dealtWords,
  eventHeadline,
  eventWayWords,
  leftShort,
  lossWords,
  peopleWords,
  shortDishes,
  splitWayWords,
  type Writes,
} from './event.ts';
export { listed } from './listed.ts';
export {
  behindWords,
  caughtWords,
  clashTitle,
  codesWords,
  entryWords,
  giveTitle,
  heldTitle,
  jobsWords,
  judgedWords,
  takenWords,
  valueWords,
  waitedWords,
  waitsWords,
} from './handout.ts';
export { overfullWords } from './overfull.ts';
export {
  buildChoiceWords,
  buildPartWords,
  containsWords,
  forGuestWords,
  fromWords,
  GO_BY_LABEL,
  holdsWords,
  notKnownWords,
} from './allergens.ts';
export { buildWords } from './builds.ts';
export { cautionsOnPaper, cautionWhen, cautionWords, LOCAL_CODE } from './cautions.ts';
export { actWords, stepsWords } from './steps/index.ts';
export { toolWords } from './steps/pull.ts';
export { schoolWords } from './steps/schools.ts';
export { drawnWords } from './steps/setApart.ts';
export { skimWords } from './steps/skim.ts';
export { suggestionWords } from './taste.ts';
export { partName } from './liquids.ts';
export { noOwnCutWords } from './ownCut.ts';
export { lidOnAct } from './lidOn.ts';
export { cutNotOne, whichCut } from './whichCut.ts';
export { noRecipeWords, puttingIn, recipeFile, stillToSettle } from './recipe.ts';
export { agrees, counted, formOf, noun, nounOf, PLATE, SERVING } from './nouns.ts';
export { problemWords, remedyWords, saysWords } from './problems.ts';
export { laterShares, laterWords } from './later.ts';
export { storageWords, unkeptWords } from './storage.ts';
export { sizeWords } from './sizes.ts';
export { shareTitle, shareUnder, wayWords, sureOf } from './shares.ts';
export { coolsWords, coolWayWords, hotWords, hoursWords, pansWords } from './cooling.ts';
export { keptWords, placeWords } from './shelf.ts';
export {
  becameWords,
  cutShort,
  eyeTitle,
  fromBatches,
  lastTimeWords,
  learnedName,
  learnedValue,
  leftThingWords,
  drawnLotWords,
  missedWords,
  noPastWords,
  orderWords,
  percent,
  quizWords,
  slabWords,
  storyTitle,
  verdictWords,
} from './log.ts';
export { beforeWords } from './before.ts';
export { fateWords } from './fates.ts';
export { copyWords } from './copies.ts';
