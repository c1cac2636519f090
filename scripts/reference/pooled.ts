/** Names that cover several cuts, as a choice of their own until the cook says which. */
export const pooledRows: readonly {
  readonly id: string;
  readonly name: string;
  readonly of: readonly string[];
}[] = [
  {
    id: 'beef-chuck-any',
    name: 'Beef chuck roast, not said which',
    of: 'beef-blade-roast beef-arm-pot-roast beef-under-blade beef-seven-bone beef-clod beef-mock-tender'.split(
      ' ',
    ),
  },
  {
    id: 'beef-short-ribs-any',
    name: 'Beef short ribs, not said which',
    of: 'beef-short-ribs beef-chuck-short-ribs beef-plate-ribs'.split(' '),
  },
  {
    id: 'beef-round-any',
    name: 'Beef round, not said which',
    of: 'beef-bottom-round beef-top-round beef-eye-of-round'.split(' '),
  },
  {
    id: 'pork-shoulder-any',
    name: 'Pork shoulder, not said which',
    of: 'pork-shoulder-blade pork-picnic'.split(' '),
  },
];
