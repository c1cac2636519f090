export { nothingToBuyWords } from './buy.ts';
export { dayNoteWords } from './dayNotes.ts';
export { doingWords } from './doing.ts';
export { hintWords } from './hints.ts';
export { nextActWords } from './nextAct.ts';
export { overfullWords } from './overfull.ts';
export { recipeFile } from './recipe.ts';
export { problemWords, remedyWords, saysWords } from './problems.ts';
export { storageWords, unkeptWords } from './storage.ts';
