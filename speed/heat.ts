/** Heat into the middle of a piece: ours against the explicit scheme of the textbooks, at the same accuracy. */
import { coreTemperature, readinessOf, referencePot } from '../src/core/tender/index.ts';
import { median, say } from './measure.ts';

const ALPHA = 1.45e-7;
const SIDES = [6.5, 6.5, 6.5] as const;
const START = 5;
const HOURS = 6;
const STEP = 4;
const surfaceAt = (minutes: number) => 95 - 70 * Math.exp(-minutes / 18);

/** Forward in time, centred in space, on n × n × n nodes: the middle at every step, °C. */
function explicit(n: number): Float64Array {
  const dx = SIDES[0] / 100 / (n - 1);
  const dt = (0.16 * dx * dx) / ALPHA;
  const every = STEP * 60;
  const middle = new Float64Array((HOURS * 60) / STEP + 1);
  const at = (i: number, j: number, k: number) => (i * n + j) * n + k;
  let now = new Float64Array(n ** 3).fill(START);
  let next = new Float64Array(n ** 3);
  const mid = at((n - 1) / 2, (n - 1) / 2, (n - 1) / 2);
  middle[0] = START;
  let told = 1;
  for (let t = 0; told < middle.length; t += dt) {
    next.fill(surfaceAt((t + dt) / 60));
    for (let i = 1; i < n - 1; i += 1)
      for (let j = 1; j < n - 1; j += 1)
        for (let k = 1; k < n - 1; k += 1) {
          const here = at(i, j, k);
          const self = now[here] ?? 0;
          const around =
            (now[here - 1] ?? 0) +
            (now[here + 1] ?? 0) +
            (now[here - n] ?? 0) +
            (now[here + n] ?? 0) +
            (now[here - n * n] ?? 0) +
            (now[here + n * n] ?? 0);
          next[here] = self + 0.16 * (around - 6 * self);
        }
    [now, next] = [next, now];
    while (told < middle.length && t + dt >= told * every) {
      // Between two of its own steps it is read off on the line between them.
      const part = (told * every - t) / dt;
      middle[told] = (next[mid] ?? 0) * (1 - part) + (now[mid] ?? 0) * part;
      told += 1;
    }
  }
  return middle;
}

const ours = () => {
  const surface = Float64Array.from({ length: (HOURS * 60) / STEP + 1 }, (_, i) => surfaceAt(i * STEP));
  return coreTemperature({ sides: SIDES, diffusivity: ALPHA }, surface, START, STEP);
};
/** Far from the truth by so much at most, once the middle has begun to move, K. */
const off = (found: Float64Array, truth: Float64Array) =>
  found.reduce((most, t, i) => (i < 5 ? most : Math.max(most, Math.abs(t - (truth[i] ?? 0)))), 0);
const timed = (what: () => unknown) => {
  for (let i = 0; i < 20; i += 1) what();
  return median(
    Array.from({ length: 31 }, () => {
      const began = performance.now();
      what();
      return performance.now() - began;
    }),
  );
};

/** When four lots in one pot are tender, none of them seen before: heat, odds, and 400 draws of their last. */
function readiness(run: number): number {
  const lots = [5, 6.5, 8, 10].map((cm, i) => ({
    id: String(i),
    piece: {
      sides: [cm + run / 100, cm, cm] as const,
      flesh: { water: 0.643, protein: 0.177, fat: 0.173, ash: 0.009 },
      start: 25,
      toughness: 1 + i / 10,
    },
    seen: i === 0 ? [{ minutes: 120, feel: 'resists' as const, big: false }] : [],
  }));
  const cook = [
    { id: 'heat', heat: 'oven' as const, lid: 'on' as const, setting: { text: '', lo: 160, hi: 160 } },
  ];
  const ready = readinessOf(cook, lots, referencePot, 0);
  if (typeof ready !== 'object' || 'never' in ready) throw new Error('not ready');
  const normal = new Float64Array(400).map((_, d) => Math.sin(d));
  return ready.odds.drawn(
    normal,
    lots.map(() => normal),
  ).length;
}

export function measureHeat(): void {
  let run = 0;
  say(
    'readiness of four lots in one pot, heat and all, 400 draws',
    timed(() => readiness((run += 1))),
    'ms',
    400,
  );
  const truth = explicit(41);
  const error = off(ours(), truth);
  const nodes = [5, 7, 9, 11, 13, 15, 17, 19, 21, 25].find((n) => off(explicit(n), truth) <= error) ?? 31;
  const [explicitMs, ourMs] = [timed(() => explicit(nodes)), timed(ours)];
  process.stdout.write(
    `         (ours is off by ${error.toFixed(2)} K; the explicit scheme needs ${nodes} nodes a side for that)\n`,
  );
  say('heat into a piece, times as fast as an explicit scheme', explicitMs / ourMs, '×', 5, 'at least');
}
