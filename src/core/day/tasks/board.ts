import type { Doing, Part, PartKind } from '../task.ts';
import { chopMinutes, processorMinutes, usual } from '../minutes.ts';
import { beforeTheLid, byHand, byItself, type BatchTask, type Draft } from './draft.ts';

interface Piece {
  readonly does: Doing;
  readonly minutes: number;
  readonly grams?: number;
}

/** Pieces of work by one pair of hands, one after the other; undefined of none. */
function inARow(
  id: string,
  kind: PartKind,
  pieces: readonly Piece[],
  more: Partial<Draft> = {},
): Draft | undefined {
  if (pieces.length === 0) return undefined;
  const whole = pieces.reduce((sum, { minutes }) => sum + minutes, 0);
  let from = 0;
  const parts = pieces.map(({ does, minutes, grams }, i): Part => {
    const at = from;
    from += minutes;
    const part = { key: i === 0 ? id : `${id}|${i + 1}`, does, kind, from: at, minutes, hands: 1 };
    return { ...part, handsMin: i === 0 ? whole : 0, ...(grams !== undefined && { grams }) };
  });
  return { minutes: whole, parts, after: [], ...more };
}

const piece = (does: Doing, minutes: number, names: readonly string[]): Piece[] =>
  names.length > 0 ? [{ does, minutes }] : [];

/** Dried chillies and spices in a dry pan, then ground. */
export const toast: BatchTask = {
  draft: ({ toasts, grinds }, id) =>
    inARow(
      id,
      'pan',
      [
        ...piece({ what: 'toast', names: toasts }, usual.toast, toasts),
        ...piece({ what: 'grind', names: grinds }, usual.grind, grinds),
      ],
      toasts.length > 0 ? { needs: [{ kind: 'burner', amount: 1, from: 0, to: usual.toast }] } : {},
    ),
  over: beforeTheLid,
};

/** What must be soaked before it goes in. */
export const soak: BatchTask = {
  draft: ({ soaks }, id) =>
    soaks.length > 0 ? byItself(id, { what: 'soak', names: soaks }, usual.soak, ['toast']) : undefined,
  over: beforeTheLid,
};

/** What was soaked to go in as a purée: lifted out, blended, through a sieve. */
export const blend: BatchTask = {
  draft: ({ blends, sieves }, id) =>
    inARow(
      id,
      'board',
      [
        ...piece({ what: 'blend', names: blends }, usual.blend, blends),
        ...piece({ what: 'sieve', names: sieves }, usual.sieve, sieves),
      ],
      {
        after: ['soak'],
        ...(blends.length > 0 && { needs: [{ kind: 'blender', amount: 1, from: 0, to: usual.blend }] }),
      },
    ),
  over: beforeTheLid,
};

/** Fresh chillies under the grill or in the flame until their skins are black, then peeled. */
export const blister: BatchTask = {
  draft: ({ blisters: names }, id) =>
    inARow(id, 'pan', [
      ...piece({ what: 'blister', names }, usual.blister, names),
      ...piece({ what: 'peel', names }, usual.peel, names),
    ]),
  over: beforeTheLid,
};

/** What a knife is taken to, and what goes through a processor. */
export const chop: BatchTask = {
  draft: ({ chopG, processorG }, id) =>
    chopG > 0 && processorG > 0
      ? inARow(id, 'board', [
          { does: { what: 'chop' }, minutes: chopMinutes(chopG), grams: chopG },
          { does: { what: 'processor' }, minutes: processorMinutes(processorG), grams: processorG },
        ])
      : chopG > 0
        ? byHand(id, 'board', { what: 'chop' }, chopMinutes(chopG), [], { grams: chopG })
        : processorG > 0
          ? byHand(id, 'board', { what: 'processor' }, processorMinutes(processorG), [], {
              grams: processorG,
            })
          : undefined,
  over: beforeTheLid,
};
