import { Dexie } from 'dexie';
import type { SlowSpoonDb } from './db.ts';

/** The library keeps ten numbers for each version of a store. */
const NUMBERS = 10;
/** So many rows are copied at a time. */
const AT_A_TIME = 200;

const prefix = (name: string) => `${name} before version `;

/** Names of all stores here; none where the browser does not tell. */
async function storesHere(): Promise<readonly { readonly name: string; readonly version: number }[]> {
  const known = (await (globalThis.indexedDB as Partial<IDBFactory> | undefined)?.databases?.()) ?? [];
  return known.flatMap(({ name, version }) => (name === undefined ? [] : [{ name, version: version ?? 0 }]));
}

/**
 * Copies a store of an older version, row for row, before it is brought to this one; the copy before that is let go. A store
 * of this version, or none, is left as it is.
 * @throws if there is no room for the copy: then the store has not been touched
 */
export async function copyBefore(db: SlowSpoonDb): Promise<void> {
  const here = await storesHere();
  const version = here.find(({ name }) => name === db.name)?.version;
  if (version === undefined || Math.floor(version / NUMBERS) >= db.verno) return;
  const old = new Dexie(db.name);
  await old.open();
  try {
    if (old.tables.length === 0) return;
    const copy = new Dexie(`${prefix(db.name)}${String(db.verno)}`);
    for (const { name } of here) if (name.startsWith(prefix(db.name))) await Dexie.delete(name);
    copy
      .version(1)
      .stores(
        Object.fromEntries(
          old.tables.map(({ name, schema: { primKey, indexes } }) => [
            name,
            [primKey, ...indexes].map(({ src }) => src).join(','),
          ]),
        ),
      );
    await copy.open();
    try {
      for (const table of old.tables) {
        const keys = await table.toCollection().primaryKeys();
        for (let from = 0; from < keys.length; from += AT_A_TIME) {
          const rows = await table.bulkGet(keys.slice(from, from + AT_A_TIME));
          await copy.table(table.name).bulkPut(rows.filter((row) => row !== undefined));
        }
      }
    } finally {
      copy.close();
    }
  } finally {
    old.close();
  }
}

/** The copy that was kept before the last upgrade; undefined if there is none. */
export async function copyKept(db: SlowSpoonDb): Promise<string | undefined> {
  return (await storesHere()).find(({ name }) => name.startsWith(prefix(db.name)))?.name;
}

/** All rows of a copy, by table, as text. */
export async function copyAsText(name: string): Promise<string> {
  const copy = new Dexie(name);
  await copy.open();
  try {
    const tables = await Promise.all(
      copy.tables.map(async (table) => [table.name, await table.toArray()] as const),
    );
    return `${JSON.stringify(Object.fromEntries(tables), null, 1)}\n`;
  } finally {
    copy.close();
  }
}

export const dropCopy = (name: string): Promise<void> => Dexie.delete(name);
