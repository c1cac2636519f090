import { edgeOf, fillOf } from './materials.ts';
import css from './figures.module.scss';

interface Props {
  readonly brothMl: number;
  readonly fatMl: number;
  readonly solidsMl: number;
  readonly words: string;
}

const LARGEST = 2560;
/** Jugs, and past them tubs, l. */
const JUGS = [1, 2, 3, 5, 8, 12, 20, 40, 80, 160, 320, 640, 1280, LARGEST];

/** A jug just large enough, with its fat cap, to scale; solids lie at the bottom of a sauce. */
export function Jug({ brothMl, fatMl, solidsMl, words }: Props) {
  const litres = JUGS.find((l) => l * 1000 >= (brothMl + fatMl) * 1.08) ?? LARGEST;
  const height = 190;
  const px = (ml: number) => (ml / (litres * 1000)) * height;
  const foot = 214;
  const broth = px(brothMl);
  const fat = px(fatMl);
  const solids = Math.min(px(solidsMl), broth);
  const marks = Array.from({ length: 4 }, (_, i) => ((i + 1) * litres) / 4);
  return (
    <svg className={css.jug} viewBox="0 0 300 226" role="img" aria-label={words}>
      <rect x="62" y={foot - broth} width="136" height={broth} fill={fillOf('broth', true)} />
      {solids > 0 && (
        <rect
          x="62"
          y={foot - solids}
          width="136"
          height={solids}
          fill={fillOf('solids', true)}
          stroke={edgeOf('solids')}
        />
      )}
      <rect
        x="62"
        y={foot - broth - fat}
        width="136"
        height={fat}
        fill={fillOf('fat', true)}
        stroke={edgeOf('fat')}
      />
      <path
        className="ink-line"
        strokeWidth="4"
        strokeLinejoin="round"
        d={`M50 16l10 10V${foot - 6}q0 8 8 8h124q8 0 8-8V16z`}
      />
      <path className="ink-line" strokeWidth="4" d="M200 52q46 0 46 46t-46 46" />
      {marks.map((mark) => (
        <g key={mark}>
          <path className="ink-line" strokeWidth="1.5" d={`M60 ${foot - px(mark * 1000)}h14`} />
          <text x="52" y={foot - px(mark * 1000) + 4} textAnchor="end">
            {mark} l
          </text>
        </g>
      ))}
    </svg>
  );
}
