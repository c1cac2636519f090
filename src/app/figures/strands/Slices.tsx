import { Link } from 'react-router';
import { useOpenMeal } from '../../open/MealContext.ts';
import css from './strands.module.scss';

interface Props {
  readonly of: readonly { readonly id: string; readonly much: number }[];
  readonly x: number;
  readonly y: number;
  readonly h: number;
  readonly wide: (much: number) => number;
  readonly look: { readonly fill: string; readonly stroke: string };
  readonly write: (much: number) => string;
}

/** A bar of the meal, a slice for each pot: the open one’s in a heavy outline, the others leading to their pots. */
export function Slices({ of, x, y, h, wide, look, write }: Props) {
  const { loaded, batch } = useOpenMeal();
  const placed = of.map(({ id, much }, i) => ({
    id,
    much,
    from: x + of.slice(0, i).reduce((sum, one) => sum + wide(one.much), 0),
  }));
  const nameOf = (id: string) => loaded.batches.find((one) => one.id === id)?.name ?? '';
  const mine = placed.find(({ id }) => id === batch.id);
  return (
    <>
      {placed.map(({ id, much, from }) =>
        much > 0 ? (
          <Link
            key={id}
            to={`/meals/${loaded.meal.id}/batches/${id}/meat`}
            aria-label={`${nameOf(id)}: ${write(much)}`}
            tabIndex={-1}
          >
            <rect className={css.slice} x={from} y={y} width={wide(much)} height={h} {...look}>
              <title>{`${nameOf(id)}: ${write(much)}`}</title>
            </rect>
          </Link>
        ) : null,
      )}
      {mine && mine.much > 0 && (
        <rect
          className={css.mine}
          x={mine.from}
          y={y}
          width={Math.max(3, wide(mine.much))}
          height={h}
          aria-hidden="true"
        />
      )}
    </>
  );
}
