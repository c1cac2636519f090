import type { NothingToBuy } from '@/core/answers/index.ts';

/** Why nothing can be said of how much to buy, and what would change that. */
export function nothingToBuyWords(why: NothingToBuy): string {
  switch (why.what) {
    case 'chance':
      return `${Math.round(100 * why.asked)} in 100 cannot be bought: no weight is ever sure. Ask for 50 to 99.`;
    case 'on the board':
      return 'The meat of this pot is on the board already: there is nothing to buy. Another pot can still take more.';
    case 'no lot':
      return 'There is no lot to buy: choose a cut first.';
    case 'no price':
      return 'No lot has a price, so none is the cheapest: write one in a lot first.';
    case 'no plates':
      return 'The order is empty: write how many plates first.';
    case 'empty mix':
      return 'The mix adds up to nothing: give one of the lots a weight.';
    case 'will not pull':
      return 'Cooked like this it will not pull, however much of it is bought: give it more heat or more time.';
  }
}
