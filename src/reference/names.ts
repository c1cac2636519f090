import table from './names.json' with { type: 'json' };

/** What cooks call what the tables hold: ids, the usual one first, and names with "|" between them. Loaded with the large table. */
export const names = table.names as unknown as readonly (readonly [ids: string, names: string])[];
