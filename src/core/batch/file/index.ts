export { mealFileOf, readMealFile, tooLarge, writeMealFile } from './file.ts';
export { shifted } from './shifted.ts';
export { mealFile } from '../schema.ts';
