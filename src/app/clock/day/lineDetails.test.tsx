import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, screen } from '../../testing/dom.ts';
import userEvent from '@testing-library/user-event';
import { openMeal } from '@/core/model/index.ts';
import { answer } from '@/core/questions/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';

const edits = { editDay: jest.fn(), editMeal: jest.fn(), weigh: jest.fn() };
const startTimer = jest.fn();
jest.unstable_mockModule('../../data/edits.ts', () => edits);
jest.unstable_mockModule('../timers/timers.ts', () => ({ startTimer }));
const { renderWithMeal } = await import('../../testing/withMeal.tsx');
const { LineDetails } = await import('./LineDetails.tsx');

afterEach(() => {
  cleanup();
  jest.clearAllMocks();
});
const user = userEvent.setup();
const own = {
  id: 'trays',
  words: 'Fetch the trays',
  minutes: { text: '20 min', lo: 20, hi: 20 },
  when: 'any time' as const,
};
const bare = inputOf([batchOf([lotOf('beef-shank', 2000)])], [dishOf('taco', 12)]);
const input = {
  ...bare,
  meal: { ...bare.meal, serving: { local: '2026-12-05T18:00', zone: 'UTC' }, day: { tasks: [own] } },
};
const { lines } = answer('day', openMeal(input), { now: Date.UTC(2026, 11, 4, 9), tries: 0 });
const lineOf = (kind: string) => {
  const line = lines.find(({ ref }) => ref.kind === kind);
  if (!line) throw new Error(kind);
  return line;
};

describe('a task, opened', () => {
  test('says when, and that it is done is an entry of its batch', async () => {
    renderWithMeal(input, <LineDetails line={lineOf('trim')} zone="UTC" />);
    expect(screen.getByText(/^\d\d:\d\d to \d\d:\d\d$/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Done' }));
    expect(edits.weigh).toHaveBeenCalledWith(
      'meal',
      'a task that is done',
      expect.objectContaining({ batch: 'pot', measures: { what: 'done', task: 'pot|trim' } }),
    );
    expect(screen.queryByRole('button', { name: 'remove it' })).toBeNull();
  });

  test('begun, its minutes are those since; or what the cook says it took', async () => {
    const day = { ...input.meal.day, begun: { 'pot|trim': Date.now() - 25 * 60_000 } };
    renderWithMeal(
      { ...input, meal: { ...input.meal, day } },
      <LineDetails line={lineOf('trim')} zone="UTC" />,
    );
    expect(screen.queryByRole('button', { name: 'Begin now' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Done' }));
    const took = () => edits.weigh.mock.lastCall?.[2] as { value: { lo?: number } };
    expect(took().value.lo).toBeCloseTo(25, 0);
    await user.type(screen.getByLabelText('it took'), '40');
    await user.click(screen.getByRole('button', { name: 'Done' }));
    expect(took().value.lo).toBe(40);
  });

  test('not begun, it begins now at a tap, and a tick alone has no minutes', async () => {
    renderWithMeal(input, <LineDetails line={lineOf('trim')} zone="UTC" />);
    await user.click(screen.getByRole('button', { name: 'Begin now' }));
    expect(edits.editDay).toHaveBeenCalledWith('meal', 'beginning a task', expect.any(Function));
    await user.click(screen.getByRole('button', { name: 'Done' }));
    expect(edits.weigh.mock.lastCall?.[2]).toMatchObject({ value: { text: 'done' } });
  });

  test('one of the cook’s own that was timed before is answered with what it took, for a tap', async () => {
    const learned = {
      batches: 3,
      figures: [
        {
          what: 'task' as const,
          of: 'own fetch the trays',
          n: 3,
          mean: Math.log(35 / 15),
          shared: 0.05,
          own: 0.1,
        },
      ],
    };
    renderWithMeal({ ...input, learned }, <LineDetails line={lineOf('own')} zone="UTC" />);
    await user.click(screen.getByRole('button', { name: '35 min, from 3 batches here' }));
    expect(edits.editDay).toHaveBeenCalledWith(
      'meal',
      'how long a task takes',
      expect.any(Function),
      'minutes own|trays',
    );
  });

  test('a start that was dragged there beforehand is a plan: it counts no minutes', async () => {
    const planned = { ...lineOf('trim'), pinned: true, begins: Date.now() - 90 * 60_000 };
    renderWithMeal(input, <LineDetails line={planned} zone="UTC" />);
    await user.click(screen.getByRole('button', { name: 'Done' }));
    expect(edits.weigh.mock.lastCall?.[2]).toMatchObject({ value: { text: 'done' } });
  });

  test('a timer on it rings with its own words and minutes', async () => {
    const sear = lineOf('sear');
    renderWithMeal(input, <LineDetails line={sear} zone="UTC" />);
    await user.click(screen.getByRole('button', { name: /^Timer, \d+ min$/ }));
    expect(startTimer).toHaveBeenCalledWith(expect.stringMatching(/^Sear, /), sear.minutes);
  });

  test('one of the cook’s own can be taken out, and its minutes written', async () => {
    renderWithMeal(input, <LineDetails line={lineOf('own')} zone="UTC" />);
    await user.type(screen.getByLabelText('Takes here'), '9');
    expect(edits.editDay).toHaveBeenCalledWith(
      'meal',
      'how long a task takes',
      expect.any(Function),
      'minutes own|trays',
    );
    await user.click(screen.getByRole('button', { name: 'remove it' }));
    expect(edits.editMeal).toHaveBeenCalledWith('meal', 'removing a task', expect.any(Function));
  });

  test('a pot from its aromatics to its lifting has no length of its own to write', () => {
    renderWithMeal(input, <LineDetails line={lineOf('pot')} zone="UTC" />);
    expect(screen.queryByLabelText('Takes here')).toBeNull();
    expect(screen.queryByRole('button', { name: 'Begin now' })).toBeNull();
    expect(screen.queryByLabelText('it took')).toBeNull();
  });
});
