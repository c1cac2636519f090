import type { Cause } from '@/core/reckoning/index.ts';

const words: Readonly<Record<Exclude<Cause['what'], 'bowl' | 'bones still in'>, string>> = {
  'eaten or dropped': 'some was eaten or dropped and not said',
  'left in the pot': 'some is still in the pot',
  'picked and not weighed': 'what was picked out was not weighed',
  'bones weighed with it': 'the bones were weighed with it',
  'weighed with its sauce': 'it was weighed with its sauce',
  'poured more': 'more was poured than was written down',
  'poured away': 'some was poured away or tasted',
  'boiled off': 'more boiled off than usual',
  'trimmed more': 'more was trimmed off than was weighed',
};

/** What may be behind a figure that does not balance. */
export function causeWords(cause: Cause, missing: boolean, mass: (grams: number) => string): string {
  switch (cause.what) {
    case 'bowl':
      return missing
        ? `the ${mass(cause.grams)} of the ${cause.name} came off twice`
        : `the ${mass(cause.grams)} of the ${cause.name} did not come off`;
    case 'bones still in':
      return cause.n === 1 ? 'one bone was not found' : `${String(cause.n)} bones were not found`;
    default:
      return words[cause.what];
  }
}
