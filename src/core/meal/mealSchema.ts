import './jitless.ts';
import { z } from 'zod';
import { avoidable } from './avoidable.ts';
import { most, PIECES_MOST, TEXT_LONG } from './bounds.ts';
import { PRICE, TEXT_MOST } from '../quantity/index.ts';
import {
  clockTime,
  duration,
  id,
  mass,
  measured,
  moment as time,
  name,
  pieces,
  share,
  volume,
  within,
  zone,
} from './fields.ts';
import { buildChoices, buildParts, costPers, taskNeeds, taskWhens } from './choices.ts';

/** Of the file: who eats what, when and where, and how the day is worked. */

const portionOf = (quantity: typeof mass) =>
  z.strictObject({ want: quantity.optional(), min: quantity.optional(), max: quantity.optional() });

export const dishKinds = [
  'taco',
  'roll',
  'long roll',
  'pasta',
  'hand pie',
  'burrito',
  'soup',
  'dip',
  'on the bone',
  'folded taco',
  'cheese shell',
  'pressed sandwich',
  'mash',
  'gratin',
  'own',
] as const;

/** What may not run short of a dish, if not both. */
export const parts = ['meat', 'liquid'] as const;

export const guests = z.strictObject({
  light: pieces.optional(),
  usual: pieces.optional(),
  hungry: pieces.optional(),
  children: pieces.optional(),
  each: pieces.optional().describe('servings for one usual guest; absent: 1'),
});

export const dish = z.strictObject({
  id,
  kind: z.enum(dishKinds),
  name: name.optional(),
  count: pieces.describe('servings; one plate, one taco, one roll; not asked where guests are given'),
  counted: z.literal(true).optional().describe('the cook was asked: these are servings, not people'),
  guests: guests.optional().describe('how many eat it, by appetite: the servings are worked out'),
  meat: portionOf(mass).optional().describe('g of shred for one serving; absent: the usual of its kind'),
  liquid: portionOf(volume).optional().describe('ml ladled or dipped for one serving; absent: the usual'),
  held: share.optional().describe('liquid that the shred holds, of its own weight'),
  way: z.enum(['set', 'even']).optional(),
  besides: z
    .array(
      z.strictObject({
        id,
        name,
        each: measured.optional().describe('g, ml or pieces for one serving; absent: one'),
        measure: z.enum(['mass', 'volume', 'count']).optional(),
        holds: z
          .array(z.enum(avoidable))
          .max(avoidable.length)
          .optional()
          .describe('what some guests must not have in it; absent: nobody has said, it is not known'),
      }),
    )
    .max(most.besides)
    .optional()
    .describe('what goes on it besides: cheese, pickle, spread, something crisp'),
  build: z
    .partialRecord(z.enum(buildParts), z.enum(buildChoices))
    .optional()
    .describe('what a part of it is made of, where that is not the usual; nothing: it is left out'),
  built: z.literal(true).optional().describe('guests build it themselves: it is set out, not filled'),
  priority: z.int().min(1).max(3).optional().describe('1 is served first; absent: 2'),
  from: z.array(id).max(most.batches).optional().describe('batches that it may draw on; absent: all'),
  sitting: id.optional().describe('the sitting at which it is served; absent: the meal’s own'),
  layers: z.array(name).max(20).optional().describe('from below, in the cook’s own order; absent: as usual'),
  locked: z
    .strictObject({ meat: mass.optional(), liquid: volume.optional() })
    .optional()
    .describe('a portion that stays as it is when the meal is shared out'),
  firm: z.enum(parts).optional().describe('the part that must not run short; absent: both'),
});

/** A task of the cook's own, beside what the batches ask. */
export const ownTask = z.strictObject({
  id,
  words: name,
  minutes: duration,
  alone: z.literal(true).optional().describe('it needs nobody while it runs'),
  needs: z.enum(taskNeeds).optional(),
  when: z.enum(taskWhens).describe('what it must be done before'),
  again: z
    .strictObject({ every: duration, times: z.int().min(2).max(50) })
    .optional()
    .describe('done so many times, from the start of one to the start of the next; absent: once'),
});

/** A part of the meal that is packed for another place. */
export const parcel = z.strictObject({
  id,
  place: name,
  dishes: z.array(z.strictObject({ dish: id, count: z.int().min(1).max(PIECES_MOST) })).max(most.dishes),
  apart: z.literal(true).optional().describe('meat and sauce go apart'),
  cold: z.literal(true).optional().describe('chilled, and reheated there; absent: hot'),
  road: duration.optional().describe('min on the road; absent: 30'),
  out: clockTime.optional().describe('out of the door by; absent: before serving less the road'),
  note: z.string().max(TEXT_LONG).optional().describe('what they do there: reheat, build'),
});

export const day = z.strictObject({
  chance: z.number().min(0.5).max(0.99).optional().describe('of being ready; absent: .9'),
  hands: z.int().min(1).max(20).optional().describe('how many cook; absent: 1'),
  cooks: z
    .array(id)
    .min(1)
    .max(most.hands)
    .optional()
    .describe('of kitchen.hands, who cooks: as many hands as they are; absent: hands without a name'),
  from: clockTime.optional().describe('nobody works before it; absent: 06:30'),
  to: clockTime.optional().describe('nor after it; absent: 22:30'),
  home: clockTime
    .optional()
    .describe('nor after this on days on which nobody is served, in any kitchen; absent: as on the others'),
  forward: z.literal(true).optional().describe('run from now, and served when it is ready'),
  tasks: z.array(ownTask).max(most.tasks).optional(),
  minutes: z.record(z.string().max(200), duration).optional().describe('how long a task takes here, by task'),
  pins: z.record(z.string().max(200), time).optional().describe('epoch, ms: when a task is to start'),
  whose: z
    .record(z.string().max(200), id)
    .optional()
    .describe('of those who cook, whose a task is, by task; absent: whoever is free'),
  begun: z
    .record(z.string().max(200), time)
    .optional()
    .describe('epoch, ms: when somebody said a task began'),
  shops: z
    .array(z.string().regex(/^\d{4}-\d\d-\d\d$/, { error: 'a day is written 2026-12-05' }))
    .max(30)
    .optional()
    .describe('days on which somebody shops; absent: each on which something is first wanted'),
});

const wallTime = z.string().regex(/^(19|20)\d\d-(0[1-9]|1[0-2])-([0-2]\d|3[01])T([01]\d|2[0-3]):[0-5]\d$/, {
  error: 'a moment is written 2026-12-05T18:00',
});

const people = z.strictObject({
  adults: pieces.optional(),
  children: pieces.optional().describe('of a child’s appetite; they are not among the adults'),
});

/** When and where people sit down to some of the dishes, and how many. */
const served = {
  serving: z.strictObject({ local: wallTime, zone }).optional(),
  place: z.enum(['here', 'kept hot', 'sent out']).optional(),
  sent: z
    .strictObject({
      road: duration.optional().describe('min on the road; absent: 30'),
      packing: duration.optional().describe('min to pack it all; absent: by its servings'),
      cold: z
        .literal(true)
        .optional()
        .describe('sent out chilled and reheated there; absent: hot, in hot boxes'),
    })
    .optional()
    .describe('of what is sent out'),
  people: people.optional().describe('heads, told apart from servings'),
};

const money = z.strictObject({
  text: z.string().max(TEXT_MOST).describe('as it was typed'),
  amount: within(PRICE).optional().describe('in the currency of the kitchen'),
});

/** What the cook asks for it, and what it costs beside the meat. */
const quote = z.strictObject({
  costs: z
    .array(
      z.strictObject({
        id,
        name,
        price: money,
        per: z
          .enum(costPers)
          .describe('in all, for each person, for each plate, for each hour of a pair of hands'),
      }),
    )
    .max(most.costs)
    .optional(),
  head: money.optional().describe('asked for a grown person'),
  child: money.optional().describe('asked for a child; absent: as for a grown person'),
  tax: share.optional().describe('of the price, on top of it'),
  deposit: share.optional().describe('of all that is asked, when it is ordered'),
});

export const sitting = z.strictObject({ id, name, ...served });

export const meal = z.strictObject({
  id,
  name,
  ...served,
  sitting: name.optional().describe('what its own sitting is called, of an event'),
  sittings: z
    .array(sitting)
    .max(most.sittings)
    .optional()
    .describe('further ones: of an event, whose pots they all draw on; absent: it is one meal'),
  quote: quote.optional(),
  dishes: z.array(dish).max(most.dishes),
  avoid: z.array(z.enum(avoidable)).max(avoidable.length).optional(),
  avoidFor: z
    .partialRecord(z.enum(avoidable), z.int().min(1).max(PIECES_MOST))
    .optional()
    .describe('how many guests must not have it; absent: somebody'),
  merged: z
    .array(z.string().max(40))
    .max(most.merged)
    .optional()
    .describe('versions of other copies of it that were put together with it'),
  both: z
    .array(
      z.strictObject({
        at: z.array(z.string().max(200)).min(1).max(12).describe('where: down by keys, in a list by ids'),
        values: z.array(z.unknown()).min(2).max(20).describe('null: nothing is written there'),
      }),
    )
    .max(most.both)
    .optional()
    .describe('fields that copies say otherwise, until somebody chooses'),
  notes: z.string().max(TEXT_LONG).optional().describe('what the cook wants to know of it next time'),
  batches: z.array(id).max(most.batches).describe('in the order of the stove'),
  day: day.optional(),
  share: z
    .strictObject({
      by: z.enum(['weight', 'scoops']).optional().describe('absent: by weight'),
      evenOut: z.literal(true).optional().describe('everything is shared, nothing left'),
    })
    .optional()
    .describe('how it is shared out'),
  parcels: z.array(parcel).max(most.batches).optional().describe('parts that go to other places'),
});
