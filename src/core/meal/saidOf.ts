/**
 * A thing's published name and what it is shown as, for what is told from words: "spices, cumin seed; cumin".
 */
export const saidOf = ({ row, name = '' }: { readonly row?: string; readonly name?: string }): string =>
  row === undefined ? name : `${row}; ${name}`;
