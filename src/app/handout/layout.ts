import { inHands } from '@/core/handout/index.ts';
import type { DealtJob } from '@/core/handout/index.ts';

/** px of the drawing. */
const WIDE = 680;
const TOP = 64;
const ROW = 21;
const LEAST = 380;
const RIBBON = 58;
const THIN = 6;
/** From a column to the words beside it. */
const NEAR = 66;
const LEFT = 58;
/** What the words of the person in hand take at the right of the column. */
const WORDS = 230;

export interface PersonJobs {
  readonly id: string;
  readonly name: string;
  /** The kitchen that they work in; empty where there is one. */
  readonly place: string;
  readonly jobs: readonly DealtJob[];
}

interface Knot {
  readonly job: DealtJob;
  readonly y: number;
  /** Where its words stand. */
  readonly label: number;
}

export interface Column {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  readonly jobs: number;
  readonly x: number;
  readonly path: string;
  readonly knots: readonly Knot[];
}

interface Crossing {
  readonly key: string;
  readonly path: string;
  readonly x: number;
  readonly y: number;
  readonly who: string;
}

export interface HandoutLayout {
  readonly wide: number;
  readonly high: number;
  readonly columns: readonly Column[];
  readonly crossings: readonly Crossing[];
  readonly hours: readonly { readonly at: number; readonly y: number }[];
}

const HOUR_MS = 3_600_000;

/** A time by the place of the jobs about it: where much is done it is wide, and an empty night is short. */
function scaleOf(moments: readonly number[]): { y: (at: number) => number; high: number } {
  const times = [...new Set(moments)].sort((a, b) => a - b);
  const high = Math.max(LEAST, times.length * ROW);
  const [from = 0, to = from] = [times[0], times.at(-1)];
  const y = (at: number): number => {
    const after = times.findIndex((one) => one >= at);
    const i = after < 0 ? times.length - 1 : after;
    const [before = from, next = to] = [times[Math.max(0, i - 1)], times[i]];
    const part = next > before ? (at - before) / (next - before) : 0;
    const rank = Math.max(0, Math.max(0, i - 1) + (i === 0 ? 0 : part));
    const byRank = rank / Math.max(1, times.length - 1);
    const byTime = to > from ? (at - from) / (to - from) : 0;
    return TOP + high * ((byRank + byTime) / 2);
  };
  return { y, high: TOP + high + ROW };
}

/** Labels one under another, each as near to its place as those above it let it. */
function spread(places: readonly number[]): readonly number[] {
  let free = -Infinity;
  return places.map((place) => {
    free = Math.max(place, free + ROW);
    return free;
  });
}

/** The strands of those who cook, side by side: what is in whose hands, and what passes from one to another. */
export function handoutLayout(people: readonly PersonJobs[], chosen: string): HandoutLayout {
  const { y, high } = scaleOf(people.flatMap(({ jobs }) => jobs.map(({ at }) => at)));
  const gap = (WIDE - LEFT - WORDS) / Math.max(1, people.length);
  const heaviest = Math.max(1, ...people.flatMap(({ jobs }) => inHands(jobs).map(({ g }) => g)));
  let x = LEFT;
  const columns = people.map(({ id, name, place, jobs }): Column => {
    const at = x + gap / 2;
    x += gap + (id === chosen ? WORDS : 0);
    const labels = spread(jobs.map((job) => y(job.at)));
    const knots = jobs.map((job, i): Knot => ({ job, y: y(job.at), label: labels[i] ?? 0 }));
    const widths = inHands(jobs).map(({ g }) => Math.max(THIN, (RIBBON * g) / heaviest) / 2);
    return { id, name, place, jobs: jobs.length, x: at, path: ribbon(at, knots, widths), knots };
  });
  const moments = people.flatMap(({ jobs }) => jobs.map(({ at }) => at));
  const deepest = Math.max(0, ...columns.flatMap(({ knots }) => knots.map(({ label }) => label)));
  return {
    wide: WIDE,
    high: Math.max(high, deepest + ROW),
    columns,
    crossings: crossingsOf(columns, y),
    hours: hoursIn(moments).map((at) => ({ at, y: y(at) })),
  };
}

const round = (n: number): string => n.toFixed(1);

/** A ribbon down through the jobs, as wide as the meat that is in hand. */
function ribbon(x: number, knots: readonly Knot[], halves: readonly number[]): string {
  const ends = knots.map(({ y }, i) => ({ y, h: halves[i] ?? THIN / 2 }));
  const [first, ...more] = ends;
  if (!first) return '';
  const right = [`M${round(x + first.h)} ${round(first.y - 8)}`];
  const left = [`L${round(x - first.h)} ${round(first.y - 8)}Z`];
  let before = first;
  for (const end of more) {
    // It keeps its width to the job, and has the new one from there.
    right.push(`L${round(x + before.h)} ${round(end.y - 4)}L${round(x + end.h)} ${round(end.y + 4)}`);
    left.unshift(`L${round(x - end.h)} ${round(end.y + 4)}L${round(x - before.h)} ${round(end.y - 4)}`);
    before = end;
  }
  right.push(
    `L${round(x + before.h)} ${round(before.y + 10)}`,
    `L${round(x - before.h)} ${round(before.y + 10)}`,
  );
  return [...right, ...left].join('');
}

/** What passes between two of them: from where it is done to where it is waited for. */
function crossingsOf(columns: readonly Column[], y: (at: number) => number): readonly Crossing[] {
  return columns.flatMap((column) =>
    column.knots.flatMap(({ job, y: to }) =>
      (job.waits ?? []).flatMap(({ who, at }, i): Crossing[] => {
        const giver = columns.find(({ name }) => who.includes(name));
        if (!giver || giver === column) return [];
        // What was done the day before comes in at the top.
        const from = Math.max(TOP, Math.min(y(at), to));
        return [
          {
            key: `${job.id} ${i}`,
            path: `M${round(giver.x)} ${round(from)}C${round((giver.x + column.x) / 2)} ${round(from)} ${round((giver.x + column.x) / 2)} ${round(to)} ${round(column.x)} ${round(to)}`,
            x: column.x + (giver.x < column.x ? -NEAR : NEAR),
            y: to,
            // Told once, however much comes in.
            who: i === 0 ? column.name : '',
          },
        ];
      }),
    ),
  );
}

/** Full hours within the day, not more than a dozen. */
function hoursIn(moments: readonly number[]): readonly number[] {
  if (moments.length === 0) return [];
  const [from, to] = [Math.min(...moments), Math.max(...moments)];
  const every = HOUR_MS * Math.max(1, Math.ceil((to - from) / HOUR_MS / 8));
  const hours: number[] = [];
  for (let at = Math.ceil(from / every) * every; at <= to; at += every) hours.push(at);
  return hours;
}
