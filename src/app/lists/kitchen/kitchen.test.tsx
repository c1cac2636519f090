import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { screen, within } from '../../testing/dom.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  choose,
  closePage,
  emptyDisk,
  kitchenOnDisk,
  openAt,
  openPath,
  press,
  settled,
  sheet,
  takeBack,
  tap,
  user,
  write,
} from '../../testing/openApp.tsx';

describe('kitchen: kitchen', () => {
  beforeEach(emptyDisk);
  afterEach(closePage);

  const enter = async (label: string, text: string) => {
    await write(label, text);
    await user.keyboard('{Enter}');
    await settled();
  };

  describe('a vessel', () => {
    test('is measured by its width and depth, and a width that is none is said', async () => {
      await openPath('/kitchen');
      await press('Another vessel');
      await write('Name', 'The hall’s great pot');
      await write('Across, cm', 'wide');
      await user.tab();
      expect(sheet()).toContain('“wide” is not a length; write it like 28 cm, or 11 in.');
      await write('Across, cm', '40');
      await write('Deep, cm', '12 in');
      await enter('Weight, empty', '4.2 kg');
      expect(sheet()).toContain(
        '40 cm across, 30.5 cm deep inside, 38.3 l to the brim, 4.20 kg empty; on burner, oven',
      );
      expect((await kitchenOnDisk()).vessels.at(-1)).toMatchObject({
        name: 'The hall’s great pot',
        widthCm: 40,
        tareG: 4200,
      });
    });

    test('full of water it tells what it holds, if it then weighs more than empty', async () => {
      await openPath('/kitchen');
      await press('Another vessel');
      await enter('Weight, empty', '4.2 kg');
      await enter('Full of water to the brim', '3 kg');
      expect(sheet()).toContain('“3 kg” is no more than it weighs empty');
      await enter('Full of water to the brim', '40.2 kg');
      expect(sheet()).toMatch(/36\.0 l to the brim, 4\.20 kg empty/);
    });

    test('may be kept off the oven, and taken out with one undo to bring it back', async () => {
      await openPath('/kitchen');
      await press('Another vessel');
      await write('Name', 'The hall’s great pot');
      await tap(within(screen.getByRole('group', { name: 'May stand on' })).getByLabelText('oven'));
      expect(sheet()).toMatch(/to the brim; on burner/);
      // One more like it is one act, and has a name of its own.
      await press('One more like it');
      const [one, other] = (await kitchenOnDisk()).vessels.slice(-2);
      expect(other).toMatchObject({ name: 'The hall’s great pot 2', widthCm: one?.widthCm, on: one?.on });
      await takeBack('another The hall’s great pot');
      const before = (await kitchenOnDisk()).vessels.length;
      await press('Remove it');
      expect((await kitchenOnDisk()).vessels).toHaveLength(before - 1);
      await takeBack('removing The hall’s great pot');
      expect((await kitchenOnDisk()).vessels).toHaveLength(before);
    });
  });

  describe('salt, scoops and height', () => {
    test('a teaspoon of the kitchen’s own salt is weighed, within what salt can weigh', async () => {
      await openPath('/kitchen');
      await choose('The salt by the stove', 'another: weigh a teaspoon of it');
      await enter('A level teaspoon weighs', '40 g');
      expect(sheet()).toContain('“40 g” in a teaspoon is not salt; it weighs 1 to 10 g.');
      await enter('A level teaspoon weighs', '4 g');
      expect((await kitchenOnDisk()).salt?.gPerTsp).toBe(4);
    });

    test('a scoop is weighed once, and another can be had', async () => {
      await openPath('/kitchen');
      const scoops = within(screen.getByRole('list', { name: 'Scoops and ladles' }));
      const [first] = scoops.getAllByLabelText('Of shred, weighed once');
      if (!first) throw new Error('no scoop');
      await user.type(first, '82 g{Enter}');
      await settled();
      expect((await kitchenOnDisk()).scoops?.[0]).toMatchObject({ shredG: 82 });
      await takeBack('the shred in a scoop');
      expect((await kitchenOnDisk()).scoops?.[0]?.shredG).toBeUndefined();
    });

    test('high up water boils sooner; where nobody cooks it is said', async () => {
      await openPath('/kitchen');
      await write('Kitchen altitude', '1500 m');
      expect(sheet()).toMatch(/Water boils at 95 °C there/);
      await write('Kitchen altitude', '9000 m');
      await user.tab();
      expect(sheet()).toContain('“9000 m” is out of range; write -430 to 5500 m.');
    });

    test('an oven too low for a lidded pot is told of at the pot', async () => {
      const shank = inputOf([batchOf([lotOf('beef-shank', 6000)])], [dishOf('taco', 40)]);
      const kitchen = {
        ...shank.kitchen,
        heatSources: [{ id: 'oven', kind: 'oven' as const, name: 'oven', heightCm: 17 }],
      };
      await openAt('pot', { ...shank, kitchen });
      await choose('Vessel', '32 cm pot');
      expect(sheet()).toContain(
        '32 cm pot with its lid stands 20.5 cm high and the oven has 17 cm: cover it with foil in place of the lid.',
      );
    });
  });

  test('another kitchen is a road away; what stands there and who works there says so, and it all goes back in one act each', async () => {
    const input = inputOf([batchOf([lotOf('beef-blade-roast', 2600)])], [dishOf('taco', 24)]);
    await openAt('meat', { ...input, kitchen: { ...input.kitchen, hands: [{ id: 'bram', name: 'Bram' }] } });
    closePage();
    await openPath('/kitchen');
    expect(screen.queryByLabelText('Where oven stands')).toBeNull();
    await press('Another kitchen');
    await write('Name of kitchen 2', 'boat shed');
    await enter('Road to here', '20 min');
    await choose('from', '08:00');
    const id = (await kitchenOnDisk()).places?.[0]?.id;
    expect((await kitchenOnDisk()).places).toEqual([
      { id, name: 'boat shed', road: { text: '20 min', lo: 20, hi: 20 }, from: '08:00' },
    ]);
    await choose('Where oven stands', 'boat shed');
    await choose('Where fridge stands', 'boat shed');
    const kept = await kitchenOnDisk();
    expect(kept.heatSources?.find(({ name }) => name === 'oven')?.at).toBe(id);
    expect(kept.fridges?.[0]?.at).toBe(id);
    await takeBack('where a fridge stands');
    expect((await kitchenOnDisk()).fridges?.[0]?.at).toBeUndefined();
    await choose('Where oven stands', 'here');
    expect((await kitchenOnDisk()).heatSources?.find(({ name }) => name === 'oven')).not.toHaveProperty('at');
  });

  test('units are chosen once; what was typed stays as it was typed', async () => {
    await openAt('meat', inputOf([batchOf([lotOf('beef-blade-roast', 2600)])], [dishOf('taco', 24)]));
    closePage();
    await openPath('/kitchen');
    await tap(screen.getByLabelText('lb, oz, cups, fl oz'));
    closePage();
    await openPath('/meals/meal');
    const strands = screen.getByRole('navigation', { name: /^The strands/ });
    expect(strands.textContent).toMatch(/meat5\.7 lb/);
    expect(strands.textContent).toMatch(/cups/);
    expect(screen.getByLabelText<HTMLInputElement>('Weight').value).toBe('2600 g');
  });
});
