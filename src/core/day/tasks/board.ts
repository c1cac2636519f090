import type { DayItem } from '../facts.ts';
import { chopMinutes, processorMinutes, usual } from '../minutes.ts';
import type { Doing } from '../task.ts';
import { boardPieces, wayKind, ways } from '../../work/index.ts';
import {
  beforeTheLid,
  boardFor,
  byHand,
  byItself,
  inARow,
  itemsIn,
  on,
  type BatchTask,
  type Draft,
  type Piece,
} from './draft.ts';

type Work = Extract<Doing, { readonly names: readonly string[] }>['what'];
const piece = (what: Work, minutes: number | undefined, items: readonly DayItem[]): Piece[] =>
  minutes !== undefined && items.length > 0
    ? [{ does: { what, names: items.map(({ name }) => name) }, minutes }]
    : [];
const both = (a: readonly DayItem[], b: readonly DayItem[]) => on(...itemsIn([...new Set([...a, ...b])]));

/** What is done in a task to whatever is prepared so, way by way: its pieces, and the things. */
function preparing(task: 'toast' | 'blister', items: readonly DayItem[]) {
  const done = ways.flatMap((way) => {
    const { inDay } = wayKind(way);
    if (inDay?.task !== task) return [];
    const these = items.filter((item) => item.ways.includes(way));
    return [{ these, pieces: boardPieces.flatMap((does) => piece(does, inDay.pieces[does], these)) }];
  });
  const all = [...new Set(done.flatMap(({ these }) => these))];
  return { pieces: done.flatMap((one) => one.pieces), things: on(...itemsIn(all)) };
}

/** Dried chillies and spices in a dry pan, then ground. */
export const toast: BatchTask = {
  draft: ({ items }, id) => {
    const done = preparing('toast', items);
    const [first] = done.pieces;
    const needs = [{ kind: 'burner', amount: 1, from: 0, to: first?.minutes ?? 0 }] as const;
    return inARow(id, 'pan', done.pieces, done.things, first?.does.what === 'toast' ? { needs } : {});
  },
  over: beforeTheLid,
};

/** What must be soaked before it goes in. */
export const soak: BatchTask = {
  draft: ({ items }, id) => {
    const soaks = items.filter(({ soaked }) => soaked);
    const names = soaks.map(({ name }) => name);
    return soaks.length > 0
      ? byItself(id, { what: 'soak', names }, usual.soak, on(...itemsIn(soaks)))
      : undefined;
  },
  over: beforeTheLid,
};

/** What goes in as a purée, soaked or later than the rest: blended, through a sieve. What cooks in the pot is blended as it comes out of it. */
export const blend: BatchTask = {
  draft: ({ items }, id) => {
    const blends = items.filter(({ soaked, later, puréed }) => (soaked || later) && puréed);
    const sieves = items.filter(({ soaked, later, sieved }) => (soaked || later) && sieved);
    return inARow(
      id,
      'board',
      [...piece('blend', usual.blend, blends), ...piece('sieve', usual.sieve, sieves)],
      both(blends, sieves),
      blends.length > 0 ? { needs: [{ kind: 'blender', amount: 1, from: 0, to: usual.blend }] } : {},
    );
  },
  over: beforeTheLid,
};

/** Fresh chillies under the grill or in the flame until their skins are black, then peeled. */
export const blister: BatchTask = {
  draft: ({ items }, id) => {
    const done = preparing('blister', items);
    return inARow(id, 'pan', done.pieces, done.things);
  },
  over: beforeTheLid,
};

/** What a knife is taken to, and what goes through a processor. */
function chopping(items: readonly DayItem[], id: string): Draft | undefined {
  const isProcessed = (one: DayItem) => one.ways.some((way) => wayKind(way).noKnife === 'processor');
  const processed = items.filter(isProcessed);
  const cut = items.filter((one) => one.knife && !isProcessed(one));
  const gramsOf = (some: readonly DayItem[]) => some.reduce((sum, { grams }) => sum + grams, 0);
  const [chopG, processorG] = [gramsOf(cut), gramsOf(processed)];
  const materials = both(cut, processed);
  const chops = { does: { what: 'chop' }, minutes: chopMinutes(chopG), grams: chopG } as const;
  const runs = {
    does: { what: 'processor' },
    minutes: processorMinutes(processorG),
    grams: processorG,
  } as const;
  if (chopG > 0 && processorG > 0)
    return inARow(id, 'board', [chops, runs], materials, { needs: [boardFor(chops.minutes)] });
  const one = chopG > 0 ? chops : processorG > 0 ? runs : undefined;
  return (
    one &&
    byHand(id, 'board', one.does, one.minutes, materials, {
      grams: one.grams,
      ...(one === chops && { needs: [boardFor(one.minutes)] }),
    })
  );
}

/** What lies with the meat is cut up before that, what goes into the pot on its day. */
export const chopMarinade: BatchTask = {
  draft: ({ items }, id) =>
    chopping(
      items.filter(({ marinade }) => marinade),
      id,
    ),
  over: beforeTheLid,
};

export const chop: BatchTask = {
  draft: ({ items }, id) =>
    chopping(
      items.filter(({ marinade }) => !marinade),
      id,
    ),
  over: beforeTheLid,
};
