import { useState } from 'react';
import type { PotPicture, VesselPicture } from '@/core/reckoning/index.ts';
import { widthAt } from '@/core/pot/index.ts';
import { edgeOf, fillOf } from './materials.ts';
import { useDrawnSize } from './useDrawnSize.ts';
import css from './figures.module.scss';

const WIDTH = 480;
const FOOT = 226;
const LEFT = 34;

/** What was put in, stacked at the height each adds in this vessel; what goes in later is not in yet. */
function stackOf(items: PotPicture['items'], scale: number) {
  let foot = FOOT;
  return items
    .filter((item) => item.cm > 0)
    .map((item) => {
      const height = Math.max(2, item.cm * scale);
      foot -= height;
      return { ...item, y: foot, height };
    });
}

interface Props {
  readonly pot: VesselPicture;
  /** Drawn as a stack beside it. */
  readonly items: PotPicture['items'];
  readonly words: string;
}

/** A vessel in section, to scale: the meat as it lies, the liquid at its line, the pours beside it. */
export function PotSection({ pot, items, words }: Props) {
  const [drawing, setDrawing] = useState<SVGSVGElement | null>(null);
  const { width: drawnWide } = useDrawnSize(drawing, { width: WIDTH, height: 300 });
  // Its words keep their size, however small it is drawn.
  const textScale: Readonly<Record<string, number>> = { '--k': WIDTH / drawnWide };
  const { vessel, lineCm, standsCm, fullCm, pieces, reachCm } = pot;
  const overflow = Math.min(standsCm, 1.5 * vessel.heightCm);
  const scale = Math.min(300 / vessel.widthCm, 196 / Math.max(vessel.heightCm, reachCm, overflow));
  const top = widthAt(vessel, vessel.heightCm) * scale;
  const middle = LEFT + top / 2;
  const up = (cm: number) => FOOT - cm * scale;
  /** The wall on the right at a height, px from the middle. */
  const half = (cm: number) => (widthAt(vessel, cm) * scale) / 2;
  const stack = stackOf(items, scale);
  const stackX = LEFT + top + 54;
  const above = Math.min(up(Math.max(vessel.heightCm, reachCm, overflow)), ...stack.map(({ y }) => y)) - 14;
  const rim = up(vessel.heightCm);
  const floor = half(0);
  return (
    <svg
      className={css.potSection}
      ref={setDrawing}
      style={{ ...textScale }}
      viewBox={`0 ${above} ${WIDTH} ${FOOT + 14 - above}`}
      role="img"
      aria-label={words}
    >
      {lineCm > 0 && (
        <path
          d={`M${middle - half(lineCm)} ${up(lineCm)}H${middle + half(lineCm)}L${middle + floor} ${FOOT}H${middle - floor}Z`}
          fill={fillOf('broth', true)}
          opacity="0.9"
        />
      )}
      {pieces.map(({ x, y, w, h, boneCm }) => (
        <g key={`${x} ${y}`}>
          <rect
            x={middle + x * scale}
            y={up(y + h)}
            width={w * scale}
            height={h * scale}
            rx="5"
            fill={fillOf('meat', true)}
            stroke={edgeOf('meat')}
          />
          {boneCm > 0 && (
            <circle
              cx={middle + (x + w / 2) * scale}
              cy={up(y + h / 2)}
              r={boneCm * scale}
              fill={fillOf('bone', true)}
              stroke={edgeOf('bone')}
            />
          )}
        </g>
      ))}
      {reachCm > 0 && (
        <path
          d={`M${middle - floor + 8} ${FOOT - 8}L${middle + floor - 8} ${up(reachCm)}`}
          stroke={edgeOf('bone')}
          strokeWidth="11"
          strokeLinecap="round"
        />
      )}
      {lineCm > 0 && (
        <path
          d={`M${middle - half(lineCm)} ${up(lineCm)}H${middle + half(lineCm) + 40}`}
          stroke={edgeOf('broth')}
          strokeWidth="2"
        />
      )}
      <path
        d={`M${middle - half(fullCm)} ${up(fullCm)}H${middle + half(fullCm)}`}
        className="ink-line"
        strokeDasharray="5 4"
        strokeWidth="1.2"
      />
      <text x={middle + half(fullCm) - 6} y={up(fullCm) - 5} textAnchor="end">
        fill no higher
      </text>
      <path
        className="ink-line"
        strokeWidth="4"
        strokeLinejoin="round"
        d={`M${LEFT} ${rim}L${middle - floor} ${FOOT - 8}q0 8 8 8H${middle + floor - 8}q8 0 8-8L${LEFT + top} ${rim}`}
      />
      <path
        className="ink-line"
        strokeWidth="8"
        strokeLinecap="round"
        d={`M${LEFT - 22} ${rim + 18}h18M${LEFT + top + 4} ${rim + 18}h18`}
      />
      <Stack stack={stack} x={stackX} />
    </svg>
  );
}

/** What goes in, beside the vessel: each as high as it stands in it. */
function Stack({ stack, x }: { readonly stack: ReturnType<typeof stackOf>; readonly x: number }) {
  return (
    <>
      {stack.map(({ id, y, height, role, name }) => (
        <rect
          key={id}
          x={x}
          y={y}
          width="64"
          height={height}
          fill={fillOf(role === 'liquid' ? 'broth' : 'solids', true)}
          stroke={edgeOf(role === 'liquid' ? 'broth' : 'solids')}
        >
          <title>{name}</title>
        </rect>
      ))}
      {stack.length > 0 && <path className="ink-line" strokeWidth="2.5" d={`M${x - 3} ${FOOT + 1}h70`} />}
    </>
  );
}
