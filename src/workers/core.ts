import { reckon, type Input, type Reckoning } from '@/core/reckon.ts';
import { drawMeal } from '@/core/reckoning/draws/draws.ts';
import { margins, type Margins } from '@/core/reckoning/draws/margins.ts';
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
  /** What the planned meat feeds, at a chance. */
  feeds(question: Question, chance: number): Feeds | null;
}

export const coreWorker: CoreWorker = {
  reckon: (question) => reckon({ ...question, reference }, drawMeal),
  buy: (question, ask) => buy({ ...question, reference }, ask),
  searing: (question, batch) => searing({ ...question, reference }, batch),
  margins: (question) => margins({ ...question, reference }),
  feeds: (question, chance) => feeds({ ...question, reference }, chance),
};
