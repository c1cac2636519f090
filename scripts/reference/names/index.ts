import { dry } from './dry.ts';
import { fresh } from './fresh.ts';
import { hot } from './hot.ts';
import { poured } from './poured.ts';
import type { NamedRow } from './row.ts';

/** Every row of names, by shelf. */
export const namedRows: readonly NamedRow[] = [...poured, ...fresh, ...hot, ...dry];
