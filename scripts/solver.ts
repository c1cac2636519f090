import load from 'highs';
import type { LpSolver } from '../src/core/plates/index.ts';

/** The solver as Node loads it: for tests and the command line. */
export const loadSolver = (): Promise<LpSolver> => load();
