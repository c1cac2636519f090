import { reckon } from '@/core/reckoning/index.ts';
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor } from '../../testing/dom.ts';
import type { Batch } from '@/core/meal/index.ts';
import { openMeal } from '@/core/model/index.ts';

import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import {
  choose,
  clockAt,
  closePage,
  disk,
  openAt,
  openPath,
  press,
  settled,
  sheet,
  stored,
  takeBack,
  tap,
  user,
  write,
} from '../../testing/openApp.tsx';

describe('log: log', () => {
  afterEach(() => {
    closePage();
    jest.restoreAllMocks();
  });

  const NOON = Date.parse('2026-11-01T12:00:00Z');
  const pot = (changes: Partial<Batch> = {}) =>
    batchOf([lotOf('beef-shank', 3000)], { lidOn: 1, ...changes });
  const shredG = reckon(openMeal(inputOf([pot()], []))).batches[0]?.meat.shredG.mid ?? NaN;
  const meal = (g = 0.9 * shredG, changes: Partial<Batch> = {}) => {
    const input = inputOf(
      [pot(changes)],
      [dishOf('taco', 18)],
      [weighedEntry({ what: 'sum', flow: 'shred' }, g, NOON)],
    );
    return { ...input, meal: { ...input.meal, serving: { local: '2026-11-01T18:00', zone: 'UTC' } } };
  };

  async function openLog(): Promise<void> {
    closePage();
    await openPath('/log');
    await waitFor(() => expect(sheet()).toMatch(/in this kitchen/));
    await settled();
  }

  describe('closing', () => {
    test('takes one tap; what became of it can be said then, and taken back', async () => {
      clockAt('2026-11-01T21:00:00Z');
      await openAt('keep', meal());
      await press('Close it');
      expect((await stored()).batches[0]?.closed).toEqual({ at: Date.parse('2026-11-01T21:00:00Z') });
      await tap(screen.getByLabelText('some was over'));
      await write('by so many plates', '3');
      await choose('the fat', 'on the shelf');
      await write('No time for', 'skimming');
      expect((await stored()).batches[0]?.closed).toMatchObject({
        verdict: 'over',
        by: 3,
        became: [{ what: 'fat', went: 'shelf' }],
        noTime: 'skimming',
      });
      await tap(screen.getByLabelText('it ran short'));
      await press('open it again');
      expect((await stored()).batches[0]?.closed).toBeUndefined();
      await takeBack('opening the batch again');
      expect((await stored()).batches[0]?.closed?.verdict).toBe('short');
    });
  });

  describe('the log', () => {
    test('shows what the kitchen gets beside what is published, leaves out by hand, and cooks again for more', async () => {
      clockAt('2026-11-03T10:00:00Z');
      await openAt('keep', meal());
      await openLog();
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(
        /^Shank gives about \d+ % here, not \d+$/,
      );
      expect(sheet()).toMatch(/from one batch here/);
      await tap(screen.getByLabelText('leave it out of the learning'));
      await waitFor(() => expect(sheet()).toMatch(/from the tables alone/));
      expect((await stored()).batches[0]?.leftOut).toBe(true);
      // Done where no meal is open it is taken back there.
      await takeBack('leaving a batch out');
      await waitFor(() => expect(sheet()).toMatch(/from one batch here/));
      expect((await stored()).batches[0]?.leftOut).toBeUndefined();
      await press('cook it again');
      await screen.findByLabelText('Plates');
      expect(sheet()).toMatch(/3\.00 kg of meat/);
      await user.clear(screen.getByLabelText('Plates'));
      await user.type(screen.getByLabelText('Plates'), '36');
      await settled();
      expect(sheet()).toMatch(/6\.00 kg of meat, was 3\.00 kg/);
      await press(/Cook again/);
      await waitFor(() => expect(location.pathname).toMatch(/meat$/));
      const id = location.pathname.split('/')[2] ?? '';
      const again = await disk.batches.where({ mealId: id }).first();
      expect(again?.batch.lots[0]?.weight.lo).toBe(6000);
      expect(again?.batch.closed).toBeUndefined();
      // What went wrong then stands in its notes.
      expect((await disk.meals.get(id))?.meal.notes).toMatch(
        /^Last time: .* less shred than the tables say\.$/,
      );
      // The next meal goes by it, and says so.
      await waitFor(() => expect(sheet()).toMatch(/Shank from one batch here/));
    });

    test('the past of a table comes in after its preview, bad rows stay out, and undo takes it out again', async () => {
      clockAt('2026-11-03T10:00:00Z');
      await openAt('keep', meal());
      await openLog();
      await press('past cooks in and out');
      const csv = [
        'Date,Meat,Raw kg,Shredded,Weather',
        '2026-03-01,beef shank,2.6,0.98 kg,rain',
        '2026-04-01,beef-blade-roast,6,2.8 kg,sun',
        '2026-05-01,unicorn,2,1,fog',
        '2026-06-01,shank,2,0.8,sun',
      ].join('\n');
      const file = new File([csv], 'cooks.csv', { type: 'text/csv' });
      // The page's own simulation has no reading of a file.
      Object.assign(file, { text: () => Promise.resolve(csv) });
      await user.upload(await screen.findByLabelText('A table of past cooks'), file);
      await screen.findByText(/which column is what/);
      await tap(screen.getByLabelText('kg'));
      await waitFor(() => expect(sheet()).toMatch(/2 rows are left out/));
      expect(sheet()).toMatch(/Line 5: “shank” may be/);
      await user.selectOptions(screen.getByLabelText('“shank” is'), 'beef-shank');
      await waitFor(() => expect(sheet()).toMatch(/1 row is left out/));
      expect(sheet()).toMatch(/Line 4: “unicorn” is no cut that is known here/);
      await press('Bring these 3 in');
      await waitFor(() => expect(sheet()).toMatch(/4 cooks/));
      expect(await disk.meals.count()).toBe(4);
      await press(/undo 3 past cooks from “cooks.csv”/);
      await waitFor(async () => expect(await disk.meals.count()).toBe(1));
    });

    test('finds by a word and by a bound, and says what it did not find', async () => {
      clockAt('2026-11-03T10:00:00Z');
      await openAt('keep', meal());
      for (const [i, name] of ['Crew lunch', 'Pie night', 'Boat day'].entries()) {
        const input = meal((0.85 + 0.03 * i) * shredG);
        const batch = { ...pot(), id: `pot-${i}` };
        await disk.meals.put({
          id: `past-${i}`,
          meal: { ...input.meal, id: `past-${i}`, name, batches: [batch.id] },
          made: i,
        });
        await disk.batches.put({ id: batch.id, mealId: `past-${i}`, batch });
        const entry = { ...input.entries[0], id: `e${i}`, batch: batch.id } as (typeof input.entries)[number];
        await disk.entries.put({ id: batch.id, mealId: `past-${i}`, entries: [entry] });
      }
      await openLog();
      await waitFor(() => expect(sheet()).toMatch(/4 cooks/));
      await user.type(screen.getByLabelText('Look for a cook'), 'pie');
      await waitFor(() => expect(screen.getByRole('heading', { level: 2, name: /Pie night/ })).toBeTruthy());
      await user.clear(screen.getByLabelText('Look for a cook'));
      await user.type(screen.getByLabelText('Look for a cook'), 'unicorn');
      await waitFor(() => expect(sheet()).toMatch(/No past cook has “unicorn” in it/));
      await user.clear(screen.getByLabelText('Look for a cook'));
      await settled();
      await press(/^Pie night, .* of it shredded/);
      await tap(screen.getByLabelText('compare it'));
      await press(/^Boat day, .* of it shredded/);
      await tap(screen.getByLabelText('compare it'));
      await waitFor(() => expect(screen.getByRole('heading', { name: 'Side by side' })).toBeTruthy());
      expect(screen.getAllByRole('columnheader')).toHaveLength(2);
    });
  });

  describe('the eye', () => {
    test('a lot is guessed by its knives and told when the paper comes off; the arrows go on by Enter', async () => {
      clockAt('2026-11-03T10:00:00Z');
      await openAt('bench', meal(0.9 * shredG, { guessG: { text: '1.5 kg', lo: 1500, hi: 1500 } }));
      expect(sheet()).toMatch(/You guessed 1\.50 kg: \d+ % too much/);
      closePage();
      await openPath('/log/eye');
      const [knife] = await screen.findAllByRole('slider');
      const before = Number(knife?.getAttribute('aria-valuenow'));
      knife?.focus();
      await user.keyboard('{ArrowRight}{Shift>}{ArrowRight}{/Shift}');
      expect(Number(screen.getAllByRole('slider')[0]?.getAttribute('aria-valuenow'))).toBe(before + 110);
      await user.keyboard('{Enter}');
      await settled();
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^You (missed|saw) .* of /);
      await user.keyboard('{Enter}');
      await settled();
      expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('What will this lot give?');
      await tap(screen.getByLabelText('a plate'));
      await press('Uncover it');
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/too (much|little)|To the gram/);
    });
  });

  describe('what if', () => {
    test('two plans stand side by side, and either is kept', async () => {
      const input = inputOf([batchOf([lotOf('beef-shank', 3000)])], [dishOf('taco', 18)]);
      await openAt('meat', input);
      await press('What if');
      await choose('Trimmed', 'close');
      await screen.findByRole('columnheader', { name: 'what if' });
      await press('Take this one');
      expect((await stored()).batches[0]?.trim).toBe('close');
      await takeBack('another plan');
      expect((await stored()).batches[0]?.trim).toBe('none');
    });
  });
});
