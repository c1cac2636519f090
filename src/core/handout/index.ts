export { backOf, type Taken, takenFrom, withNotes } from './back.ts';
export { type Clash, clashesOf, type Judged, judged, keeping, leftOpen, type NewEntry } from './clash.ts';
export { type Caught, codesOf, textOf, withCode } from './codes.ts';
export { type HeldField, type JudgedValue, judgedValues, type Place, placeOf } from './held.ts';
export type { Judgement } from './judge.ts';
export { type DealtJob, jobsOf } from './jobs.ts';
export { daysOf, handoutOf, jobsFor } from './handout.ts';
export { inHands } from './strand.ts';
export { twoWords } from './twoWords.ts';
