export { boughtAt, type Candidate, inOrder, inProportion, metAt, type Stretch } from './fill.ts';
export {
  currencyCodes,
  figureOf,
  type Money,
  moneyOf,
  perKg,
  sumOf,
  USUAL_CURRENCY,
  writeMoney,
} from './money.ts';
export { readPrice } from './readPrice.ts';
