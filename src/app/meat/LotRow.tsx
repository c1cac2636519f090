import { X } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Lot } from '@/core/batch/schema.ts';
import type { LotReckoning } from '@/core/reckon.ts';
import { typedMass, writeMass } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editLot, removeLot } from '../data/edits.ts';
import { massUnits } from '../data/useSettings.ts';
import { LotCutApart, lotEnd } from '../figures/LotCutApart.tsx';
import { DragSize } from '../parts/DragSize.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { CutSelect } from './CutSelect.tsx';

const LotDetails = lazy(() => import('./LotDetails.tsx'));
/** A drag or a key moves a weight by this, g; and no further than a pot can braise. */
const STEP = 50;
const MOST = 150_000;

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
  const [open, setOpen] = useState(false);
  const [isNew] = useState(lot.weight.text === '');
  const shred = figures && writeMass(figures.shredG, units);
  const empty = lot.weight.text === '' && lot.cut === '';
  // A range, or so many pieces, is not pulled about.
  const exact =
    lot.weight.lo !== undefined && lot.weight.lo === lot.weight.hi && lot.weight.count === undefined;
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
        {lot.cut !== '' && (
          <button
            type="button"
            className="link quiet"
            aria-expanded={open}
            onClick={() => {
              setOpen(!open);
            }}
          >
            {open ? 'less' : 'more'}
            <span className="visually-hidden"> of {figures?.name ?? 'this lot'}</span>
          </button>
        )}
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
          <span className="lot-drawn">
            <LotCutApart lot={figures} scale={scale} width={width} units={units} />
            {exact && (
              <DragSize
                label={`Weight of ${figures.name}`}
                value={figures.rawG}
                words={lot.weight.text}
                max={MOST}
                step={STEP}
                perPx={1 / scale}
                left={lotEnd(figures, scale)}
                onDrag={(grams) => {
                  editLot(
                    batch.id,
                    lot.id,
                    'the weight of a lot',
                    { weight: typedMass(grams, units) },
                    `${lot.id} weight`,
                  );
                }}
              />
            )}
          </span>
          <span className="figure is-big">
            <span className="value">
              {shred.value}
              <span className="unit">{` ${shred.unit}`}</span>
            </span>
            <span className="range">shred{figures.estimates.length > 0 && ', partly estimated'}</span>
          </span>
        </div>
      )}
      {open && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <LotDetails lot={lot} figures={figures} />
        </Suspense>
      )}
    </li>
  );
}
