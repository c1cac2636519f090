import { proxy } from 'comlink';
import type { PastMeal } from '@/core/log/index.ts';
import type { TableHeads, TableRead, TableReading } from './pastTable.ts';
import { startCore } from './start.ts';

/** A table in a thread of its own: nobody who types waits for its rows. */
export interface OpenedTable {
  readonly table: {
    readonly open: (text: string) => Promise<TableHeads | undefined>;
    readonly read: (how: TableReading, told: (rows: number) => void) => Promise<TableRead | undefined>;
    readonly some: (from: number, to: number) => Promise<readonly PastMeal[]>;
  };
  /** Lets go of it, whatever it is doing. */
  readonly stop: () => void;
}

export async function startTable(): Promise<OpenedTable> {
  const { core, broken, stop } = startCore();
  const table = await Promise.race([core.pastTable(), broken]);
  return {
    table: {
      open: (text) => Promise.race([table.open(text), broken]),
      read: (how, told) => Promise.race([table.read(how, proxy(told)), broken]),
      some: (from, to) => Promise.race([table.some(from, to), broken]),
    },
    stop,
  };
}
