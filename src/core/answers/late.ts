import { advice } from './heavy/advice.ts';
import { buy } from './heavy/buy.ts';
import { contradicts } from './heavy/contradicts.ts';
import { cooling } from './heavy/cooling.ts';
import { dayOf } from './heavy/day/day.ts';
import { placeWays } from './heavy/day/unplanned.ts';
import { deal } from './heavy/deal.ts';
import { feeds } from './heavy/feeds.ts';
import { lidFor } from './heavy/lidFor.ts';
import { margins } from './heavy/margins.ts';
import { searing } from './heavy/searing.ts';
import { serviceNow } from './heavy/serviceNow.ts';
import { shares } from './heavy/shares.ts';
import { eventWays, slices } from '../event/index.ts';
import { whatIf } from './heavy/whatIf.ts';

/** What no first look asks: a thread loads it when the first of it is wanted. */
export const lateQuestions = {
  advice,
  buy,
  feeds,
  margins,
  searing,
  day: dayOf,
  placeWays,
  serviceNow,
  lidFor,
  contradicts,
  shares,
  cooling,
  whatIf,
  deal,
  slices,
  eventWays,
};
