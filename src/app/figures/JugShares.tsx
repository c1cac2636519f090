import { edgeOf, fillOf } from './materials.ts';
import css from './figures.module.scss';

/** A part of what is in the jug, and where it goes. */
export interface JugShare {
  readonly name: string;
  readonly ml: number;
  readonly said: string;
}

interface Props {
  /** What is in the jug, ml, with its fat on top. */
  readonly ml: number;
  readonly fatMl: number;
  /** At the bottom of a sauce. */
  readonly solidsMl: number;
  /** From the top down; what they want more than there is stands above it as an outline. */
  readonly shares: readonly JugShare[];
  readonly weighed: boolean;
  readonly words: string;
}

const LARGEST = 2560;
/** Jugs, and past them tubs, l. */
const JUGS = [1, 2, 3, 5, 8, 12, 20, 40, 80, 160, 320, 640, 1280, LARGEST];
const HEIGHT = 300;
const FOOT = 322;
const [LEFT, RIGHT] = [196, 436];
/** Two labels lie no nearer than this. */
const LABEL = 36;
/** A longer name is cut; the words of the drawing have it whole. */
const NAME = 24;

/** The jug with its levels: what is there, what goes where, and what is missing, to one scale. */
export function JugShares({ ml, fatMl, solidsMl, shares, weighed, words }: Props) {
  const wanted = shares.reduce((sum, share) => sum + share.ml, 0);
  const most = Math.max(ml + fatMl, wanted);
  const litres = JUGS.find((l) => l * 1000 >= most * 1.06) ?? LARGEST;
  const px = (x: number) => (x / (litres * 1000)) * HEIGHT;
  const level = FOOT - px(ml);
  const bounds: number[] = [];
  let at = Math.min(level, FOOT - px(wanted));
  for (const share of shares) {
    bounds.push(at);
    at += px(share.ml);
  }
  const labels: number[] = [];
  for (const [i, share] of shares.entries()) {
    const middle = (bounds[i] ?? FOOT) + px(share.ml) / 2;
    labels.push(Math.max(middle, (labels.at(-1) ?? -Infinity) + LABEL));
  }
  // The lowest labels stay on the paper.
  for (let i = labels.length - 1; i >= 0; i -= 1)
    labels[i] = Math.min(labels[i] ?? 0, FOOT - 4 - LABEL * (labels.length - 1 - i));
  return (
    <svg className={css.jugShares} viewBox="0 0 520 340" role="img" aria-label={words}>
      <rect x={LEFT} y={level} width={RIGHT - LEFT} height={px(ml)} fill={fillOf('broth', weighed)} />
      {solidsMl > 0 && (
        <rect
          x={LEFT}
          y={FOOT - px(Math.min(ml, solidsMl))}
          width={RIGHT - LEFT}
          height={px(Math.min(ml, solidsMl))}
          fill={fillOf('solids', weighed)}
          stroke={edgeOf('solids')}
        />
      )}
      {fatMl > 0 && (
        <rect
          x={LEFT}
          y={level - px(fatMl)}
          width={RIGHT - LEFT}
          height={px(fatMl)}
          fill={fillOf('fat', true)}
          stroke={edgeOf('fat')}
        />
      )}
      {shares.map(({ name, said }, i) => (
        <g key={name}>
          {i > 0 && <path className="cut" d={`M${LEFT} ${bounds[i] ?? FOOT}H${RIGHT}`} strokeWidth="3" />}
          <text x={LEFT - 16} y={(labels[i] ?? 0) - 3} textAnchor="end">
            <tspan className="num">{said}</tspan>
            <tspan x={LEFT - 16} dy="16">
              {name.length > NAME ? `${name.slice(0, NAME - 1)}…` : name}
            </tspan>
          </text>
        </g>
      ))}
      {wanted > ml * 1.01 && (
        <path className="missing" d={`M${LEFT} ${FOOT - px(wanted)}H${RIGHT}`} strokeWidth="2.5" />
      )}
      <path
        className="ink-line"
        strokeWidth="5"
        strokeLinejoin="round"
        d={`M${LEFT - 14} 14l14 14V${FOOT - 6}q0 8 8 8h${RIGHT - LEFT - 16}q8 0 8-8V14z`}
      />
      <path className="ink-line" strokeWidth="5" d={`M${RIGHT} 64q52 0 52 56t-52 56`} />
      {Array.from({ length: 4 }, (_, i) => ((i + 1) * litres) / 4).map((mark) => (
        <path
          key={mark}
          className="ink-line"
          strokeWidth="1.5"
          d={`M${RIGHT} ${FOOT - px(mark * 1000)}h-16`}
        />
      ))}
    </svg>
  );
}
