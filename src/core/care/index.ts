export { type Alcohol, calm, careOf, type CareFacts } from './facts.ts';
export {
  type CarePlace,
  type CardWhat,
  cautionIds,
  cautionRows,
  cautionsAt,
  cautionsOf,
  type CautionId,
  type CautionRow,
} from './rows.ts';
