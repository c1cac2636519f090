import clsx from 'clsx';
import { Minus, Plus } from 'lucide-react';
import type { ComesOut } from '@/core/pot/index.ts';
import { useFigures } from '../open/MealContext.ts';
import { useFound } from '../open/useFound.ts';
import css from './comeBack.module.scss';

/** More than these are counted in figures, not outlines. */
const DRAWN = 24;

/** Everything that went in and must come out again, asked back: outlines that fill as they are found. */
export function ComeBack() {
  const { batchReckoning } = useFigures();
  const { comeOut } = batchReckoning;
  if (comeOut.length === 0) return null;
  return (
    <section className={css.comeBack} aria-label="Must come out again">
      {comeOut.map((thing) => (
        <Counted key={thing.thing} thing={thing} />
      ))}
    </section>
  );
}

function Counted({ thing: found }: { readonly thing: ComesOut }) {
  const set = useFound(found);
  const { name, count, back, kind } = found;
  const all = count !== undefined && back >= count;
  const drawn = Math.min(DRAWN, Math.max(count ?? 0, back));
  return (
    <div className={all ? clsx('is-all', css.counted) : css.counted}>
      <p>
        <b>{name}</b>{' '}
        <span className="num">
          {count === undefined ? `${String(back)} found` : `${String(back)} of ${String(count)}`}
        </span>
      </p>
      <svg viewBox={`0 0 ${drawn * 22 || 22} 22`} height="22" width={drawn * 22 || 22} aria-hidden>
        {Array.from({ length: drawn }, (_, i) => (
          <ellipse
            key={i}
            className={i < back ? clsx(css.isFound, `of-${kind}`) : css.isMissing}
            cx={i * 22 + 11}
            cy="11"
            rx={kind === 'bones' ? 9 : 5}
            ry={kind === 'bones' ? 6 : 9}
          />
        ))}
      </svg>
      <span className={css.counts}>
        <button
          type="button"
          className="btn act"
          aria-label={`${name}: one less`}
          disabled={back === 0}
          onClick={() => {
            set(back - 1);
          }}
        >
          <Minus size={18} aria-hidden />
        </button>
        <button
          type="button"
          className="btn act"
          aria-label={`${name}: one found`}
          onClick={() => {
            set(back + 1);
          }}
        >
          <Plus size={18} aria-hidden />
        </button>
      </span>
    </div>
  );
}
