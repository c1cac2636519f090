import { useState } from 'react';
import { writeMass } from '@/core/quantity/index.ts';
import type { Strands } from '@/core/ledger/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useDrawnSize } from '../useDrawnSize.ts';
import { edgeOf, fillOf } from '../materials.ts';
import { layStrands } from './layout.ts';
import type { Band, Box } from './ribbon.ts';
import { partWords } from './words.ts';
import css from './strands.module.scss';

/** Until the page has been measured, px. */
const USUAL = { width: 404, height: 720 };

/** The two ribbons, to one scale. Pointing at a part, or tabbing to it, gives its figures. */
export default function Ribbons({ strands }: { readonly strands: Strands }) {
  const { opened, units } = useOpenMeal();
  const { batchReckoning, reckoning } = useFigures();
  const [pointed, setPointed] = useState<Band>();
  const [drawing, setDrawing] = useState<SVGSVGElement | null>(null);
  const { height } = useDrawnSize(drawing, USUAL);
  const { meal } = reckoning;
  const { shredG } = batchReckoning.meat;
  const layout = layStrands(
    strands,
    // A millilitre of the need is drawn as a gram: broth is within a hundredth of it.
    { meatG: batchReckoning.need.meatG, liquidG: batchReckoning.need.liquidMl },
    {
      ...(shredG.p10 !== undefined && { p10: shredG.p10 }),
      ...(shredG.p90 !== undefined && { p90: shredG.p90 }),
    },
    height,
    (dish) => opened.plan.tickets.find(({ id }) => id === dish)?.name ?? 'a dish',
  );
  const { need, board, jug } = layout;
  const nothing = strands.raw.grams === 0 && strands.pour.grams === 0;
  return (
    <>
      <svg
        className={css.ribbons}
        ref={setDrawing}
        viewBox={`0 0 404 ${height}`}
        role="group"
        aria-label="The strands, to scale"
      >
        {meal.needG > 0 && (
          <g className={css.need} aria-hidden="true">
            <Outline box={need.meat} />
            <Outline box={need.liquid} />
            <text x={need.meat.x + need.meat.w / 2} y={need.meat.y - 6} textAnchor="middle">
              need
            </text>
          </g>
        )}
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
            {layout.plates.map((plate) => (
              <path
                key={plate.x}
                className="ink-line"
                strokeWidth="2"
                d={`M${plate.x} ${plate.y}h${plate.w}`}
              />
            ))}
            {layout.shelf.map((box) => (
              <rect
                key={box.x}
                className="ink-line"
                x={box.x}
                y={box.y}
                width={box.w}
                height={box.h}
                rx="3"
                strokeWidth="1.8"
              />
            ))}
            {layout.labels.map(({ id, x, y, anchor, words, grams }) => (
              <text key={id} x={x} y={y} textAnchor={anchor}>
                {words}{' '}
                <tspan className="num" data-flow={id}>
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

function Outline({ box }: { readonly box: Box }) {
  return <rect x={box.x} y={box.y} width={Math.max(2, box.w)} height={box.h} />;
}
