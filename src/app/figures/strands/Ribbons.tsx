import { useState } from 'react';
import type { Strands } from '@/core/ledger/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useDrawnSize } from '../useDrawnSize.ts';
import { edgeOf, fillOf } from '../materials.ts';
import { layStrands } from './layout.ts';
import { MealBars } from './MealBars.tsx';
import type { Band } from './ribbon.ts';
import { Things } from './Things.tsx';
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
        {nothing ? null : <Things layout={layout} size={size} />}
      </svg>
      {pointed && (
        <p className={css.pointed} role="status">
          {partWords(pointed, units)}
        </p>
      )}
    </>
  );
}
