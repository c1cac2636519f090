import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen } from '../testing/dom.ts';
import { usualBatch, usualLot } from '@/core/meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';

const {
  closePage,
  disk,
  emptyDisk,
  faultsOfPage,
  openAt,
  openPath,
  press,
  save,
  saved,
  settled,
  sheet,
  stored,
  write,
} = await import('../testing/openApp.tsx');

beforeEach(async () => {
  saved.length = 0;
  await emptyDisk();
});

afterEach(closePage);

const supper = inputOf([batchOf([lotOf('beef-shank', 2000)])], [dishOf('taco', 12)]);

/** A pot as no version of the program ever wrote it. */
async function damage(): Promise<void> {
  await disk.table('batches').put({ id: 'pot', mealId: 'meal', batch: { id: 'pot', name: 'Pot', lots: 7 } });
}

describe('a damaged meal', () => {
  test('has one page that names it and saves what there is; the fault is told', async () => {
    await openAt('meat', supper);
    closePage();
    await damage();
    await openPath('/meals/meal/batches/pot/meat');
    await screen.findByRole('heading', { level: 1, name: '“Supper” cannot be drawn' });
    expect(sheet()).toContain('What is stored is as it was.');
    await save('Save it as a file');
    expect(saved[0]?.name).toBe('supper-rows.json');
    expect(JSON.parse(saved[0]?.text ?? '')).toMatchObject({
      meal: { meal: { name: 'Supper' } },
      batches: [{ batch: { lots: 7 } }],
    });
    expect(faultsOfPage()).not.toEqual([]);
  });

  test('what was just done can be undone from there, and then it is drawn again', async () => {
    await openAt('meat', supper);
    await write('Weight', '3 kg');
    closePage();
    const { acts } = disk;
    const act = await acts.orderBy('seq').last();
    await damage();
    expect(act?.words).toBe('the weight of a lot');
    await openPath('/meals/meal/batches/pot/meat');
    await press('Undo the weight of a lot');
    expect(await screen.findByRole('heading', { name: 'What the lots become' })).toBeTruthy();
    expect((await stored()).batches[0]?.lots[0]?.weight.text).toBe('2000 g');
    faultsOfPage();
  });

  test('does not keep the others from being listed, shopped for and opened', async () => {
    await openAt('meat', supper);
    closePage();
    const lot = { ...usualLot('lot'), cut: 'beef-brisket', weight: { text: '1 kg', lo: 1000, hi: 1000 } };
    await disk
      .table('meals')
      .put({ id: 'other', made: 2, meal: { ...supper.meal, id: 'other', name: 'Lunch', batches: ['b2'] } });
    await disk
      .table('batches')
      .put({ id: 'b2', mealId: 'other', batch: { ...usualBatch('b2', 'Pot'), lots: [lot] } });
    await damage();
    await disk.table('meals').put({ id: 'worse', made: 3, meal: { name: 'Worse' } });
    await openPath('/meals');
    await screen.findByRole('link', { name: 'Worse' });
    expect(sheet()).toContain('it cannot be opened');
    await screen.findByRole('link', { name: 'Lunch' });
    closePageQuietly();
    await openPath('/shopping');
    await screen.findByText('Beef brisket, whole');
    await screen.findByText(/^“Supper” cannot be read and is left out \(.+\)\.$/);
    closePageQuietly();
    await openPath('/meals/other');
    expect(await screen.findByRole('heading', { name: 'What the lots become' })).toBeTruthy();
  });
});

function closePageQuietly(): void {
  faultsOfPage();
  closePage();
}

test('what a file would not take is not done, and said', async () => {
  const pots = Array.from({ length: 50 }, (_, i) => usualBatch(`pot-${i}`, `Pot ${i}`));
  await openAt('meat', inputOf(pots, [dishOf('taco', 12)]));
  fireEvent.click(screen.getByRole('button', { name: '+ pot' }));
  await settled();
  expect(await screen.findByText('A meal holds at most 50 pots; this one more is not kept.')).toBeTruthy();
  expect((await stored()).batches).toHaveLength(50);
  await press('Close');
  expect(screen.queryByText(/at most 50 pots/)).toBeNull();
  faultsOfPage();
});
