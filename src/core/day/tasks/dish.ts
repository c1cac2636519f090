import { heatedOn, heatingOf } from '../../plates/index.ts';
import { SLOT } from '../../schedule/index.ts';
import type { DayFacts } from '../facts.ts';
import type { Unordered } from '../materials.ts';
import { usual } from '../minutes.ts';
import type { Need, Resource } from '../resources.ts';
import { taskId, type Part } from '../task.ts';

type Dish = DayFacts['dishes'][number];

/** A tray takes an oven's width, cm (estimate). */
const TRAY = 40;
/** Draining a round, turning a tray, min (common practice, no source). */
const SHORT = 5;

/** Rounds in an oven or a pot run back to back: the hands that change them are there as each ends. */
const roundsFrom = (
  id: string,
  dish: Dish,
  what: 'boil' | 'toast rolls' | 'bake',
  from: number,
): { readonly parts: readonly Part[]; readonly minutes: number } => {
  const { rounds, minutes } = heatingOf(dish.kind, dish.count) ?? { rounds: 0, minutes: 0 };
  const each = rounds > 0 ? Math.ceil(minutes / rounds / SLOT) * SLOT : 0;
  const does = { what, name: dish.name, count: dish.count, rounds } as const;
  const done = { what: what === 'boil' ? 'drain' : 'out of the oven', name: dish.name } as const;
  const parts = Array.from({ length: rounds }, (_, i): Part[] => {
    const at = from + i * (each + SHORT);
    return [
      { key: `${id}|round ${String(i + 1)}`, does, kind: 'plates', from: at, minutes: each, hands: 0 },
      {
        key: `${id}|out ${String(i + 1)}`,
        does: done,
        kind: 'plates',
        from: at + each,
        minutes: SHORT,
        hands: 1,
      },
    ];
  }).flat();
  // One line tells the rounds; each time that hands are wanted has its own.
  const [first] = parts;
  return {
    parts: first
      ? [{ ...first, key: id, minutes: rounds * (each + SHORT) }, ...parts.filter(({ hands }) => hands > 0)]
      : [],
    minutes: rounds * (each + SHORT),
  };
};

/** A task of the cook's own that is the same work: theirs stands, and is not doubled. */
const isFor = {
  boil: /\b(boil|cook)\b.*\bpasta\b/i,
  'toast rolls': /\b(toast|warm|crisp)\b.*\b(rolls?|buns?|bread)\b/i,
} as const;

/** What is boiled or toasted for a dish before its plates are filled; undefined where nothing is, or the cook has a task of their own for it. */
export function beforeFilling(dish: Dish, { own }: Pick<DayFacts, 'own'>): Unordered | undefined {
  const heat = heatedOn(dish.kind);
  // What is built on nothing wants nothing boiled or toasted.
  if (dish.bare || !heat || heat.filled || heat.on === 'griddle' || heat.on === 'press') return undefined;
  const kind = heat.on === 'pot' ? 'boil' : 'toast rolls';
  if (own.some(({ words }) => isFor[kind].test(words))) return undefined;
  const id = taskId({ kind, dish: dish.id });
  const warms = kind === 'boil' ? usual.water : usual.preheat;
  const { parts, minutes } = roundsFrom(id, dish, kind, warms);
  const warm: Part = {
    key: `${id}|warm`,
    does:
      kind === 'boil'
        ? { what: 'water on', name: dish.name }
        : { what: 'heat the oven', celsius: heat.celsius },
    kind: 'plates',
    from: 0,
    minutes: SHORT,
    hands: kind === 'boil' ? 1 : 0,
  };
  return {
    ref: { kind, dish: dish.id },
    id,
    minutes: warms + minutes,
    parts: [warm, ...parts],
    needs: [
      kind === 'boil'
        ? { kind: 'burner', amount: 1, from: 0, to: warms + minutes }
        : { kind: 'oven', amount: TRAY, from: 0, to: warms + minutes, ...settingOf(heat.celsius) },
    ],
    takes: [],
    makes: [id],
  };
}

const settingOf = (celsius: number | undefined) => (celsius === undefined ? {} : { setting: celsius });

/** What a dish is baked for once it is filled, from so many minutes on: rounds, with the oven that they hold; nothing where it is not. */
export function bakedFrom(
  id: string,
  dish: Dish,
  from: number,
): { readonly parts: readonly Part[]; readonly minutes: number; readonly needs: readonly Need[] } {
  const heat = heatedOn(dish.kind);
  if (!heat?.filled || dish.built) return { parts: [], minutes: 0, needs: [] };
  const { parts, minutes } = roundsFrom(`${id}|bake`, dish, 'bake', from);
  const to = from + minutes;
  const before = Math.max(0, from - usual.preheat);
  return {
    parts,
    minutes,
    needs: [{ kind: 'oven', amount: TRAY, from: before, to, ...settingOf(heat.celsius) }],
  };
}

/** The griddle or press that plates of a kind are filled at; a kitchen that has none uses a pan on a burner. */
export function filledOn(dish: Dish, minutes: number, resources: readonly Resource[]): readonly Need[] {
  const on = heatedOn(dish.kind)?.on;
  if (on !== 'griddle' && on !== 'press') return [];
  const has = (kind: 'press' | 'griddle') => resources.some((one) => one.kind === kind && one.amount > 0);
  const kind = on === 'press' && has('press') ? 'press' : has('griddle') ? 'griddle' : 'burner';
  return [{ kind, amount: 1, from: 0, to: minutes }];
}
