import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { screen, within } from '../../testing/dom.ts';
import type { Batch } from '@/core/meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  choose,
  clockAt,
  closePage,
  openAt,
  press,
  settled,
  sheet,
  stored,
  takeBack,
  tap,
  user,
  write,
} from '../../testing/openApp.tsx';

/** A Saturday morning in the kitchen. */
const NINE = '2026-12-05T09:00:00Z';
describe('clock: clock', () => {
  beforeEach(() => clockAt(NINE));
  afterEach(() => {
    closePage();
    jest.restoreAllMocks();
  });

  const blade = [lotOf('beef-blade-roast', 2000)];
  function meal(serving?: string, changes: Partial<Batch> = {}, lots = blade) {
    const input = inputOf([batchOf(lots, changes)], [dishOf('taco', 22)]);
    if (serving === undefined) return input;
    return { ...input, meal: { ...input.meal, serving: { local: `2026-12-05T${serving}`, zone: 'UTC' } } };
  }
  const title = () => screen.getByRole('heading', { level: 1 }).textContent;
  const minutesIn = (text: string | null | undefined) => {
    const [, hours = NaN, rest = NaN] = /(\d\d):(\d\d)/.exec(text ?? '') ?? [];
    return 60 * Number(hours) + Number(rest);
  };
  const line = (words: RegExp) =>
    within(screen.getByRole('list', { name: 'The day, in order' })).queryByRole('button', { name: words });
  const at = (words: RegExp) => minutesIn(line(words)?.textContent);
  const batch = async () => {
    const [first] = (await stored()).batches;
    if (!first) throw new Error('no batch');
    return first;
  };

  describe('the serving', () => {
    test('without a time all runs from now; with one the day hangs from it', async () => {
      await openAt('clock', meal());
      expect(title()).toMatch(/^Start now, test at 1[123]:\d\d$/);
      expect(sheet()).toMatch(/No serving time is written: begun now, it is served at \d\d:\d\d\./);
      closePage();
      await openAt('clock', meal('18:00'));
      expect(title()).toMatch(/^Start at \d\d:\d\d, test at 1[456]:\d\d$/);
      const start = minutesIn(title());
      closePage();
      await openAt('clock', meal('18:30'));
      expect(minutesIn(title())).toBe(start + 30);
    });

    test('too near it is said with the plan that works, and one press takes that', async () => {
      await openAt('clock', meal('12:00'));
      expect(sheet()).toMatch(/12:00 is too soon: start now, serve at 1[345]:\d\d, \d.* late\./);
      await press(/^Serve at 1[345]:/);
      expect(sheet()).not.toMatch(/is too soon/);
      expect((await stored()).meal.serving?.local).toMatch(/^2026-12-05T1[345]:/);
      await takeBack('the serving time');
      expect((await stored()).meal.serving?.local).toBe('2026-12-05T12:00');
    });

    test('surer, it begins sooner; with more hands later; and who works stays with the meal', async () => {
      await openAt('clock', meal('18:00'));
      const usual = minutesIn(title());
      await press('crew and timing');
      await tap(screen.getByLabelText('95 in 100'));
      const surer = minutesIn(title());
      expect(surer).toBeLessThan(usual);
      await choose('Cooks', '3');
      expect(minutesIn(title())).toBeGreaterThan(surer);
      expect((await stored()).meal.day).toMatchObject({ chance: 0.95, hands: 3 });
    });
  });

  describe('heat and lid', () => {
    test('a heat that never gets it tender is said, with the heat that would', async () => {
      await openAt('clock', meal('18:00'));
      await write('Oven at', '54 °C');
      expect(title()).toBe('No time is known for this');
      expect(sheet()).toMatch(/unlikely to be tender in 72 h at “54 °C”/);
      await press(/^Set the oven to \d+ °C$/);
      expect(title()).toMatch(/^Start/);
      await takeBack('the heat of the oven');
      expect((await batch()).cook[0]?.setting).toMatchObject({ text: '54 °C' });
    });

    test('a time that is written is kept, whatever is usual', async () => {
      await openAt('clock', meal('18:00'));
      await write('Time, if you know it', '1 h');
      expect((await batch()).cook[0]).toMatchObject({ minutes: { text: '1 h', lo: 60 } });
    });

    test('smoked first, there is a fire to light, and it all takes longer', async () => {
      await openAt('clock', meal('20:00'));
      const before = minutesIn(title());
      await tap(screen.getByLabelText('smoked first'));
      expect(line(/Light the fire/)).toBeTruthy();
      expect(minutesIn(title())).toBeLessThan(before);
      await takeBack('smoking it first');
      expect(line(/Light the fire/)).toBeNull();
    });

    test('the last minutes with the lid ajar are a phase, leave less liquid, and can be taken out', async () => {
      await openAt('clock', meal('18:00'));
      const broth = () =>
        screen.getByRole('navigation', { name: /^The strands/ }).querySelector('a[href$="/broth"]')
          ?.textContent;
      const before = broth();
      await press('heat and lid');
      await press('+ the last minutes with the lid ajar');
      expect((await batch()).cook).toHaveLength(2);
      expect(broth()).not.toBe(before);
      expect(line(/Lid ajar/)).toBeTruthy();
      await press('Remove this phase');
      expect(broth()).toBe(before);
    });

    test('a liquid that is wanted is solved for, and what no lid can do is said', async () => {
      await openAt('clock', meal('18:00'));
      await press('heat and lid');
      await write('To end with', '700 ml');
      await tap(within(screen.getByRole('radiogroup', { name: 'How' })).getByLabelText('lid off'));
      expect(sheet()).toMatch(/off for the last \d[^:]*: (69|70|71)\d ml/);
      await write('To end with', '9 l');
      expect(sheet()).toMatch(/729 ml with the lid left alone: pour 9\.\d l more\./);
      await write('To end with', '10 ml');
      expect(sheet()).toMatch(/With less than [^:]* it would boil dry: boil it down at the end/);
    });
  });

  describe('a written time', () => {
    test('stands, with the chance that it gives beside it, and the time that would do is one tap', async () => {
      await openAt('clock', meal('18:00'));
      await write('Time, if you know it', '1 h');
      expect(sheet()).toMatch(/After 1 h 00, as you wrote, all is tender 0 in 100; 90 in 100 after 3 h \d\d/);
      const strands = screen.getByRole('navigation', { name: /^The strands/ }).textContent;
      expect(strands).toMatch(/clock1 h 00tender 0 in 100/);
      const stove = () => screen.getByRole('list', { name: 'The stove' }).textContent;
      // A fork decides, unless the cook says that the clock does.
      expect(stove()).toMatch(/test after 1 h 00/);
      expect(sheet()).toMatch(/If it is not, it goes on: as likely as not \d h \d\d more/);
      await tap(screen.getByRole('radio', { name: 'out then, tender or not' }));
      expect(stove()).toMatch(/lift it after 1 h 00/);
      expect(sheet()).toMatch(/It comes out then: what is not tender is chopped, sliced or put back/);
      expect((await batch()).cook[0]?.out).toBe('then');
      await takeBack('how the time ends');
      expect(stove()).toMatch(/test after 1 h 00/);
      await press(/^take 3 h/);
      expect((await batch()).cook[0]?.minutes?.lo).toBeGreaterThan(180);
      await takeBack('the time');
      expect((await batch()).cook[0]?.minutes).toMatchObject({ text: '1 h' });
    });
  });

  describe('tasks of one’s own', () => {
    test('one is put into the day, moved to its minute, let go again, and taken out', async () => {
      await openAt('clock', meal('18:00'));
      await press('more tasks');
      await press('+ toast the rolls');
      expect(line(/Toast the rolls/)).toBeTruthy();
      await write('Task', 'Fetch the trays');
      await write('takes', 'half an hour or so');
      expect(screen.getByRole('button', { name: 'Put it into the day' })).toHaveProperty('disabled', true);
      await write('takes', '20 min');
      await choose('due', 'before the pot');
      await press('Put it into the day');
      expect(at(/Fetch the trays/)).toBeLessThan(at(/Soften onion/));
      const fetch = line(/Fetch the trays/);
      if (!fetch) throw new Error('no such task');
      await tap(fetch);
      await write('Starts', '10 am');
      await user.tab();
      await settled();
      expect(at(/Fetch the trays/)).toBe(600);
      await write('Takes here', '40 min');
      expect(sheet()).toContain('10:00 to 10:40');
      await press('time it for me');
      expect(at(/Fetch the trays/)).not.toBe(600);
      await press('remove it');
      expect(line(/Fetch the trays/)).toBeNull();
      expect((await stored()).meal.day?.tasks).toHaveLength(1);
    });

    test('done, it is no longer in the day; undone it is again', async () => {
      await openAt('clock', meal('18:00'));
      const trim = line(/Trim, cut and salt/);
      if (!trim) throw new Error('nothing to trim');
      await tap(trim);
      await press('Done');
      expect(line(/Trim, cut and salt/)).toBeNull();
      await takeBack('a task that is done');
      expect(line(/Trim, cut and salt/)).toBeTruthy();
    });
  });

  describe('a fork in the meat', () => {
    const onHeat = { lidOn: Date.parse('2026-12-05T09:00:00Z') };

    test('one new answer takes the place of the old, which is told as old until then', async () => {
      clockAt('2026-12-05T12:40:00Z');
      await openAt('clock', meal('13:30', onHeat));
      const told: string[] = [];
      // Whatever a cook could read of the day, in the order in which it stood there.
      const read = () => {
        const isOld = screen.getByRole('heading', { level: 1 }).hasAttribute('data-old');
        const grey = isOld ? 'old ' : '';
        const now =
          grey + [title(), screen.queryByText(/Serving (moves to|stays at)/)?.textContent].join(' ');
        if (told.at(-1) !== now) told.push(now);
      };
      const watch = new MutationObserver(read);
      watch.observe(document.body, { subtree: true, childList: true, characterData: true });
      await press('resists');
      watch.disconnect();
      const fresh = told.filter((one) => !one.startsWith('old '));
      expect(fresh.filter((one) => /Serving/.test(one))).toHaveLength(1);
      expect(fresh.at(-1)).toMatch(/Serving moves to 1[456]:\d\d/);
      // The bench's card and the stove tell the same look as the title.
      const [, look] = /(1\d:\d\d)/.exec(title()) ?? [];
      expect(screen.getByRole('list', { name: 'The stove' }).textContent).toContain(`test at ${look}`);
      // It is good once it is tender, by the clock.
      expect(/Good.{0,120}/.exec(sheet())?.[0]).toMatch(
        /Good from 1\d:\d\d–1\d:\d\d until 1\d:\d\d–[12]\d:\d\d, left on the heat/,
      );
    });

    test('“resists” asks to look again later; “turns freely” says to lift it', async () => {
      clockAt('2026-12-05T12:00:00Z');
      await openAt('clock', meal('15:00', onHeat));
      const before = at(/Test(?! again)/);
      await press('resists');
      expect(sheet()).toMatch(/Not yet: test again at 1[23]:\d\d\./);
      expect(at(/Test(?! again)/)).toBeGreaterThan(Math.max(720, Number.isNaN(before) ? 0 : before) - 1);
      closePage();
      const { entries, batches, meal: same, kitchen } = await stored();
      clockAt('2026-12-05T13:30:00Z');
      await openAt('clock', { meal: same, batches, entries, kitchen });
      // By key: the third of the answers.
      await user.keyboard('3');
      await settled();
      expect(sheet()).toMatch(/Tender: lift it out\./);
      expect((await stored()).entries.map(({ measures }) => measures)).toMatchObject([
        { what: 'check', feel: 'resists' },
        { what: 'check', feel: 'turns freely' },
      ]);
    });

    test('one that contradicts is asked about, and either answer is taken', async () => {
      clockAt('2026-12-05T12:10:00Z');
      await openAt('clock', meal('15:00', onHeat));
      await press('turns freely');
      clockAt('2026-12-05T12:40:00Z');
      closePage();
      const { entries, batches, meal: same, kitchen } = await stored();
      await openAt('clock', { meal: same, batches, entries, kitchen });
      await press('resists');
      const doubt = screen.getByRole('alertdialog', { name: 'Two fork tests disagree' });
      expect(doubt.textContent).toContain('12:10: turns freely. Now: resists.');
      await press('Keep both');
      expect(screen.queryByRole('alertdialog')).toBeNull();
      expect((await stored()).entries).toHaveLength(2);
    });
  });

  test('what lies too high above the scale is read in the pot: a depth is an entry, a word is none', async () => {
    await openAt('clock', meal('18:00', { lidOn: Date.parse('2026-12-05T08:00:00Z') }));
    const field = screen.getByLabelText(/^Too heavy\? Spoon wet/);
    await user.type(field, 'deep{Enter}');
    expect(sheet()).toContain('“deep” is not a length; write it like 28 cm, or 11 in.');
    await user.clear(field);
    await user.type(field, '7 cm{Enter}');
    expect((await stored()).entries).toMatchObject([{ measures: { what: 'stock' }, measure: 'depth' }]);
  });

  test('each lot has its time: what is tender first is told, and the slowest makes the day', async () => {
    const lots = [lotOf('beef-shank', 2000), lotOf('lamb-shoulder', 1000)];
    await openAt('clock', meal('18:00', {}, lots));
    const order = within(screen.getByRole('list', { name: 'Which is tender first' })).getAllByRole(
      'listitem',
    );
    expect(order[0]?.textContent).toMatch(/^Lift out firstLamb shoulder/);
    expect(order.at(-1)?.textContent).toMatch(/^LastBeef shank/);
  });

  test('service is now: the plates there are, and chopping takes the pot off', async () => {
    clockAt('2026-12-05T12:00:00Z');
    await openAt('clock', meal('15:00', { lidOn: Date.parse('2026-12-05T09:00:00Z') }));
    await press('serve now');
    expect(title()).toMatch(/^\d+ of 22 plates now$/);
    await press('back to the day');
    expect(title()).not.toMatch(/plates now/);
  });
});
