export { boughtAt, type Candidate, inOrder, inProportion, metAt, type Stretch } from './fill.ts';
export { currencyCodes, figureOf, type Money, moneyOf, sumOf, writeMoney } from './money.ts';
export { perKg, USUAL_CURRENCY } from './price.ts';
export { priced } from './priced.ts';
export { readPrice } from './readPrice.ts';
