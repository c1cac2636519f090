import clsx from 'clsx';
import { useRef } from 'react';
import type { DishKind } from '@/core/meal/index.ts';
import { LastPlate } from './LastPlate.tsx';
import css from './figures.module.scss';
import { PLATE, counted } from '@/words/index.ts';

/** Past this many, one drawn plate stands for several. */
const MOST_DRAWN = 240;

interface Props {
  /** Plates in the order in which they are filled, by dish. */
  readonly dishes: readonly {
    readonly kind: DishKind;
    readonly count: number;
    readonly surely: number;
    readonly likely: number;
  }[];
  readonly surely: number;
  readonly likely: number;
  /** What is left over after the last plate, in words; nothing if nothing is. */
  readonly left?: string | undefined;
  /** The last dish, if its number may be pulled. */
  readonly last?: {
    readonly name: string;
    readonly count: number;
    readonly onCount: (count: number) => void;
  };
}

const stateClass = { sure: css.isSure, likely: css.isLikely, unsure: css.isUnsure } as const;

/** What lies on a plate of each kind. */
function food(kind: DishKind): string {
  switch (kind) {
    case 'taco':
      return 'M6 10a8 8 0 0 1 16 0z';
    case 'roll':
    case 'long roll':
    case 'burrito':
      return 'M7 5.5h14a3.4 3.4 0 0 1 0 6.8H7a3.4 3.4 0 0 1 0-6.8z';
    case 'hand pie':
      return 'M6 12 14 3.5 22 12z';
    case 'soup':
    case 'dip':
      return 'M7 6h14q-1 8-7 8t-7-8z';
    default:
      return 'M8 9.5q0-5 6-5t6 5q0 3-6 3t-6-3z';
  }
}

/** The row of plates: filled while sure, pale where the pot may run short, empty where it will. */
export function PlatesRow({ dishes, surely, likely, left, last }: Props) {
  const row = useRef<HTMLDivElement>(null);
  const total = dishes.reduce((sum, { count }) => sum + count, 0);
  const each = Math.max(1, Math.ceil(total / MOST_DRAWN));
  const drawn = Math.ceil(total / each);
  const plates = Array.from({ length: drawn }, (_, i) => {
    const last = Math.min(total, (i + 1) * each);
    return plateAt(dishes, last);
  });
  const small = drawn > 100;
  const words = `${counted(total, PLATE)}: sure of ${surely}, likely ${likely}${left === undefined ? '' : `; left over ${left}`}`;
  return (
    <div ref={row} className={small ? clsx(css.platesRow, css.isSmall) : css.platesRow}>
      <span className={css.platesWords} role="img" aria-label={words} />
      {plates.map(({ kind, state }, i) => (
        // Plates have no identity but their place in the row.
        <svg
          key={i}
          data-plate
          viewBox="0 0 28 20"
          className={clsx(css.plate, stateClass[state])}
          aria-hidden="true"
        >
          <ellipse className={css.rim} cx="14" cy="10" rx="13" ry="9" />
          <path className={css.food} d={food(kind)} />
        </svg>
      ))}
      {last && <LastPlate row={row} each={each} before={total - last.count} {...last} />}
      {left !== undefined && (
        <span className={css.leftOver}>
          <svg viewBox="0 0 34 20" aria-hidden="true">
            <path className={css.bowl} d="M3 7h28q-1 12-14 12T3 7z" />
            <path className={css.food} d="M6 7q5-6 11-3.5T28 7z" />
          </svg>
          {left} left over
        </span>
      )}
      {each > 1 && <p className="quiet">Each stands for {each} plates.</p>}
    </div>
  );
}

/** The plate at a place of the row: of which dish it is, and how sure that one is. */
function plateAt(
  dishes: Props['dishes'],
  place: number,
): { readonly kind: DishKind; readonly state: keyof typeof stateClass } {
  let before = 0;
  for (const { kind, count, surely, likely } of dishes) {
    const at = place - before;
    if (at <= count) return { kind, state: at <= surely ? 'sure' : at <= likely ? 'likely' : 'unsure' };
    before += count;
  }
  return { kind: dishes.at(-1)?.kind ?? 'own', state: 'unsure' };
}
