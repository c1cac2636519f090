import { afterEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen } from '@testing-library/react';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { closePage, openAt, press, settled, sheet, stored, write } from '../testing/openApp.tsx';

afterEach(closePage);

const meal = (plates: number) =>
  inputOf(
    [
      batchOf([lotOf('beef-brisket', 2000)], {
        cook: [{ heat: 'slow cooker', setting: 'low', lid: 'on' }],
      }),
    ],
    [dishOf('taco', plates), dishOf('pasta', 4)],
  );

describe('what each plate gets', () => {
  test('each dish has its meat and its liquid, and how sure all of them are', async () => {
    await openAt('plates', meal(8));
    const dishes = screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent);
    expect(dishes).toEqual(expect.arrayContaining(['8 soft tacos', '4 plates of pasta']));
    expect(sheet()).toMatch(/meat, each52 g/);
    expect(sheet()).toMatch(/Sure of all 12 plates/);
  });

  test('the last plate is pulled by key, and the order has one less', async () => {
    await openAt('plates', meal(8));
    const last = screen.getByRole('slider', { name: 'The last plate: plates of pasta' });
    fireEvent.keyDown(last, { key: 'ArrowLeft' });
    await settled();
    expect((await stored()).meal.dishes).toMatchObject([{}, { count: { lo: 3 } }]);
  });

  test('behind “enough” stands how often it is short', async () => {
    await openAt('plates', meal(40));
    expect(sheet()).toMatch(/Sure of \d+ plates, likely \d+/);
    await press(/ in 100/);
    expect(
      await screen.findByRole('figure', { name: /^shred: short in \d+ in 100, else left over/ }),
    ).toBeTruthy();
    expect(sheet()).toMatch(/From \d+ runs of this meal\./);
  });

  test('an order without plates asks for them here', async () => {
    await openAt(
      'plates',
      inputOf(
        [
          batchOf([lotOf('beef-brisket', 2000)], {
            cook: [{ heat: 'slow cooker', setting: 'low', lid: 'on' }],
          }),
        ],
        [dishOf('taco', 0, { count: { text: '' } })],
      ),
    );
    await write('Plates of soft tacos', '10');
    expect(sheet()).toMatch(/10 soft tacos/);
  });
});

describe('what is left', () => {
  test('is named for the whole meal, with the caution of the fridge', async () => {
    await openAt('keep', meal(8));
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('What goes to the shelf');
    expect(sheet()).toMatch(/shred, of the whole meal\d+ g/);
    expect(sheet()).toMatch(/Cool from 57 to 21 °C within two hours and to 5 °C within six in all/);
  });
});
