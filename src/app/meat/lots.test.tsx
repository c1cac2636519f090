import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, screen, within } from '../testing/dom.ts';
import userEvent from '@testing-library/user-event';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';

const edits = {
  addLot: jest.fn(),
  applyRemedy: jest.fn(),
  changeLot: jest.fn(),
  editBatch: jest.fn(),
  editDish: jest.fn(),
  editLot: jest.fn(),
  editMeal: jest.fn(),
  addDish: jest.fn(),
  removeLot: jest.fn(),
};
jest.unstable_mockModule('../data/edits.ts', () => edits);
const { renderWithMeal } = await import('../testing/withMeal.tsx');
const { default: Meat } = await import('./Meat.tsx');

afterEach(() => {
  cleanup();
  jest.clearAllMocks();
});
const user = userEvent.setup();
const lots = [lotOf('beef-shank', 2000, { id: 'shank' }), lotOf('lamb-shoulder', 1500, { id: 'lamb' })];
const meal = inputOf([batchOf(lots)], [dishOf('taco', 12)]);

describe('the lots on the board', () => {
  test('each is a row with its weight, its cut and what it becomes', () => {
    renderWithMeal(meal, <Meat />);
    expect(screen.getByRole('heading', { name: 'What the lots become' })).toBeTruthy();
    const rows = within(screen.getAllByRole('list')[0] ?? document.body).getAllByRole('listitem');
    expect(rows).toHaveLength(2);
    expect(within(rows[0] ?? document.body).getByDisplayValue('2000 g')).toBeTruthy();
    expect(screen.getByRole('img', { name: /^Beef shank, .*: shred \d+ g/ })).toBeTruthy();
  });

  test('a weight is an act of its own lot at each key, and one of them is taken out', async () => {
    renderWithMeal(meal, <Meat />);
    const [weight] = screen.getAllByLabelText('Weight');
    if (!weight) throw new Error('no weight');
    await user.type(weight, '{Backspace}kg');
    expect(edits.editLot).toHaveBeenLastCalledWith(
      'pot',
      'shank',
      'the weight of a lot',
      expect.objectContaining({ weight: expect.anything() }),
      'shank weight',
    );
    await user.click(screen.getByRole('button', { name: /^Remove Lamb/ }));
    expect(edits.removeLot).toHaveBeenCalledWith('pot', 'lamb');
  });

  test('what cannot be is said in its row, with the figure', () => {
    const heavy = inputOf([batchOf([lotOf('beef-shank', 900_000)])], [dishOf('taco', 12)]);
    renderWithMeal(heavy, <Meat />);
    expect(screen.getByText(/“900000 g” is more than one pot can braise/)).toBeTruthy();
  });

  test('an empty batch says what to write', () => {
    renderWithMeal(inputOf([batchOf([])], [dishOf('taco', 12)]), <Meat />);
    expect(screen.getByRole('heading', { name: 'What did you buy?' })).toBeTruthy();
    expect(screen.getByText(/^Write a weight and a cut/)).toBeTruthy();
  });
});
