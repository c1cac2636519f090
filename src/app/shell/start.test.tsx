import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '../testing/dom.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import {
  choose,
  closePage,
  disk,
  emptyDisk,
  openAt,
  openPath,
  press,
  settled,
  sheet,
  takeBack,
  user,
  write,
} from '../testing/openApp.tsx';

describe('shell: start', () => {
  beforeEach(emptyDisk);
  afterEach(closePage);

  const title = () => screen.getByRole('heading', { level: 1 }).textContent;
  const strands = () => screen.getByRole('navigation', { name: /^The strands/ });

  describe('an empty start', () => {
    test('is a meal to write in: three entries give the whole answer', async () => {
      await openPath('/');
      expect(title()).toBe('What did you buy?');
      await write('Weight', '2 lb 3 oz');
      await choose('Cut', 'Beef brisket, whole');
      await write('How many soft tacos', '12');
      expect(title()).toBe('What the lots become');
      expect(screen.getByRole('img', { name: /^Beef brisket, whole, 992 g: shred \d+ g/ })).toBeTruthy();
      expect(strands().textContent).toMatch(/order\d+ g\+ \d+ ml, 12 plates/);
      expect(sheet()).toMatch(/Sure of (\d+ plates|all 12 plates)/);
    });

    test('what is no cut stays in its field with the reason; what several are called is a choice, and one that is told apart narrows it', async () => {
      await openPath('/');
      await write('Weight', '2 kg');
      await choose('Cut', 'Beef brisket, whole');
      await choose('Cut', 'moon beast');
      expect(sheet()).toMatch(
        /“moon beast” is not a cut that is known here. The lot is still beef brisket, whole/,
      );
      await press('leave it as it is');
      await choose('Cut', 'shank');
      await press('Lamb foreshank, bone in');
      expect(screen.getByRole('img', { name: /^Lamb foreshank/ })).toBeTruthy();
      await choose('Cut', 'chuck roast');
      expect(screen.getByRole('img', { name: /^Beef chuck roast, not said which, 2.00 kg/ })).toBeTruthy();
      await press('a round bone');
      expect(screen.getByRole('img', { name: /^Beef arm pot roast/ })).toBeTruthy();
      expect(screen.queryByText('Which is it?')).toBeNull();
    });

    test('six of what is small are people or pieces: asked once, and remembered', async () => {
      await openPath('/');
      await write('Weight', '2 kg');
      await choose('Cut', 'Beef brisket, whole');
      await write('How many soft tacos', '6');
      await press('6 people, 3 each: 18 soft tacos');
      expect(strands().textContent).toMatch(/18 plates/);
      expect(sheet()).toMatch(/people,.*each: 18 soft tacos/);
      await write('servings each', '4');
      expect(strands().textContent).toMatch(/24 plates/);
      await takeBack('the servings of a guest');
      await takeBack('for so many people');
      await press('6 soft tacos in all');
      expect(strands().textContent).toMatch(/6 plates/);
      await write('How many soft tacos', '8');
      expect(screen.queryByRole('button', { name: /people/ })).toBeNull();
    });

    test('nobody made it, so there is nothing to take back; the first entry is the first act', async () => {
      await openPath('/');
      expect(screen.queryByRole('button', { name: /^undo/ })).toBeNull();
      await write('Weight', '2 kg');
      expect(await screen.findByRole('button', { name: 'undo the weight of a lot' })).toBeTruthy();
      expect(await disk.acts.count()).toBe(1);
    });

    test('opened again it is the same meal, and “+ meal” begins another', async () => {
      await openPath('/');
      await write('Weight', '2 kg');
      closePage();
      await openPath('/');
      expect(screen.getByLabelText<HTMLInputElement>('Weight').value).toBe('2 kg');
      await press('+ meal');
      // It is made on the disk first, and then gone to.
      await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Weight').value).toBe(''));
      expect(await disk.meals.count()).toBe(2);
    });

    test('every station says what it wants before there is anything', async () => {
      await openPath('/');
      for (const stage of ['order', 'pot', 'clock', 'bench', 'broth', 'plates', 'keep']) {
        const link = within(strands()).getByRole('link', { name: new RegExp(`^${stage}`) });
        await user.click(link);
        await settled();
        expect(location.pathname).toMatch(new RegExp(`/${stage}$`));
        expect(title()).not.toBe('');
        expect(sheet()).not.toMatch(/NaN|undefined|Infinity/);
      }
    });
  });

  describe('the strands in words', () => {
    const meal = inputOf([batchOf([lotOf('beef-blade-roast', 2600)])], [dishOf('taco', 24)]);

    test('tell each part with its grams, and which was weighed', async () => {
      await openAt('meat', { ...meal, entries: [weighedEntry({ what: 'sum', flow: 'bone' }, 360)] });
      await press('as a table');
      const dialog = within(await screen.findByRole('dialog'));
      const bones = dialog.getAllByRole('row').find(({ textContent }) => /^bones?/.test(textContent));
      expect(bones?.textContent).toMatch(/360 g/);
      for (const row of dialog.getAllByRole('row')) expect(row.textContent).not.toMatch(/NaN|undefined/);
      await user.keyboard('{Escape}');
    });

    test('are drawn with a name for every ribbon', async () => {
      await openAt('meat', meal);
      const drawing = within(await screen.findByRole('group', { name: 'The strands, to scale' }));
      const ribbons = drawing.getAllByRole('img');
      expect(ribbons.length).toBeGreaterThan(6);
      for (const ribbon of ribbons) expect(ribbon.getAttribute('aria-label')).toMatch(/\d/);
    });
  });

  describe('a first run', () => {
    test('the example of the placeholders is drawn until the first key, and a supper is one link away', async () => {
      await openPath('/');
      await waitFor(() => expect(strands().textContent).toContain('an example: 2.4 kg, blade, 24 tacos'));
      expect(document.body.textContent).toContain('2.40 kg');
      await write('Weight', '3');
      expect(strands().textContent).not.toContain('an example');
      await write('Weight', '');
      await press('a made-up lantern supper');
      await waitFor(() => expect(screen.getAllByText(/Pot two/).length).toBeGreaterThan(0));
    });
  });
});
