import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { screen, within } from '../../testing/dom.ts';
import {
  closePage,
  emptyDisk,
  kitchenOnDisk,
  openPath,
  press,
  settled,
  sheet,
  takeBack,
  user,
  write,
} from '../../testing/openApp.tsx';

describe('kitchen: heat', () => {
  beforeEach(emptyDisk);
  afterEach(closePage);

  const sources = () => within(screen.getByRole('list', { name: 'What gives heat' }));
  const onDisk = async () => (await kitchenOnDisk()).heatSources ?? [];

  describe('what gives heat', () => {
    test('is the usual until somebody says otherwise; one more is one act', async () => {
      await openPath('/kitchen');
      const usual = sources().getAllByRole('listitem').length;
      expect(await onDisk()).toEqual([]);
      await press('Another burner or oven');
      expect(await onDisk()).toHaveLength(usual + 1);
      expect(sources().getAllByRole('listitem')).toHaveLength(usual + 1);
      await takeBack('another burner');
      expect(await onDisk()).toEqual([]);
    });

    test('an oven has its inner height and width, a burner has none', async () => {
      await openPath('/kitchen');
      await write('Inner height, cm', '17');
      await write('Inner width, cm', '50');
      const oven = (await onDisk()).find(({ kind }) => kind === 'oven');
      expect(oven).toMatchObject({ heightCm: 17, widthCm: 50 });
      expect(screen.getAllByLabelText('Inner height, cm')).toHaveLength(1);
      await write('Inner height, cm', 'high');
      await user.tab();
      expect(sheet()).toContain('“high” is not a length; write it like 28 cm, or 11 in.');
      expect((await onDisk()).find(({ kind }) => kind === 'oven')?.heightCm).toBe(17);
    });

    test('what is taken out comes back with undo, in its place', async () => {
      await openPath('/kitchen');
      await press('Remove large burner');
      expect((await onDisk()).map(({ name }) => name)).not.toContain('large burner');
      await takeBack('removing large burner');
      expect(sources().getByDisplayValue('large burner')).toBeTruthy();
    });

    test('a name is kept as it is written, however it is written', async () => {
      await openPath('/kitchen');
      const field = sources().getByLabelText('Name of oven');
      await user.clear(field);
      await user.type(field, 'Großer Ofen № 2 ');
      await settled();
      expect((await onDisk()).map(({ name }) => name)).toContain('Großer Ofen № 2 ');
    });
  });
});
