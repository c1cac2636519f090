export { calm, careOf, type CareFacts } from './facts.ts';
export { type CarePlace, cautionIds, cautionRows, cautionsAt, cautionsOf, type CautionId } from './rows.ts';
