/** Measures the figures that the program aims at, and prints each beside its aim. */
import { measureBrowser } from './browser.ts';
import { measureCore } from './core.ts';
import { missedAims } from './measure.ts';

measureCore();
await measureBrowser();
process.exit(missedAims() > 0 ? 1 : 0);
