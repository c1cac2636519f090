import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { screen, within } from '../../testing/dom.ts';
import type { Batch, Phase } from '@/core/meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { clockAt, closePage, openAt, press, sheet, stored, takeBack, tap } from '../../testing/openApp.tsx';

describe('clock: heat', () => {
  beforeEach(() => clockAt('2026-12-05T09:00:00Z'));
  afterEach(() => {
    closePage();
    jest.restoreAllMocks();
  });

  const oven = (celsius: number, changes: Partial<Phase> = {}): Phase => ({
    id: 'heat2',
    heat: 'oven',
    lid: 'on',
    setting: { text: `${celsius} °C`, lo: celsius, hi: celsius },
    ...changes,
  });
  const meal = (changes: Partial<Batch>) =>
    inputOf([batchOf([lotOf('beef-blade-roast', 2000)], changes)], [dishOf('taco', 12)]);
  const cook = async () => (await stored()).batches[0]?.cook ?? [];
  const dry = {
    level: 'half way' as const,
    cook: [oven(150, { lid: 'off', minutes: { text: '4 h', lo: 240, hi: 240 } })],
  };

  describe('a pot that boils dry', () => {
    test.each(['meat', 'pot', 'clock', 'bench', 'broth'] as const)(
      'is said at %s, with its ways out',
      async (stage) => {
        await openAt(stage, meal(dry));
        expect(sheet()).toMatch(/The pot would boil dry, short by about [\d.]+ (ml|l)/);
        expect(screen.getByRole('button', { name: 'Keep the lid on' })).toBeTruthy();
        expect(screen.getByRole('button', { name: /^Pour \d\.\d l more$/ })).toBeTruthy();
      },
    );

    test('is no more once the lid is on, in the cook’s own time; one step back and it is', async () => {
      await openAt('broth', meal(dry));
      expect(sheet()).toMatch(/No broth: the pot would boil dry/);
      await press('Keep the lid on');
      expect(await cook()).toEqual([{ ...dry.cook[0], lid: 'on' }]);
      expect(sheet()).not.toMatch(/would boil dry/);
      await takeBack('the lid');
      expect(sheet()).toMatch(/would boil dry/);
    });

    test('pouring more is written as an amount that can be read back', async () => {
      await openAt('pot', meal(dry));
      await press(/^Pour \d\.\d l more$/);
      expect(sheet()).not.toMatch(/would boil dry/);
      const poured = (await stored()).batches[0]?.items?.find(({ amount }) => amount !== undefined);
      expect(poured?.measure).toBe('volume');
      expect(poured?.amount?.text).toMatch(/^\d+ ml$/);
    });
  });

  describe('the heat in the words of a kitchen', () => {
    test('a stove is kept at a bare simmer, a simmer or a boil', async () => {
      await openAt('clock', meal({ cook: [{ id: 'heat', heat: 'stove', lid: 'on' }] }));
      const kept = within(screen.getByRole('radiogroup', { name: 'It is kept at' }));
      expect(kept.getByLabelText<HTMLInputElement>('simmer').checked).toBe(true);
      await tap(kept.getByLabelText('bare simmer'));
      expect((await cook())[0]).toMatchObject({ heat: 'stove', setting: 'bare simmer' });
      // Another heat takes nothing of it along.
      await tap(screen.getByRole('radio', { name: 'slow cooker, low' }));
      expect((await cook())[0]?.setting).toBe('low');
    });

    test('smoke is dry until somebody says that a pan of water stands in it', async () => {
      await openAt('clock', meal({ cook: [oven(150)] }));
      expect(screen.queryByLabelText('over a pan of water')).toBeNull();
      await tap(screen.getByLabelText('smoked first'));
      await tap(screen.getByLabelText('over a pan of water'));
      expect((await cook())[0]).toMatchObject({ heat: 'smoker', lid: 'off', air: 'humid' });
      await tap(screen.getByLabelText('over a pan of water'));
      expect((await cook())[0]).not.toHaveProperty('air');
    });

    test('that it boils under its lid is told, with the heat that keeps it below', async () => {
      await openAt('clock', meal({ cook: [oven(175)] }));
      expect(sheet()).toMatch(
        /It boils under its lid from .* and loses \d+0 ml an hour; 1[23]\d °C keeps it below\./,
      );
      closePage();
      await openAt('clock', meal({ cook: [oven(115)] }));
      expect(sheet()).not.toMatch(/boils under its lid/);
    });
  });
});
