import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, screen, within } from '../../testing/dom.ts';
import { strandsOf } from '@/core/ledger/index.ts';
import { openMeal } from '@/core/model/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import { renderWithMeal } from '../../testing/withMeal.tsx';
import StrandsTable from './StrandsTable.tsx';

describe('strands: strandsTable', () => {
  afterEach(cleanup);

  test('the strands in words: every part that weighs something, planned beside weighed', () => {
    const shred = weighedEntry({ what: 'sum', flow: 'shred' }, 900);
    const input = inputOf([batchOf([lotOf('beef-shank', 2000)])], [dishOf('taco', 12)], [shred]);
    const strands = strandsOf(openMeal(input).ledger, 'pot');
    renderWithMeal(input, <StrandsTable strands={strands} onClose={() => undefined} />);
    const table = screen.getByRole('table');
    const rows = within(table).getAllByRole('row').slice(1);
    const heads = rows.map((row) => within(row).getByRole('rowheader').textContent);
    expect(heads.slice(0, 3)).toEqual(['bought', 'to the air before the pot', 'juice to the liquid']);
    expect(heads).toContain('finished liquid');
    expect(heads).not.toContain('trimmed off');
    const weighed = rows.find((row) => within(row).getByRole('rowheader').textContent === 'shred');
    expect(weighed?.textContent).toMatch(/^shred\d+ g900 g weighed$/);
  });
});
