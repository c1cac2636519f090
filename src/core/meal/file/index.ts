export {
  type BackupChanges,
  type BackupHead,
  type BackupMeal,
  readBackupHead,
  readBackupMeal,
  writeBackupHead,
  writeBackupMeal,
} from './backup.ts';
export { mealFileOf, readMealFile, tooLarge, writeMealFile } from './file.ts';
export { readHandout } from './handout.ts';
export { mealFile } from '../schema.ts';
export { handBack, handout } from '../handoutSchema.ts';
