/** The id of something new. */
export const id = () => crypto.randomUUID();

/** How an act is called, and the field whose further keys are of it. */
export const named = (words: string, field: string | undefined) => ({
  words,
  ...(field !== undefined && { field }),
});
