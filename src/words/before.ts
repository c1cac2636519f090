import type { BeforeWhat } from '@/core/meal/index.ts';

/** How a step before the pan is called: as a choice, what it is, as it was chosen, and as a recipe asks for it. */
export const beforeWords: Readonly<
  Record<
    BeforeWhat,
    { readonly name: string; readonly is: string; readonly chosen: string; readonly asks: string }
  >
> = {
  'dry brine': {
    name: 'dry brine',
    is: 'salted the day before, in the fridge',
    chosen: 'salted ahead',
    asks: 'Salt it and keep it in the fridge',
  },
  marinade: {
    name: 'marinade',
    is: 'in wine or brine, in the fridge; dry it well before the pan',
    chosen: 'marinated',
    asks: 'Marinate in the fridge',
  },
  'stand out': {
    name: 'sit out',
    is: 'out of the fridge',
    chosen: 'out of the fridge',
    asks: 'Let it sit out of the fridge',
  },
};
