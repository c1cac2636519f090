import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { eventOf } from '@/core/event/index.ts';
import { openMeal } from '@/core/model/index.ts';
import { eventOfTwo } from '@/core/testing/event.ts';
import { runs } from '@/core/testing/runs.ts';
import { layoutOf, WIDTH } from './layout.ts';

const HOUR = 3_600_000;
const start = Date.parse('2026-12-04T07:00:00Z');

test('one scale: a slot is as wide as what comes, the missing piece as what lacks, and nothing leaves the drawing', () => {
  fc.assert(
    fc.property(
      fc.record({
        beefG: fc.integer({ min: 2000, max: 40_000 }),
        porkG: fc.integer({ min: 2000, max: 40_000 }),
        tacos: fc.integer({ min: 10, max: 300 }),
        pasta: fc.integer({ min: 10, max: 200 }),
        pastaFrom: fc.subarray(['beef', 'pork'], { minLength: 1 }),
      }),
      (any) => {
        const event = eventOf(openMeal(eventOfTwo(any)));
        const times = new Map(
          event.pots.map(({ id }, i) => [id, { from: start + i * 5 * HOUR, to: start + (i + 1) * 6 * HOUR }]),
        );
        const { tables, columns, height, yOf } = layoutOf(event, times, (at) => new Date(at).getUTCHours());
        const scales: number[] = [];
        for (const [i, sitting] of event.sittings.entries()) {
          const slots = tables[i]?.slots ?? [];
          for (const { x, y, w, h } of slots) {
            expect(x).toBeGreaterThanOrEqual(0);
            expect(x + w).toBeLessThanOrEqual(WIDTH + 7);
            expect(y + h).toBeLessThanOrEqual(height);
          }
          for (const gift of event.gives.filter((one) => one.sitting === sitting.id)) {
            const slot = slots.find(({ key }) => key === `${sitting.id} ${gift.pot} g`);
            if (gift.g > 100 && slot) scales.push(slot.w / gift.g);
          }
          expect(slots.some(({ what }) => what === 'missing')).toBe(sitting.lacks.g + sitting.lacks.ml > 0);
        }
        for (const scale of scales) expect(scale).toBeCloseTo(scales[0] ?? scale, 9);
        // Later lies lower, and a sitting under the pots that it draws on.
        expect(yOf(start + 30 * HOUR)).toBeGreaterThan(yOf(start + 3 * HOUR));
        expect((tables[1]?.y ?? 0) - (tables[0]?.y ?? 0)).toBeGreaterThan(40);
        for (const { y } of tables) expect(y).toBeGreaterThan(Math.min(...columns.map((one) => one.y)));
      },
    ),
    { numRuns: runs(100, 20) },
  );
});
