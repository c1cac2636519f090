import { afterEach, describe, expect, test } from '@jest/globals';
import { screen, within } from '../../testing/dom.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  closePage,
  openAt,
  press,
  sheet,
  stored,
  takeBack,
  tap,
  user,
  write,
} from '../../testing/openApp.tsx';

describe('order: order', () => {
  afterEach(closePage);

  const tacos = inputOf([batchOf([lotOf('pork-picnic', 4000)])], [dishOf('taco', 20)]);
  const dishes = async () => (await stored()).meal.dishes;
  /** The tickets, in the order of the list. */
  const tickets = () =>
    screen
      .getAllByRole('button', { name: /^Move / })
      .map((grip) => grip.closest('li'))
      .filter((row) => row !== null);
  const ticket = (place: number) => {
    const row = tickets()[place];
    if (!row) throw new Error(`no ticket ${place}`);
    return within(row);
  };

  describe('what a dish is built of', () => {
    test('corn tortillas end the warning of gluten; what goes on it is not known until its label was read', async () => {
      await openAt('order', { ...tacos, meal: { ...tacos.meal, avoid: ['gluten'] } });
      expect(tickets()[0]?.textContent).toMatch(/come with small wheat tortillas \(gluten\)/);
      // Of the pots alone it would be true, and read as if all were well.
      expect(sheet()).not.toMatch(/Nothing in the pots/);
      await press(/portions, guests/);
      await user.selectOptions(ticket(0).getByLabelText('On'), 'small corn tortillas');
      expect(await dishes()).toMatchObject([{ build: { base: 'small corn tortillas' } }]);
      expect(tickets()[0]?.textContent).not.toMatch(/come with small wheat/);
      expect(sheet()).toMatch(/Nothing in the pots or on the dishes is known to contain it/);
      await press('+ spread');
      expect(tickets()[0]?.textContent).toMatch(
        /nobody has said what spread contains, and a guest must not have gluten/,
      );
      await tap(ticket(0).getByText('what it contains is not known'));
      await tap(ticket(0).getByLabelText('none of these, by its label'));
      expect((await dishes())[0]?.besides).toMatchObject([{ name: 'spread', holds: [] }]);
      expect(tickets()[0]?.textContent).not.toMatch(/not known/);
      await takeBack('what goes on it besides');
      expect(tickets()[0]?.textContent).toMatch(
        /nobody has said what spread contains, and a guest must not have gluten/,
      );
    });
  });

  describe('tickets', () => {
    test('a second dish is added, named by what it is, sized, and taken out with one undo to bring it back', async () => {
      await openAt('order', tacos);
      await press('Another dish');
      expect(tickets()).toHaveLength(2);
      await user.selectOptions(ticket(1).getByLabelText('Dish'), 'plates of pasta');
      await user.type(ticket(1).getByLabelText('Plates'), '6');
      expect(await dishes()).toMatchObject([{ kind: 'taco' }, { kind: 'pasta', count: { lo: 6 } }]);
      expect(tickets()[1]?.textContent).toMatch(/660 g \+ 690 ml/);
      await press(/^Remove plates of pasta/);
      expect(await dishes()).toHaveLength(1);
      await takeBack('removing a dish');
      expect(await dishes()).toHaveLength(2);
    });

    test('a portion of its own counts, and one that contradicts itself is said with both figures', async () => {
      await openAt('order', tacos);
      await press(/portions, guests/);
      const meat = within(screen.getByRole('group', { name: 'meat' }));
      await user.type(meat.getByLabelText('each'), '120 g');
      expect(await dishes()).toMatchObject([{ meat: { want: { lo: 120 } } }]);
      expect(tickets()[0]?.textContent).toMatch(/2\.40 kg/);
      await user.type(meat.getByLabelText('at least'), '150 g');
      await stored();
      expect(sheet()).toContain('wanted, “120 g”, is less than the smallest, “150 g”');
      await user.clear(meat.getByLabelText('at least'));
      await user.type(meat.getByLabelText('at most'), '100 g');
      await stored();
      expect(sheet()).toContain('wanted, “120 g”, is more than the largest, “100 g”');
    });

    test('counted by guests, a small eater is half of one', async () => {
      await openAt('order', tacos);
      await press(/portions, guests/);
      await tap(screen.getByLabelText('guests'));
      await write('servings each', '2');
      const guests = within(screen.getByRole('group', { name: 'Guests' }));
      for (const [who, count] of [
        [/^usual/, '6'],
        [/^children/, '4'],
      ] as const) {
        const field = guests.getByLabelText(who);
        await user.clear(field);
        await user.type(field, count);
      }
      const [dish] = await dishes();
      expect(dish?.guests).toMatchObject({ each: { lo: 2 }, usual: { lo: 6 }, children: { lo: 4 } });
      // 2 × (6 + 4 × ½) servings.
      expect(tickets()[0]?.textContent).toMatch(/16 plates/);
    });

    test('a range of plates is said, and so are more than a meal can have', async () => {
      await openAt('order', tacos);
      await write('Plates', '20–30');
      expect(sheet()).toContain('“20–30” is a range; write one number of plates.');
      await write('Plates', '90000');
      expect(sheet()).toContain('“90000” is more plates than one meal can have; write at most 20000.');
      await write('Plates', '24');
      expect(await dishes()).toMatchObject([{ count: { text: '24', lo: 24 } }]);
    });
  });

  describe('what guests must not have, and what goes on a dish besides', () => {
    test('how many is counted; cheese is noted, warned of, and taken off again', async () => {
      await openAt('order', tacos);
      await tap(screen.getByText('Guests who must not have something'));
      await tap(screen.getByRole('checkbox', { name: /^milk/ }));
      await write('How many must not have milk', '3');
      expect((await stored()).meal.avoidFor).toEqual({ milk: 3 });
      expect(sheet()).toContain('A guest must not have milk (3)');
      await press(/^portions, guests of/);
      await press('+ cheese');
      expect(sheet()).toMatch(/come with cheese \(milk\), which a guest must not have/);
      await tap(screen.getByRole('checkbox', { name: 'guests build it' }));
      expect((await stored()).meal.dishes[0]).toMatchObject({
        built: true,
        besides: [{ name: 'cheese', holds: ['milk'] }],
      });
      await press('Remove cheese');
      expect((await stored()).meal.dishes[0]?.besides).toEqual([]);
    });
  });

  describe('the occasion', () => {
    test('the serving time and the place are kept as they were written', async () => {
      await openAt('order', tacos);
      await write('Served at', '6 Feb 2027, 6:30 pm');
      await user.tab();
      await tap(screen.getByLabelText('sent out'));
      const { meal } = await stored();
      expect(meal.serving?.local).toBe('2027-02-06T18:30');
      await takeBack('where it is served');
      expect((await stored()).meal.serving?.local).toBe('2027-02-06T18:30');
    });

    test('what a guest must not have is checked against the meat and against what is in the pot', async () => {
      await openAt('order', tacos);
      await tap(screen.getByText('Guests who must not have something'));
      await tap(screen.getByLabelText('pork'));
      expect(sheet()).toContain('Pot has pork, which a guest must not have.');
      await tap(screen.getByLabelText('pork'));
      await tap(screen.getByLabelText('celery'));
      expect(sheet()).toMatch(/Pot has stock.* \(celery\), which a guest must not have; check the label/);
      await tap(screen.getByLabelText('celery'));
      await tap(screen.getByLabelText('fish'));
      expect(sheet()).toContain('Go by the label.');
      expect((await stored()).meal.avoid).toEqual(['fish']);
    });
  });
});
