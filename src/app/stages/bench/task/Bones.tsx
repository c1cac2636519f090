import clsx from 'clsx';
import type { ComesOut } from '@/core/pot/index.ts';
import { useFound } from '../../../open/useFound.ts';
import css from './task.module.scss';

/** More of them are counted in figures. */
const DRAWN = 48;

interface Props {
  readonly thing: ComesOut;
  /** What one weighs, as far as is known, g. */
  readonly eachG: number | undefined;
  readonly mass: (grams: number) => string;
  /** Its name stands beside it: there are several. */
  readonly labelled?: boolean;
}

/** The outlines of what must come out: they fill as it is found, and the missing one is the only control that stands out. */
export function Bones({ thing, eachG, mass, labelled = false }: Props) {
  const { name, count, back, kind } = thing;
  const find = useFound(thing);
  const total = Math.max(count ?? back + 1, back);
  const drawn = Math.min(DRAWN, total);
  return (
    <div
      className={css.outlines}
      role="group"
      aria-label={`${name}: ${String(back)} of ${String(total)} found`}
    >
      {Array.from({ length: drawn }, (_, i) => {
        const found = i < back;
        const isNext = i === back;
        return (
          <button
            key={i}
            type="button"
            className={clsx(css.outline, found && css.isFound, isNext && css.isNext)}
            aria-label={
              found
                ? `${name} ${String(i + 1)}: take it back`
                : isNext
                  ? `${name}: one found`
                  : `${name} ${String(i + 1)}: not found yet`
            }
            disabled={!found && !isNext}
            onClick={() => find(found ? i : back + 1)}
          >
            <svg viewBox="0 0 40 40" aria-hidden>
              {kind === 'bones' ? <Bone i={i} /> : <Leaf />}
            </svg>
            {isNext && eachG !== undefined && kind === 'bones' && <small>about {mass(eachG)}</small>}
          </button>
        );
      })}
      {labelled && <span className={css.label}>{name}</span>}
      {total > drawn && <span className="quiet">and {total - drawn} more</span>}
    </div>
  );
}

/** A slice of a shank: no two alike, but always the same one. */
function Bone({ i }: { readonly i: number }) {
  const points = Array.from({ length: CORNERS }, (_, k) => {
    const angle = (k / CORNERS) * 2 * Math.PI;
    const r = 15 + ((i * 7 + k * 11) % 4);
    return { x: 20 + r * Math.cos(angle), y: 20 + r * Math.sin(angle) };
  });
  const middle = (k: number) => {
    const [a, b] = [points[k % CORNERS], points[(k + 1) % CORNERS]];
    return `${(((a?.x ?? 0) + (b?.x ?? 0)) / 2).toFixed(1)} ${(((a?.y ?? 0) + (b?.y ?? 0)) / 2).toFixed(1)}`;
  };
  const round = points.map(({ x, y }, k) => `Q${x.toFixed(1)} ${y.toFixed(1)} ${middle(k)}`).join('');
  return (
    <>
      <path className="of-bone" d={`M${middle(CORNERS - 1)}${round}Z`} />
      <circle className="hole" cx={20 + (i % 3) - 1} cy={20 - (i % 2)} r={4.8} />
    </>
  );
}
const CORNERS = 8;

const Leaf = () => <path className="of-leaf" d="M20 3q13 17 0 34q-13-17 0-34" />;
