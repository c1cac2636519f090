import { X } from 'lucide-react';
import { useState } from 'react';
import type { Lot } from '@/core/batch/schema.ts';
import type { LotReckoning } from '@/core/reckon.ts';
import { writeMass } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editLot, removeLot } from '../data/edits.ts';
import { massUnits } from '../data/useSettings.ts';
import { LotCutApart } from '../figures/LotCutApart.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { CutSelect } from './CutSelect.tsx';

interface Props {
  readonly lot: Lot;
  readonly figures: LotReckoning | undefined;
  readonly scale: number;
  readonly width: number;
  readonly first: boolean;
}

/** One lot: what was bought, and the drawing of what it becomes. */
export function LotRow({ lot, figures, scale, width, first }: Props) {
  const { batch, units, reckoning } = useOpenMeal();
  const [isNew] = useState(lot.weight.text === '');
  const shred = figures && writeMass(figures.shredG, units);
  const empty = lot.weight.text === '' && lot.cut === '';
  const gone = reckoning.problems.find((problem) => problem.lot === lot.id);
  return (
    <li className="lot">
      <div className="lot-said">
        <QuantityField
          label="Weight"
          hidden={!first}
          quantity={lot.weight}
          measure="mass"
          units={massUnits(units)}
          placeholder={units.system === 'metric' ? '2.4 kg' : '5 lb 4 oz'}
          autoFocus={isNew && first}
          problem={gone?.words}
          onChange={(weight) => {
            editLot(batch.id, lot.id, 'the weight of a lot', { weight }, `${lot.id} weight`);
          }}
        />
        <CutSelect lot={lot} hidden={!first} />
        {!empty && (
          <button
            type="button"
            className="link quiet"
            aria-label={`Take out ${figures?.name ?? 'this lot'}`}
            onClick={() => {
              removeLot(batch.id, lot.id);
            }}
          >
            <X size={16} aria-hidden />
          </button>
        )}
      </div>
      {figures && shred && (
        <div className="lot-shown">
          <LotCutApart lot={figures} scale={scale} width={width} units={units} />
          <span className="figure is-big">
            <span className="value">
              {shred.value}
              <span className="unit">{` ${shred.unit}`}</span>
            </span>
            <span className="range">shred</span>
          </span>
        </div>
      )}
    </li>
  );
}
