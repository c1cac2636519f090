/**
 * Draws docs/heat.svg: time to tender and steam an hour of one vessel over ovens of 100 to 230 °C, half a kilo to forty, three
 * lids, and the other heats beside them. Written from the core, so that what it shows is what is reckoned.
 *   node --import tsx scripts/sweep.ts
 */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Lid, Phase } from '../src/core/meal/index.ts';
import { pieceOf } from '../src/core/pot/index.ts';
import { courseOf, readinessOf, referencePot, STEP, type PotHeat } from '../src/core/tender/index.ts';

const lids: readonly Lid[] = ['on', 'ajar', 'off'];
const kilos = [0.5, 2, 6, 15, 40];
const ovens = Array.from({ length: 14 }, (_, i) => 100 + 10 * i);
const others: readonly (readonly [string, Phase])[] = [
  ['bare simmer', { id: 'heat6', heat: 'stove', lid: 'on', setting: 'bare simmer' }],
  ['simmer', { id: 'heat5', heat: 'stove', lid: 'on' }],
  ['boil', { id: 'heat4', heat: 'stove', lid: 'on', setting: 'boil' }],
  ['slow, high', { id: 'heat3', heat: 'slow cooker', lid: 'on', setting: 'high' }],
  ['slow, low', { id: 'heat2', heat: 'slow cooker', lid: 'on', setting: 'low' }],
];
/** The vessel grows with the load as pots do: each edge with the cube root. */
const potOf = (kg: number): PotHeat => {
  const edge = Math.cbrt(kg / 6);
  return {
    heatCapacity: (referencePot.heatCapacity * kg) / 6,
    meatHeatCapacity: (referencePot.meatHeatCapacity * kg) / 6,
    outerM2: referencePot.outerM2 * edge ** 2,
    openM2: referencePot.openM2 * edge ** 2,
    litres: (referencePot.litres * kg) / 6,
  };
};
const oven = (celsius: number, lid: Lid): Phase => ({
  id: 'heat',
  heat: 'oven',
  lid,
  setting: { text: '', lo: celsius, hi: celsius },
});
const flesh = { water: 0.64, protein: 0.18, fat: 0.17, ash: 0.01 };

/** Hours until chunks are tender at even odds, and steam an hour once it is as hot as it gets, l. */
function of(phase: Phase, kg: number): { readonly hours: number; readonly steam: number } {
  const piece = { sides: pieceOf.chunks.cm, flesh, start: 25, toughness: 1 };
  const ready = readinessOf([phase], [{ id: 'lot', piece, seen: [] }], potOf(kg), 0);
  const hours = typeof ready === 'object' && 'median' in ready ? ready.median / 60 : NaN;
  const steps = (24 * 60) / STEP;
  const steam = courseOf([phase], [24 * 60], potOf(kg), 0, steps, STEP)?.steam;
  const hour = 60 / STEP;
  return { hours, steam: ((steam?.at(-1) ?? 0) - (steam?.at(-1 - hour) ?? 0)) / 1000 };
}

const [W, H, LEFT, TOP, GAP] = [250, 170, 46, 46, 54];
const dashes = ['', '7 3', '3 3', '1 3', '9 3 2 3'];
const path = (points: readonly (readonly [number, number])[]) =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

function panel(
  x: number,
  y: number,
  title: string,
  most: number,
  unit: string,
  lines: (kg: number) => readonly number[],
) {
  const px = (celsius: number) => x + ((celsius - 100) / 130) * W;
  const py = (value: number) => y + H - (Math.min(value, most) / most) * H;
  const grid = [0, 0.5, 1].map(
    (part) =>
      `<line x1="${x}" x2="${x + W}" y1="${py(part * most)}" y2="${py(part * most)}" stroke="#d8cfc0"/>` +
      `<text x="${x - 6}" y="${py(part * most) + 4}" text-anchor="end">${part * most} ${unit}</text>`,
  );
  const ticks = [100, 150, 200].map(
    (c) => `<text x="${px(c)}" y="${y + H + 16}" text-anchor="middle">${c} °C</text>`,
  );
  const drawn = kilos.map((kg, k) => {
    const points = lines(kg).flatMap((value, i) =>
      Number.isFinite(value) ? [[px(ovens[i] ?? 100), py(value)] as const] : [],
    );
    return `<path d="${path(points)}" fill="none" stroke="#2b1d1a" stroke-width="1.6" stroke-dasharray="${dashes[k] ?? ''}"/>`;
  });
  return `<text x="${x}" y="${y - 10}" font-weight="bold">${title}</text>${grid.join('')}${ticks.join('')}${drawn.join('')}`;
}

const found = new Map(
  lids.flatMap((lid) => kilos.map((kg) => [`${lid} ${kg}`, ovens.map((c) => of(oven(c, lid), kg))] as const)),
);
const panels = lids.flatMap((lid, i) => {
  const x = LEFT + i * (W + GAP);
  const read = (what: 'hours' | 'steam') => (kg: number) =>
    (found.get(`${lid} ${kg}`) ?? []).map((one) => one[what]);
  return [
    panel(x, TOP, `lid ${lid}: chunks tender after`, 12, 'h', read('hours')),
    panel(x, TOP + H + 70, `lid ${lid}: steam an hour`, 2, 'l', read('steam')),
  ];
});
const below = TOP + 2 * H + 130;
const table = others.map(([name, phase], row) => {
  const cells = kilos.map((kg, k) => {
    const { hours, steam } = of(phase, kg);
    const words = Number.isFinite(hours) ? `${hours.toFixed(1)} h, ${steam.toFixed(2)} l/h` : 'never in 24 h';
    return `<text x="${LEFT + 130 + k * 150}" y="${below + 26 + row * 18}">${words}</text>`;
  });
  return `<text x="${LEFT}" y="${below + 26 + row * 18}">${name}</text>${cells.join('')}`;
});
const key = kilos.map(
  (kg, k) =>
    `<line x1="${LEFT + 130 + k * 150}" x2="${LEFT + 162 + k * 150}" y1="${below - 4}" y2="${below - 4}" stroke="#2b1d1a" stroke-width="1.6" stroke-dasharray="${dashes[k] ?? ''}"/>` +
    `<text x="${LEFT + 168 + k * 150}" y="${below}" font-weight="bold">${kg} kg</text>`,
);
const [width, height] = [LEFT + 3 * W + 3 * GAP, below + 30 + others.length * 18];
writeFileSync(
  fileURLToPath(new URL('../docs/heat.svg', import.meta.url)),
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" font-family="sans-serif" font-size="12" fill="#2b1d1a">` +
    `<rect width="${width}" height="${height}" fill="#fffdf7"/>${panels.join('')}${key.join('')}${table.join('')}</svg>\n`,
);
