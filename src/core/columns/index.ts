export { entryAt, valueAt, valueBetween, wholeAt } from './columns.ts';
