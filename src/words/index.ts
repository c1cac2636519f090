export { dayNoteWords } from './dayNotes.ts';
export { doingWords } from './doing.ts';
export { nextActWords } from './nextAct.ts';
