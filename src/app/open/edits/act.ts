/** The id of something new. */
export const id = () => crypto.randomUUID();

/** How an act is called, and the field whose further keys are of it. */
export const named = (words: string, field: string | undefined) => ({
  words,
  ...(field !== undefined && { field }),
});

/** A list with one of it changed, known by its id. */
export const withOne = <T extends { readonly id: string }>(
  all: readonly T[],
  one: string,
  recipe: (entry: T) => T,
): T[] => all.map((entry) => (entry.id === one ? recipe(entry) : entry));
