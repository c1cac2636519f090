import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor } from '../../testing/dom.ts';
import type { ShelfItem } from '@/core/meal/index.ts';
import { mendSummaries } from '@/store/summaries.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  choose,
  closePage,
  disk,
  openAt,
  openPath,
  press,
  settled,
  sheet,
  stored,
  user,
  write,
} from '../../testing/openApp.tsx';

describe('shelf: shelf', () => {
  afterEach(() => {
    closePage();
    jest.restoreAllMocks();
  });

  const DAY = 86_400_000;
  const item = (id: string, changes: Partial<ShelfItem> = {}): ShelfItem => ({
    id,
    what: 'broth',
    name: id,
    grams: 800,
    ml: 790,
    made: Date.now() - DAY,
    place: 'fridge',
    ...changes,
  });

  async function openShelf(...items: ShelfItem[]): Promise<void> {
    await openAt('meat', inputOf([batchOf([lotOf('beef-shank', 2000)])], [dishOf('taco', 12)]));
    await disk.table('kept').put({ id: 'shelf', items });
    // A list of open pots goes by the summaries, which an act would have made.
    await mendSummaries(disk);
    closePage();
    await openPath('/shelf');
    await waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).not.toBe(''));
  }

  describe('the shelf by key', () => {
    test('arrows go from one to the next, f freezes, Enter takes what is chosen into the open pot', async () => {
      await openShelf(item('lamb broth', { made: Date.now() - 2 * DAY }), item('beef broth'));
      const [first] = screen.getAllByRole('button', { name: /^lamb broth, 0\.79 l|^lamb broth, 790 ml/ });
      first?.focus();
      await user.keyboard('{ArrowRight}');
      await settled();
      expect(document.activeElement?.getAttribute('aria-label')).toMatch(/^beef broth/);
      expect(document.activeElement?.getAttribute('aria-pressed')).toBe('true');
      await user.keyboard('{Enter}');
      await settled();
      const { batches } = await stored();
      const taken = batches[0]?.items?.find(({ ref }) => ref === 'shelf-beef broth');
      expect(taken).toMatchObject({ measure: 'mass', amount: { text: '800 g', lo: 800 } });
      await waitFor(() => expect(sheet()).not.toMatch(/beef broth/));
      const left = screen.getAllByRole('button', { name: /^lamb broth, / })[0];
      left?.focus();
      await user.keyboard('f');
      await settled();
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Frozen: lamb broth/);
    });

    test('what a guest must not have is asked about once more before it is taken', async () => {
      await openShelf(item('pork broth', { holds: ['pork'] }));
      await disk.meals.toCollection().modify((row) => {
        Object.assign(row, { meal: { ...row.meal, avoid: ['pork'] } });
      });
      await settled();
      const [pork] = screen.getAllByRole('button', { name: /^pork broth, / });
      pork?.focus();
      await user.keyboard('{Enter}');
      await waitFor(() => expect(sheet()).toMatch(/must not have pork; this contains it/));
      expect((await stored()).batches[0]?.items).toBeUndefined();
      await press('Use it all the same');
      expect((await stored()).batches[0]?.items?.some(({ ref }) => ref === 'shelf-pork broth')).toBe(true);
    });

    test('something else is put there by hand, by weight or by volume', async () => {
      await openShelf(item('lamb broth'));
      await press('put something else on the shelf');
      await write('What it is', 'bacon fat');
      await choose('kind', 'fat');
      await user.type(screen.getByLabelText('How much'), '200 ml');
      await settled();
      await press('Put it there');
      await waitFor(() => expect(sheet()).toMatch(/bacon fat/));
      const row = (await disk.table('kept').get('shelf')) as { items: ShelfItem[] };
      const fat = row.items.find(({ name }) => name === 'bacon fat');
      expect(fat?.ml).toBe(200);
      expect(fat?.grams).toBeLessThan(190);
    });
  });
});
