export { buy, type Bought, type BuyAnswer, type BuyAsk, type BuyReading } from './buy.ts';
export { costs, type Costs } from './cost.ts';
export { feeds, type Feeds } from './feeds.ts';
export { shoppingList, type Needed } from './list.ts';
export { currencyCodes, perKg, USUAL_CURRENCY, writeMoney, type Money } from './money.ts';
export { readPrice } from './readPrice.ts';
export { swap, type Swap } from './swap.ts';
