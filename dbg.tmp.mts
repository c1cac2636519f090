import { readFileSync } from 'node:fs';
import { openMeal } from './src/core/model/index.ts';
import { answer } from './src/core/answers/index.ts';
import { reference } from './src/reference/index.ts';
const f = JSON.parse(readFileSync('examples/lantern-supper.json', 'utf8'));
const now = Date.parse('2026-12-05T14:00:00Z');
const run = (meal: any, l: string) => {
  const o = openMeal({ meal, batches: f.batches, entries: f.entries, kitchen: f.kitchen, reference } as any);
  for (const tries of [0, 60]) {
    const d = answer('day', o, { now, tries, zone: 'Europe/Amsterdam' } as any) as any;
    console.log(
      l,
      tries,
      d.hangs,
      d.lateMin,
      new Date(d.serving).toISOString(),
      d.sittings.map((s: any) => [s.id, new Date(s.serving).toISOString(), s.lateMin]),
      d.unplaced,
      d.outside,
    );
    if (tries === 0)
      for (const x of d.lines)
        console.log(
          new Date(x.from).toISOString().slice(5, 16),
          new Date(x.to).toISOString().slice(5, 16),
          x.batch ?? '',
          x.task,
          x.does.what,
          x.hands,
        );
  }
};
run(f.meal, 'one');
run(
  {
    ...f.meal,
    sittings: [
      { id: 's2', name: 'Sunday', serving: { local: '2026-12-06T12:30', zone: 'Europe/Amsterdam' } },
    ],
    dishes: f.meal.dishes.map((d: any) => (d.id === 'pies' ? { ...d, sitting: 's2' } : d)),
  },
  'two',
);
console.log('-----paces');
import { dayOf } from './src/core/answers/heavy/day/day.ts';
for (const mean of [0, 0.1, 0.2, 0.3, 0.4])
  for (const two of [false, true]) {
    const meal = two
      ? {
          ...f.meal,
          sittings: [
            { id: 's2', name: 'Sunday', serving: { local: '2026-12-06T12:30', zone: 'Europe/Amsterdam' } },
          ],
          dishes: f.meal.dishes.map((d: any) => (d.id === 'pies' ? { ...d, sitting: 's2' } : d)),
        }
      : f.meal;
    const o = openMeal({
      meal,
      batches: f.batches,
      entries: f.entries,
      kitchen: f.kitchen,
      reference,
      learned: {
        figures: ['pull', 'skim', 'trim', 'strain', 'together', 'plates'].map((of) => ({
          what: 'task',
          of,
          mean,
          sd: 0.1,
          n: 5,
        })),
      },
    } as any);
    for (const tries of [0, 60]) {
      const d = dayOf(o, { now, tries, zone: 'Europe/Amsterdam' }) as any;
      console.log(mean, two, tries, d.hangs, d.lateMin);
    }
  }
