import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor, within } from '../../../testing/dom.ts';
import { type Batch, standingEntries } from '@/core/meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { leaveScale, scaleNow, standIn } from '../../../browser/scale.ts';
import {
  clockAt,
  closePage,
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
} from '../../../testing/openApp.tsx';

const LID = Date.parse('2026-12-05T09:00:00Z');
describe('task: task', () => {
  beforeEach(() => clockAt('2026-12-05T14:00:00Z'));
  afterEach(() => {
    leaveScale();
    closePage();
    jest.restoreAllMocks();
  });

  /** A shank in three pieces that a fork has found tender. */
  async function openBench(changes: Partial<Batch> = {}) {
    const lot = lotOf('beef-shank', 3000, { pieces: { count: { text: '3', lo: 3, hi: 3 }.lo } });
    const input = inputOf([batchOf([lot], { lidOn: LID, ...changes })], [dishOf('taco', 20)]);
    await openAt('bench', {
      ...input,
      meal: { ...input.meal, serving: { local: '2026-12-05T18:00', zone: 'UTC' } },
      entries: [
        {
          id: 'fork',
          at: Date.parse('2026-12-05T13:50:00Z'),
          batch: 'pot',
          measures: { what: 'check', feel: 'turns freely' },
          value: { text: 'turns freely' },
          measure: 'feel',
          source: 'typed',
        },
      ],
    });
    await tap(screen.getByRole('link', { name: 'One thing at a time' }));
    await screen.findByRole('navigation', { name: 'Before and after' });
  }
  const titled = (words: string) =>
    waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toBe(words));
  const strip = () => within(screen.getByRole('navigation', { name: 'Before and after' }));
  const on = () => tap(strip().getAllByRole('button')[1] ?? document.body);
  const weighed = async (flow: string) =>
    standingEntries((await stored()).entries).find(
      ({ measures }) => measures.what === 'sum' && measures.flow === flow,
    );

  describe('one thing at a time', () => {
    test('what is due stands alone, and each half of the strip goes on and back', async () => {
      await openBench();
      await titled('Lift out the meat');
      await on();
      await titled('Cool until you can touch it');
      expect((await stored()).entries.map(({ measures }) => measures)).toContainEqual({
        what: 'done',
        task: 'pot|pot',
      });
      await user.keyboard('{ArrowLeft}');
      await titled('Lift out the meat');
      await user.keyboard('{ArrowRight}');
      await titled('Cool until you can touch it');
      await on();
      await titled('Take the bones out');
    });

    test('a weighing is typed, kept where it was when the page comes back, corrected and undone', async () => {
      await openBench();
      await press('Type the weight');
      await write('cooked meat, by weight', '2.1 kg');
      await user.keyboard('{Enter}');
      await waitFor(async () => expect((await weighed('cooked'))?.value?.lo).toBe(2100));
      expect(sheet()).toMatch(/2\.10kg.*Kept 14:00/);
      const { pathname, search } = location;
      closePage();
      await openPath(pathname + search);
      await titled('Lift out the meat');
      expect(sheet()).toMatch(/Kept 14:00/);
      await press('Another bowl');
      await press('Type the weight');
      await write('cooked meat, by weight', '60 g');
      await user.keyboard('{Enter}');
      await waitFor(async () =>
        expect((await weighed('cooked'))?.value).toEqual({ text: '2.1 kg + 60 g', lo: 2160, hi: 2160 }),
      );
      await takeBack('the weight of the cooked meat');
      expect((await weighed('cooked'))?.value?.lo).toBe(2100);
    });

    test('what can hardly be is asked about once, and then believed', async () => {
      await openBench();
      await press('Type the weight');
      await write('cooked meat, by weight', '8.2 kg');
      await user.keyboard('{Enter}');
      const asked = await screen.findByRole('alertdialog');
      expect(asked.textContent).toMatch(/^8\.20 kg of cooked meat, where there was 3\.00 kg in all\?/);
      expect(await weighed('cooked')).toBeUndefined();
      await press('No, again');
      await write('cooked meat, by weight', '8.2 kg');
      await user.keyboard('{Enter}');
      await press('Yes, it is');
      expect((await weighed('cooked'))?.value?.lo).toBe(8200);
    });

    test('bones are found by a tap, and the missing one is named', async () => {
      await openBench();
      await on();
      await on();
      await press('bones of beef shank: one found');
      await press('bones of beef shank: one found');
      await titled('One bone still to find');
      await press('bones of beef shank 2: take it back');
      await titled('Two bones still to find');
      const standing = standingEntries((await stored()).entries);
      expect(standing.find(({ measures }) => measures.what === 'back')?.value?.text).toBe('1');
    });

    test('a note comes up at its step again, with the same cut', async () => {
      await openBench();
      await press('a note for next time');
      await user.type(screen.getByLabelText('For next time'), 'lift it with the slotted spoon');
      await press('Note it');
      expect(sheet()).toContain('Noted before: lift it with the slotted spoon');
      await on();
      await titled('Cool until you can touch it');
      expect(sheet()).not.toContain('Noted before');
      const { lessons } = (await stored()).kitchen;
      expect(lessons).toMatchObject([{ step: 'lift', cut: 'beef-shank', heat: 'oven' }]);
    });

    test('a mouthful is said in a tap, is off the plates, and can be taken back', async () => {
      await openBench({ after: [{ id: 'p', what: 'pull' }] });
      await titled('Pull the meat with two forks');
      await press('Eaten');
      await press(/^a handful, about 60 g$/);
      expect(sheet()).toContain('Eaten: a handful, 60 g');
      const eaten = async () =>
        standingEntries((await stored()).entries).find(
          ({ measures }) => 'flow' in measures && measures.flow === 'eaten',
        );
      expect(await eaten()).toMatchObject({ measures: { what: 'sum' }, value: { lo: 60 } });
      await press('take it back');
      expect(await eaten()).toBeUndefined();
    });

    test('what is too tough goes back and says when it is tender again', async () => {
      await openBench({ after: [{ id: 'p', what: 'pull' }] });
      await press('some is too tough and goes back');
      await press('Type the weight');
      await user.type(screen.getByLabelText('meat that goes back, by weight'), '300 g{Enter}');
      await settled();
      expect(sheet()).toMatch(/Tender again about \d\d:\d\d, between/);
      await press('weigh the shred');
      expect(sheet()).toContain('300 g went back.');
    });

    test('a note may offer a choice, which is taken in a tap', async () => {
      await openBench({ after: [{ id: 'p', what: 'pull' }] });
      await press('a note for next time');
      await user.type(screen.getByLabelText('For next time'), 'quicker so');
      await user.selectOptions(screen.getByLabelText('next time with'), 'cooled hands');
      await press('Note it');
      await press('Use cooled hands');
      await titled('Pull the meat with cooled hands');
      expect(screen.queryByRole('button', { name: 'Use cooled hands' })).toBeNull();
    });

    test('pulled in its pot with a masher, there is nothing to lift', async () => {
      await openBench({
        after: [
          { id: 'p', what: 'pull', tool: 'masher' },
          { id: 's', what: 'skim' },
        ],
      });
      await titled('Pull the meat with a masher');
      await on();
      await titled('Spoon off the fat');
    });
  });

  describe('the stand-in scale', () => {
    test('settles, is kept in a tap, and each bone that is dropped is counted', async () => {
      // The scale's unrest is the same each time.
      let unrest = 1;
      jest
        .spyOn(Math, 'random')
        .mockImplementation(() => (unrest = (unrest * 16807) % 2147483647) / 2147483647);
      await openBench();
      // Its own time runs on under it.
      let now = Date.parse('2026-12-05T14:00:00Z');
      // What listens later is told later: once this has heard, the page has.
      const heard = () =>
        new Promise<void>((resolve) => {
          const leave = standIn.now()?.listen(() => {
            leave?.();
            resolve();
          });
        });
      const wait = async (seconds: number) => {
        for (let i = 0; i < seconds * 4; i += 1) {
          now += 250;
          clockAt(new Date(now).toISOString());
          await heard();
        }
      };
      await press('Stand-in scale');
      const counter = standIn.now();
      expect(counter?.where).toBe('here');
      counter?.obey({ do: 'put', grams: 2050 });
      await wait(4);
      await press(/^Keep 2\.05 kg of cooked meat$/);
      const kept = await weighed('cooked');
      expect(Math.abs((kept?.value?.lo ?? NaN) - 2050)).toBeLessThanOrEqual(3);
      expect(kept?.source).toBe('scale');
      counter?.obey({ do: 'clear' });
      await on();
      await on();
      await wait(5);
      counter?.obey({ do: 'put', grams: 320 });
      await wait(3);
      await titled('Two bones still to find');
      counter?.obey({ do: 'cut the link' });
      await wait(0.5);
      expect(scaleNow.now().link).toBe('lost');
      expect(sheet()).toContain('No signal from the scale');
      counter?.obey({ do: 'mend the link' });
      await wait(3);
      expect(sheet()).toContain('Steady. Keep it');
    }, 60_000);
  });
});
