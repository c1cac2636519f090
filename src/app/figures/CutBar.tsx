import type { Material } from '@/core/ledger/index.ts';
import { edgeOf, fillOf } from './materials.ts';
import css from './figures.module.scss';

interface Props {
  readonly material: Material;
  readonly parts: readonly {
    readonly id: string;
    readonly amount: number;
    /** Into how many it is cut, and how many more there should be. */
    readonly cuts: number;
    readonly missing: number;
  }[];
  readonly left: number;
  readonly words: string;
}

const WIDE = 1000;
const GAP = 26;
/** A slice narrower than this is not told apart from the next; of one the knife takes so much at most. */
const LEAST_SLICE = 7;
const KNIFE = 0.22;

/** All that there is of one strand as one piece, cut into what each dish gets; what is missing is an outline. */
export function CutBar({ material, parts, left, words }: Props) {
  const lacking = ({ amount, cuts, missing }: Props['parts'][number]) =>
    cuts > 0 ? (amount / cuts) * missing : 0;
  const all = parts.reduce((sum, part) => sum + part.amount + lacking(part), left);
  const scale = all > 0 ? (WIDE - GAP * parts.length) / all : 0;
  const starts = parts.reduce<readonly number[]>(
    (all, part) => [...all, (all.at(-1) ?? 0) + (part.amount + lacking(part)) * scale + GAP],
    [0],
  );
  return (
    <svg className={css.cutBar} viewBox={`0 0 ${String(WIDE)} 52`} role="img" aria-label={words}>
      {parts.map((part, i) => {
        const wide = part.amount * scale;
        const lack = lacking(part) * scale;
        const from = starts[i] ?? 0;
        const slice = part.cuts > 0 ? wide / part.cuts : 0;
        // Of very many the piece stays whole: its number stands under it.
        const slices = slice >= LEAST_SLICE ? part.cuts : 1;
        return (
          <g key={part.id}>
            {wide > 0 && (
              <rect
                x={from}
                y={4}
                width={wide}
                height={44}
                rx={7}
                fill={fillOf(material, true)}
                stroke={edgeOf(material)}
              />
            )}
            {Array.from({ length: Math.max(0, slices - 1) }, (_, k) => (
              <path
                key={k}
                className="cut"
                d={`M${String(from + (wide * (k + 1)) / slices)} 2v48`}
                strokeWidth={Math.min(3, KNIFE * slice)}
              />
            ))}
            {lack > 0 && (
              <rect className="missing" x={from + wide + 3} y={5} width={Math.max(3, lack - 6)} height={42} />
            )}
          </g>
        );
      })}
      {left * scale > 2 && (
        <rect
          x={WIDE - left * scale}
          y={4}
          width={left * scale}
          height={44}
          rx={7}
          fill={fillOf(material, false)}
          stroke={edgeOf(material)}
          strokeDasharray="5 3"
        />
      )}
    </svg>
  );
}
