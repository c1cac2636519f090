/** Measures the figures that the program aims at, and prints each beside its aim. */
import { measureBrowser } from './browser.ts';
import { measureCore } from './core.ts';
import { measureHeat } from './heat.ts';
import { measureLearning } from './log.ts';
import { measureShares } from './shares.ts';
import { missedAims } from './measure.ts';

measureCore();
measureHeat();
measureLearning();
await measureShares();
await measureBrowser();
process.exit(missedAims() > 0 ? 1 : 0);
