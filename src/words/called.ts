/** Codes that a file keeps and a kitchen says otherwise; a griddle is one everywhere: a British grill heats from above. */
const said: Readonly<Record<string, string>> = { heat: 'chilli' };

/** What a guest must not have, as it is said: of “heat” a cook thinks of the oven. */
export const avoidableWords = (what: string): string => said[what] ?? what;

/** What a task takes up, as it is said. */
export const resourceWords = (kind: string): string => said[kind] ?? kind;
