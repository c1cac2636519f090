import { useState } from 'react';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import type { Strands } from '@/core/ledger/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useDrawnSize } from '../useDrawnSize.ts';
import { edgeOf, fillOf } from '../materials.ts';
import { layStrands } from './layout.ts';
import type { Size } from './measure.ts';
import { MealBars } from './MealBars.tsx';
import type { Band } from './ribbon.ts';
import { atRow } from './rows.ts';
import { partWords } from './words.ts';
import css from './strands.module.scss';

/** Until the page has been measured, px. */
const USUAL = { width: 404, height: 704 };

/** The two ribbons of a pot, to one scale, between the bars of the meal. Pointing at a part, or tabbing to it, gives its figures. */
export default function Ribbons({ strands }: { readonly strands: Strands }) {
  const { units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const [pointed, setPointed] = useState<Band>();
  const [drawing, setDrawing] = useState<SVGSVGElement | null>(null);
  const size = useDrawnSize(drawing, USUAL);
  const { shredG } = batchReckoning.meat;
  const layout = layStrands(
    strands,
    {
      ...(shredG.p10 !== undefined && { p10: shredG.p10 }),
      ...(shredG.p90 !== undefined && { p90: shredG.p90 }),
    },
    size,
  );
  const { board, jug } = layout;
  const nothing = strands.raw.grams === 0 && strands.pour.grams === 0;
  return (
    <>
      <svg
        className={css.ribbons}
        ref={setDrawing}
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="group"
        aria-label="The strands, to scale"
        data-strands
      >
        <MealBars {...size} ends={layout.ends} />
        {layout.bands.map((band) => (
          <path
            key={band.id}
            className={css.band}
            d={band.path}
            fill={fillOf(band.material, band.part.weighed)}
            stroke={edgeOf(band.material)}
            tabIndex={0}
            role="img"
            aria-label={partWords(band, units)}
            onPointerEnter={() => {
              setPointed(band);
            }}
            onPointerLeave={() => {
              setPointed(undefined);
            }}
            onFocus={() => {
              setPointed(band);
            }}
            onBlur={() => {
              setPointed(undefined);
            }}
          />
        ))}
        {layout.soft !== undefined && <path className={css.soft} d={layout.soft} aria-hidden="true" />}
        {nothing ? null : (
          <g aria-hidden="true">
            <rect
              className="ink-line"
              x={board.x}
              y={board.y}
              width={board.w}
              height={board.h}
              rx="5"
              strokeWidth="1.8"
            />
            <rect
              x={board.x + 6}
              y={board.y + 5}
              width={Math.max(0, board.w - 12)}
              height={board.h - 10}
              rx="3"
              fill="url(#meat)"
            />
            {jug.w > 14 && (
              <path
                fill="url(#broth)"
                stroke="var(--ink)"
                strokeWidth="1.8"
                d={`M${jug.x - 5} ${jug.y}H${jug.x + jug.w + 5}L${jug.x + jug.w} ${jug.y + jug.h}H${jug.x}Z`}
              />
            )}
            {layout.shelf.map((tub) => (
              <g key={tub.material}>
                {tub.filled && (
                  <rect
                    x={tub.x + 5}
                    y={tub.y - 14}
                    width={Math.max(1, tub.w - 10)}
                    height={14}
                    fill={fillOf(tub.material, false)}
                    stroke={edgeOf(tub.material)}
                  />
                )}
                <rect
                  className="ink-line"
                  x={tub.x}
                  y={tub.y}
                  width={tub.w}
                  height={tub.h}
                  rx="3"
                  strokeWidth="1.8"
                />
              </g>
            ))}
            <KeptWords {...size} />
            {layout.labels.map(({ id, x, y, anchor, words, grams }) => (
              <text key={id} x={x} y={y} textAnchor={anchor}>
                <tspan>{words}</tspan>{' '}
                <tspan className="num" x={x} dy="14" data-flow={id}>
                  {short(writeMass(grams, units))}
                </tspan>
              </text>
            ))}
          </g>
        )}
      </svg>
      {pointed && (
        <p className={css.pointed} role="status">
          {partWords(pointed, units)}
        </p>
      )}
    </>
  );
}

const short = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;

/** Under the tubs: what is kept of this pot, and of the others. */
function KeptWords({ width, height }: Size) {
  const { units } = useOpenMeal();
  const { reckoning, batchReckoning } = useFigures();
  const mine = batchReckoning.kept.liquidMl;
  const others = reckoning.kept.ml - mine;
  if (mine + others <= 0) return null;
  return (
    <text x={width - 8} y={atRow('keep', 0.82, height)} textAnchor="end">
      {others > 0 && `others ${short(writeVolume(others, units))}, `}
      <tspan className="num">{short(writeVolume(mine, units))}</tspan> of this pot
    </text>
  );
}
