import { afterEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor } from '../../testing/dom.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';

const { closePage, kitchenOnDisk, openAt, openPath, press, saved, settled, sheet, takeBack, tap, user } =
  await import('../../testing/openApp.tsx');
afterEach(() => {
  closePage();
  saved.length = 0;
});

const line = (words: string) => {
  const row = screen.getAllByRole('listitem').find(({ textContent }) => textContent.includes(words));
  if (!row) throw new Error(`no line with ${words}`);
  return row.textContent;
};
async function openList(): Promise<void> {
  await openAt('meat', inputOf([batchOf([lotOf('beef-shank', 3000)])], [dishOf('taco', 30)]));
  closePage();
  await openPath('/shopping');
  await screen.findByText('Beef shank, cross-cut, bone in');
}

describe('the shopping list', () => {
  test('adds up what the meal wants, carriers in packs, and says a pack of its own', async () => {
    await openList();
    expect(line('Beef shank')).toContain('3.00 kg');
    expect(line('small wheat tortillas')).toContain('3 × 12');
    await user.type(screen.getByLabelText('One pack of stock, low salt'), '500 g{Enter}');
    await settled();
    await waitFor(() => expect(line('stock, low')).toMatch(/× 500 g/));
    expect((await kitchenOnDisk()).packs).toMatchObject({ 'stock-low-salt': 500 });
    await takeBack('the pack of stock, low salt');
    await waitFor(() => expect(line('stock, low')).not.toMatch(/× 500 g/));
  });

  test('a free line goes on, is ticked and comes off; what is in the house is not bought', async () => {
    await openList();
    await user.type(screen.getByLabelText('Something else to buy'), 'candles{Enter}');
    await settled();
    await tap(screen.getByLabelText('candles'));
    expect(screen.getByLabelText<HTMLInputElement>('candles').checked).toBe(true);
    await press('Remove candles');
    expect(screen.queryByLabelText('candles')).toBeNull();
    await tap(screen.getByTitle('carrot is always in the house'));
    expect((await kitchenOnDisk()).atHome).toEqual(['carrot']);
    await waitFor(() => expect(screen.queryAllByText('carrot')).toEqual([]));
  });

  test('what is got is ticked and stays ticked when the list is opened again', async () => {
    await openList();
    await tap(screen.getByLabelText(/small wheat tortillas/));
    closePage();
    await openPath('/shopping');
    await screen.findByLabelText(/small wheat tortillas/);
    expect(screen.getByLabelText<HTMLInputElement>(/small wheat tortillas/).checked).toBe(true);
  });

  test('goes out as a table that other programs read', async () => {
    await openList();
    await press('Save as CSV');
    await waitFor(() => expect(saved).toHaveLength(1));
    const [head, ...rows] = (saved[0]?.text ?? '').trim().split('\r\n');
    expect(head).toBe('section,what,amount,unit,packs,pack,for');
    expect(rows).toContainEqual(expect.stringContaining('meat,"Beef shank, cross-cut, bone in",3000,g,,,'));
  });

  test('with nothing to buy it says so', async () => {
    await openAt('meat', inputOf([batchOf([])], []));
    closePage();
    await openPath('/shopping');
    expect(sheet()).toMatch(/Shopping list/);
    expect(screen.queryAllByRole('listitem').filter(({ textContent }) => /kg/.test(textContent))).toEqual([]);
  });
});
