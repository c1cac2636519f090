import { reckon, type Input, type Reckoning } from '@/core/reckon.ts';
import { drawMeal } from '@/core/reckoning/draws/draws.ts';
import { contradicts } from '@/core/reckoning/day/contradicts.ts';
import { serviceNow, type ServiceNow } from '@/core/reckoning/day/serviceNow.ts';
import { dayOf, type DayAsk, type DayPlan } from '@/core/reckoning/day/day.ts';
import { margins, type Margins } from '@/core/reckoning/draws/margins.ts';
import { lidFor, type LidFor } from '@/core/reckoning/lidFor.ts';
import type { Entry } from '@/core/batch/schema.ts';
import { searing, type Searing } from '@/core/reckoning/pictures/sear.ts';
import { buy, feeds, type BuyAsk, type BuyReading, type Feeds } from '@/core/shop/index.ts';
import { reference } from '@/reference/index.ts';

/** A question without the tables: the worker has its own. */
export type Question = Omit<Input, 'reference'>;

/** The core as it stands behind the border between the threads. */
export interface CoreWorker {
  /** The reckoning with its ranges. */
  reckon(question: Question): Reckoning;
  /** How much to buy for the whole order. */
  buy(question: Question, ask: BuyAsk): BuyReading;
  /** A batch laid out in its pan, panful by panful. */
  searing(question: Question, batch: string): Searing | null;
  /** The distribution behind "enough". */
  margins(question: Question): Margins;
  /** The day of a meal, hung from its serving time. */
  day(question: Question, ask: DayAsk): DayPlan;
  /** What a fork in the meat can hardly be squared with; null if it can. */
  contradicts(question: Question, check: Entry): Entry | null;
  /** What can be served at this moment. */
  serviceNow(question: Question, now: number): ServiceNow;
  /** How long the lid must stand ajar or off at the end for so much liquid. */
  lidFor(question: Question, batch: string, lid: 'ajar' | 'off', wantMl: number): LidFor;
  /** What the planned meat feeds, at a chance. */
  feeds(question: Question, chance: number): Feeds | null;
}

export const coreWorker: CoreWorker = {
  reckon: (question) => reckon({ ...question, reference }, drawMeal),
  buy: (question, ask) => buy({ ...question, reference }, ask),
  searing: (question, batch) => searing({ ...question, reference }, batch),
  day: (question, ask) => dayOf({ ...question, reference }, ask),
  contradicts: (question, check) => contradicts({ ...question, reference }, check) ?? null,
  serviceNow: (question, now) => serviceNow({ ...question, reference }, now),
  lidFor: (question, batch, lid, wantMl) => lidFor({ ...question, reference }, batch, lid, wantMl),
  margins: (question) => margins({ ...question, reference }),
  feeds: (question, chance) => feeds({ ...question, reference }, chance),
};
