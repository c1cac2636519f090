import { useState } from 'react';
import { edgeOf, fillOf } from './materials.ts';
import { useDrawnSize } from './useDrawnSize.ts';
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
/** From where to where the jug stands, how wide the paper is, and the letters of a name that stand left of it. */
const usual = { left: 196, right: 436, paper: 520, letters: 24 };
/** Drawn narrower than this, px, its words have less room. */
const SMALL = 470;
const small = { left: 132, right: 292, paper: 356, letters: 16 };
/** Two labels lie no nearer than this. */
const LABEL = 36;

/** The jug with its levels: what is there, what goes where, and what is missing, to one scale. */
export function JugShares({ ml, fatMl, solidsMl, shares, weighed, words }: Props) {
  // A name that is cut is whole in its title.
  const [drawing, setDrawing] = useState<SVGSVGElement | null>(null);
  const { width } = useDrawnSize(drawing, { width: usual.paper, height: 340 });
  const { left, right, paper, letters } = width < SMALL ? small : usual;
  // Words keep their size, however small the jug is drawn.
  const scale: Readonly<Record<string, number>> = { '--k': Math.max(1, paper / width) };
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
    <svg
      className={css.jugShares}
      ref={setDrawing}
      viewBox={`0 0 ${String(paper)} 340`}
      style={{ ...scale }}
      role="img"
      aria-label={words}
    >
      <rect x={left} y={level} width={right - left} height={px(ml)} fill={fillOf('broth', weighed)} />
      {solidsMl > 0 && (
        <rect
          x={left}
          y={FOOT - px(Math.min(ml, solidsMl))}
          width={right - left}
          height={px(Math.min(ml, solidsMl))}
          fill={fillOf('solids', weighed)}
          stroke={edgeOf('solids')}
        />
      )}
      {fatMl > 0 && (
        <rect
          x={left}
          y={level - px(fatMl)}
          width={right - left}
          height={px(fatMl)}
          fill={fillOf('fat', true)}
          stroke={edgeOf('fat')}
        />
      )}
      {shares.map(({ name, said }, i) => (
        <g key={name}>
          {i > 0 && <path className="cut" d={`M${left} ${bounds[i] ?? FOOT}H${right}`} strokeWidth="3" />}
          <text x={left - 16} y={(labels[i] ?? 0) - 3} textAnchor="end">
            <title>{`${name}: ${said}`}</title>
            <tspan className="num">{said}</tspan>
            <tspan x={left - 16} dy="16">
              {name.length > letters ? `${name.slice(0, letters - 1)}…` : name}
            </tspan>
          </text>
        </g>
      ))}
      {wanted > ml * 1.01 && (
        <path className="missing" d={`M${left} ${FOOT - px(wanted)}H${right}`} strokeWidth="2.5" />
      )}
      <path
        className="ink-line"
        strokeWidth="5"
        strokeLinejoin="round"
        d={`M${left - 14} 14l14 14V${FOOT - 6}q0 8 8 8h${right - left - 16}q8 0 8-8V14z`}
      />
      <path className="ink-line" strokeWidth="5" d={`M${right} 64q52 0 52 56t-52 56`} />
      {Array.from({ length: 4 }, (_, i) => ((i + 1) * litres) / 4).map((mark) => (
        <path
          key={mark}
          className="ink-line"
          strokeWidth="1.5"
          d={`M${right} ${FOOT - px(mark * 1000)}h-16`}
        />
      ))}
    </svg>
  );
}
