import type { MouseEvent } from 'react';
import { useNavigate } from 'react-router';
import { useOpenMeal } from '../../open/MealContext.ts';
import css from './strands.module.scss';

interface Props {
  readonly of: readonly { readonly id: string; readonly much: number }[];
  readonly x: number;
  readonly y: number;
  readonly h: number;
  readonly wide: (much: number) => number;
  readonly look: { readonly fill: string; readonly stroke: string };
}

/**
 * A bar of the meal, a slice for each pot: the open one’s in a heavy outline; a tap on another leads to its pot, as the stove does. The
 * bar is one piece with cuts, so that a key in one of many pots draws little anew.
 */
export function Slices({ of, x, y, h, wide, look }: Props) {
  const { loaded, batch } = useOpenMeal();
  const navigate = useNavigate();
  const ends = of.map((_, i) => x + of.slice(0, i + 1).reduce((sum, one) => sum + wide(one.much), 0));
  const end = ends.at(-1) ?? x;
  const i = of.findIndex(({ id }) => id === batch.id);
  const mine = of[i]?.much ?? 0;
  const open = (event: MouseEvent<SVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const at = x + ((event.clientX - box.left) / box.width) * (end - x);
    const id = of[ends.findIndex((to) => at <= to)]?.id;
    if (id !== undefined) void navigate(`/meals/${loaded.meal.id}/batches/${id}/meat`);
  };
  if (end <= x) return null;
  return (
    <g aria-hidden="true">
      <rect className={css.slices} x={x} y={y} width={end - x} height={h} onClick={open} {...look} />
      <path className={css.cuts} stroke={look.stroke} d={ends.map((to) => `M${to} ${y}v${h}`).join('')} />
      {mine > 0 && (
        <rect
          className={css.mine}
          x={(ends[i] ?? x) - wide(mine)}
          y={y}
          width={Math.max(3, wide(mine))}
          height={h}
        />
      )}
    </g>
  );
}
