import { mlOf } from '../broth/index.ts';
import { entryAt } from '../columns/index.ts';
import { bowlG, keptFor, type NominalBatch, type OpenedMeal } from '../model/index.ts';
import { needOfTicket, type Ticket } from '../order/index.ts';

/** What the plates want of a batch: the meal's need, dealt by what each batch can give. */
export interface Need {
  readonly meatG: number;
  readonly liquidMl: number;
  /** Of the liquid what each dish is ladled, and what the shred of all is to hold, ml. */
  readonly dishes: readonly { readonly dish: string; readonly name: string; readonly ml: number }[];
  readonly heldMl: number;
}

/** The need of each dish dealt to the batches that it may draw on, in proportion to the shred and the liquid they give. */
export const needOfBatch = ({ plan }: NominalBatch, { nominal, plan: { tickets } }: OpenedMeal): Need =>
  needs(nominal, [tickets], () => needsOf(nominal.batches, tickets)).get(plan.id) ?? NO_NEED;

const needs = keptFor<ReadonlyMap<string, Need>>();
const NO_NEED: Need = { meatG: 0, liquidMl: 0, dishes: [], heldMl: 0 };

function needsOf(batches: readonly NominalBatch[], tickets: readonly Ticket[]): ReadonlyMap<string, Need> {
  const gives = batches.map(({ plan, mass }) => ({
    shred: bowlG({ plan, mass }),
    liquid: plan.liquid ? mlOf(mass.liquid) : 0,
  }));
  const dealt = tickets.map((ticket) => {
    const drawn = batches.map(({ plan: { id } }) => ticket.from?.includes(id) ?? true);
    const partsOf = (of: 'shred' | 'liquid') => {
      const all = gives.reduce((sum, give, b) => sum + (drawn[b] ? give[of] : 0), 0);
      const n = drawn.filter(Boolean).length;
      return gives.map((give, b) => (drawn[b] ? (all > 0 ? give[of] / all : 1 / n) : 0));
    };
    return { ticket, need: needOfTicket(ticket), shred: partsOf('shred'), liquid: partsOf('liquid') };
  });
  return new Map(
    batches.map(({ plan: { id } }, b): [string, Need] => {
      let [meatG, liquidMl, ladledMl] = [0, 0, 0];
      const dishes: Need['dishes'][number][] = [];
      for (const { ticket, need, shred, liquid } of dealt) {
        const ml = ticket.count * ticket.liquid.want * entryAt(liquid, b);
        meatG += need.meatG * entryAt(shred, b);
        liquidMl += need.liquidMl * entryAt(liquid, b);
        ladledMl += ml;
        if (ml > 0) dishes.push({ dish: ticket.id, name: ticket.name, ml });
      }
      return [id, { meatG, liquidMl, dishes, heldMl: Math.max(0, liquidMl - ladledMl) }];
    }),
  );
}
