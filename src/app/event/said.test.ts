import { expect, test } from '@jest/globals';
import { eventOf } from '@/core/event/index.ts';
import { openMeal } from '@/core/model/index.ts';
import { eventOfTwo } from '@/core/testing/event.ts';
import { givesWords, overWords, shortName } from './said.ts';

const writes = { mass: (g: number) => `${Math.round(g)} g`, volume: (ml: number) => `${Math.round(ml)} ml` };

test('a pot is read out with all that it gives, each to its sitting, as the ledger has it', () => {
  const event = eventOf(
    openMeal(eventOfTwo({ beefG: 9000, porkG: 6000, tacos: 40, pasta: 20, pastaFrom: ['beef', 'pork'] })),
  );
  const words = givesWords(event, 'beef', writes);
  for (const { g, sitting } of event.gives.filter(({ pot }) => pot === 'beef')) {
    expect(words).toContain(`${Math.round(g)} g of shred`);
    expect(words).toContain(event.sittings.find(({ id }) => id === sitting)?.name);
  }
  expect(words).toMatch(/^beef, 9000 g raw: /);
  expect(givesWords({ ...event, gives: [] }, 'pork', writes)).toBe('pork, 6000 g raw');
});

test('what is over is told short where many pots stand side by side', () => {
  expect(overWords({ g: 300, ml: 1200 }, writes, 3)).toBe('over 300 g, 1200 ml');
  expect(overWords({ g: 300, ml: 1200 }, writes, 12)).toBe('1200 ml');
  expect(overWords({ g: 300, ml: 0 }, writes, 12)).toBe('300 g');
  expect(shortName('The big pot by the back door', 12)).toBe('The big …');
  expect(shortName('Pot one 3', 7)).toBe('Pot one 3');
});
