export { buy, type BuyAsk, type BuyReading } from './buy.ts';
export { costs } from './cost.ts';
export { feeds, type Feeds } from './feeds.ts';
export { isOpen, shoppingList, type Needed } from './list.ts';
export { currencyCodes, USUAL_CURRENCY, writeMoney } from './money.ts';
export { readPrice } from './readPrice.ts';
export { swap } from './swap.ts';
