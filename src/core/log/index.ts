export { type Digest, type Digested, digestedOf, digestOf, type Logged } from './digest.ts';
export { learn } from './learn.ts';
export { type Outcome, outcomeOf } from './outcome.ts';
export { begunIn } from './begun.ts';
export { begunAt, knownFrom, learnedBefore, type PastBatch, pastOf, shredOf } from './past.ts';
export { likedThickness, type LearnedFigure, learnedFigures, minutesHere } from './figures.ts';
export { type StrandBar, strandBars } from './bars.ts';
export { type Guessed, guessesOf, offBy } from './eye.ts';
export { isPast, type LogOrder, ordered, orders, rawOf, searched, unaccountedG, yieldOf } from './list.ts';
export { type CutStory, cutsInLog, storyOf, type Told } from './story.ts';
export { takesFor } from './takesFor.ts';
export { type Compared, comparedOf, overTime, quarters } from './overTime.ts';
export {
  chances,
  offOf,
  type Quiz,
  drawnFrom,
  quizOf,
  type QuizKind,
  quizKinds,
  type SlabPart,
  slabParts,
  worstPart,
} from './practice.ts';
export {
  csvColumnFor,
  csvColumns,
  type CsvMapping,
  csvNeeds,
  csvTemplate,
  type CsvUnits,
  type PastMeal,
  readPastRows,
  type CsvReading,
  type NoPast,
} from './csvIn.ts';
export { batchRows, entryRows } from './csvOut.ts';
