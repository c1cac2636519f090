import { useState } from 'react';
import type { Strands } from '@/core/ledger/index.ts';
import { edgeOf, fillOf } from '../materials.ts';
import { useDrawnSize } from '../useDrawnSize.ts';
import { lyingBands } from './lying.ts';
import css from './strip.module.scss';

/** Until the page has been measured, px. */
const USUAL = { width: 390, height: 26 };

/** The strands on their side: only a picture, the stations beside them say what it means. */
export default function Lying({ strands }: { readonly strands: Strands }) {
  const [drawing, setDrawing] = useState<SVGSVGElement | null>(null);
  const size = useDrawnSize(drawing, USUAL);
  return (
    <svg
      className={css.lying}
      ref={setDrawing}
      viewBox={`0 0 ${size.width} ${size.height}`}
      aria-hidden="true"
    >
      {lyingBands(strands, size).map(({ id, material, path, weighed }) => (
        <path key={id} d={path} fill={fillOf(material, weighed)} stroke={edgeOf(material)} />
      ))}
    </svg>
  );
}
