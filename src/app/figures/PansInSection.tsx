import type { CoolWay } from '@/core/meal/index.ts';
import { edgeOf, fillOf } from './materials.ts';
import css from './figures.module.scss';

interface Props {
  readonly pans: number;
  readonly depthCm: number;
  readonly way: CoolWay;
  readonly material: 'broth' | 'meat';
  readonly words: string;
}

/** More pans are said, not drawn. */
const DRAWN = 4;
/** px a cm of depth. */
const CM = 9;
const FOOT = 132;

/** Pans in section at one scale: how deep it lies, and the ice about them. */
export function PansInSection({ pans, depthCm, way, material, words }: Props) {
  const n = Math.min(DRAWN, pans);
  const wide = 168 / n;
  const high = Math.min(104, depthCm * CM);
  const ice = way.startsWith('ice');
  return (
    <svg className={css.pans} viewBox="0 0 200 144" role="img" aria-label={words}>
      {Array.from({ length: n }, (_, i) => {
        const from = 16 + i * wide;
        const to = from + wide - 8;
        return (
          <g key={i}>
            <rect
              x={from + 3}
              y={FOOT - high}
              width={to - from - 6}
              height={high}
              fill={fillOf(material, true)}
              stroke={edgeOf(material)}
            />
            <path
              className="ink-line"
              strokeWidth="3.5"
              d={`M${from - 3} ${FOOT - high - 12}h6v${high + 12}h${to - from - 6}v-${high + 12}h6`}
            />
          </g>
        );
      })}
      {ice &&
        [4, 20, 172, 186].map((x, i) => (
          <rect
            key={x}
            className="ink-line"
            strokeWidth="1.6"
            x={x}
            y={FOOT - 18 - 16 * (i % 2)}
            width="11"
            height="11"
            transform={`rotate(${String(12 * (i - 1))} ${String(x + 5)} ${String(FOOT - 12)})`}
          />
        ))}
      <path className="ink-line" strokeWidth="3" d="M0 136h200" />
    </svg>
  );
}
