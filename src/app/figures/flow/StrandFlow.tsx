import { useState } from 'react';
import { type Outcome, type StrandBar, strandBars } from '@/core/log/index.ts';
import { useSaid } from '../../open/useSaid.ts';
import { edgeOf, fillOf } from '../materials.ts';
import { useDrawnSize } from '../useDrawnSize.ts';
import { type FlowEnd, layFlow } from './flowLayout.ts';
import { shortPart } from './shortPart.ts';
import css from './flow.module.scss';

type Props = Pick<Outcome, 'strands' | 'liquidMl'>;

/** Until the page has been measured, px. */
const USUAL = { width: 590, height: 364 };
/** A difference smaller than this is not said, g. */
const SAME = 5;
/** What the work was for. */
const goals: ReadonlySet<StrandBar['part']> = new Set(['shred', 'liquid']);

/** How a batch flowed, to one scale: filled as it came, outlined as foretold; juice and fat fall into the liquid. */
export function StrandFlow({ strands, liquidMl }: Props) {
  const bars = strandBars(strands);
  const said = useSaid();
  const [svg, setSvg] = useState<SVGSVGElement | null>(null);
  const { width } = useDrawnSize(svg, USUAL);
  const { rows, board, liquid, meat, carried, poured, rest, height } = layFlow(bars, width);
  const words = [...bars.meat, ...bars.liquid]
    .map(({ words: what, plannedG, nowG }) => `${what} ${said.mass(nowG)}, expected ${said.mass(plannedG)}`)
    .join('; ');
  const figure = ({ part, nowG }: StrandBar) =>
    part === 'liquid' ? said.volume(liquidMl.now) : said.mass(nowG);
  const end = (one: FlowEnd, y: number, below: boolean) => {
    const off = one.bar.nowG - one.bar.plannedG;
    const at = below ? y + rows.endHigh + 17 : y - 40;
    return (
      <g key={one.bar.part}>
        <rect
          className={css.planned}
          x={one.x}
          y={y}
          width={Math.max(1, one.plannedW)}
          height={rows.endHigh}
        />
        {goals.has(one.bar.part) && (
          <path
            className={css.board}
            d={`M${String(one.x - 1)} ${String(y + rows.endHigh + 1)}h${String(Math.max(one.w, one.plannedW) + 2)}`}
          />
        )}
        <text x={one.x} y={at} className={css.quiet}>
          {shortPart(one.bar)}
        </text>
        <text x={one.x} y={at + 17} className={css.figure}>
          {figure(one.bar)}
        </text>
        {Math.abs(off) >= SAME && (
          <text x={one.x} y={at + 33} className={css.off}>
            {off > 0 ? '+' : '−'}
            {said.mass(Math.abs(off))}
          </text>
        )}
      </g>
    );
  };
  return (
    <div className={css.flow}>
      <svg ref={setSvg} viewBox={`0 0 ${String(width)} ${String(height)}`} role="img" aria-label={words}>
        {[...meat, ...carried, ...poured, ...rest].map(({ bar, path }) => (
          <path
            key={bar.part}
            d={path}
            fill={fillOf(bar.material, bar.weighed)}
            stroke={edgeOf(bar.material)}
          />
        ))}
        <rect
          className="ink-line"
          x={board.x - 5}
          y={rows.board - 5}
          width={board.w + 10}
          height={rows.boardHigh + 8}
          rx="5"
          strokeWidth="1.8"
        />
        <rect
          x={board.x}
          y={rows.board}
          width={board.w}
          height={rows.boardHigh - 2}
          rx="2"
          fill="url(#meat)"
        />
        {liquid && (
          <rect
            x={liquid.x}
            y={rows.liquid}
            width={liquid.w}
            height={rows.liquidHigh}
            fill="url(#broth)"
            stroke={edgeOf('broth')}
          />
        )}
        {meat.map((one) => end(one, rows.meat, true))}
        {carried.map((one) => (
          <Carried
            key={one.bar.part}
            end={one}
            y={rows.meat + rows.endHigh}
            figure={said.mass(one.bar.nowG)}
          />
        ))}
        {poured.map((one) => end(one, rows.pour, false))}
        {rest.map((one) => end(one, rows.rest, true))}
      </svg>
    </div>
  );
}

/** A ribbon this wide has room for its words, px. */
const ROOM = 44;

/** What falls into the liquid, with its words where the ribbon has room for them. */
function Carried({
  end: { bar, x, w },
  y,
  figure,
}: {
  readonly end: FlowEnd;
  readonly y: number;
  readonly figure: string;
}) {
  if (w < ROOM) return null;
  return (
    <g textAnchor="middle">
      <text x={x + w / 2} y={y - 6}>
        {shortPart(bar)}
      </text>
      <text x={x + w / 2} y={y + 12} className={css.figure}>
        {figure}
      </text>
    </g>
  );
}
