import type { LotReckoning } from '@/core/reckoning/index.ts';
import { sameKept } from '@/core/meal/index.ts';
import { X } from 'lucide-react';
import { lazy, memo, Suspense, useState } from 'react';
import type { Lot, OwnCut } from '@/core/meal/index.ts';

import { typedMass, type UnitChoice, writeMass } from '@/core/quantity/index.ts';
import { editLot, removeLot } from '../../open/edits/index.ts';
import { massUnits } from '../../open/useSettings.ts';
import { LotCutApart, lotEnd } from '../../figures/LotCutApart.tsx';
import { DragSize } from '../../parts/fields/DragSize.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { CutField } from './CutField.tsx';
import { lotWords } from '@/words/index.ts';
import css from './meat.module.scss';

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
  /** What it becomes is drawn elsewhere. */
  readonly bare: boolean;
  readonly batchId: string;
  readonly units: UnitChoice;
  readonly own: readonly OwnCut[];
  /** What is wrong with it, in one sentence. */
  readonly problem: string | undefined;
}

/**
 * One lot: what was bought, and the drawing of what it becomes. It is drawn again only when it says
 * something else: of two hundred lots a keystroke changes one.
 */
export const LotRow = memo(function LotRow(props: Props) {
  const { lot, figures, scale, width, first, bare, batchId, units, own, problem } = props;
  const [open, setOpen] = useState(false);
  const [isNew] = useState(lot.weight.text === '');
  const empty = lot.weight.text === '' && lot.cut === '';
  return (
    <li className={css.lot}>
      <div className={css.lotSaid}>
        <QuantityField
          label="Weight"
          hidden={!first}
          quantity={lot.weight}
          measure="mass"
          units={massUnits(units)}
          placeholder={units.system === 'metric' ? '2.4 kg' : '5 lb 4 oz'}
          autoFocus={isNew && first}
          problem={problem}
          onChange={(weight) => {
            editLot(batchId, lot.id, 'the weight of a lot', { weight }, `${lot.id} weight`);
          }}
        />
        <CutField lot={lot} batchId={batchId} own={own} hidden={!first} />
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
        {!open && <span className="quiet">{lotWords(lot)}</span>}
        {!empty && (
          <button
            type="button"
            className="link quiet"
            aria-label={`Remove ${figures?.name ?? 'this lot'}`}
            onClick={() => {
              removeLot(batchId, lot.id);
            }}
          >
            <X size={16} aria-hidden />
          </button>
        )}
      </div>
      {figures && !bare && <Becomes {...{ lot, figures, scale, width, batchId, units }} />}
      {open && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <LotDetails lot={lot} figures={figures} />
        </Suspense>
      )}
    </li>
  );
}, sameKept);

interface BecomesProps extends Pick<Props, 'lot' | 'scale' | 'width' | 'batchId' | 'units'> {
  readonly figures: LotReckoning;
}

/** The drawing of what it becomes, pulled at its edge, and its shred. */
function Becomes({ lot, figures, scale, width, batchId, units }: BecomesProps) {
  const shred = writeMass(figures.shredG, units);
  // A range, or so many pieces, is not pulled about.
  const exact =
    lot.weight.lo !== undefined && lot.weight.lo === lot.weight.hi && lot.weight.count === undefined;
  return (
    <div className={css.lotShown}>
      <span className={css.lotDrawn}>
        <LotCutApart lot={figures} scale={scale} width={width} units={units} />
        {exact && (
          <DragSize
            label={`How much ${figures.name}`}
            value={figures.rawG}
            words={lot.weight.text}
            max={MOST}
            step={STEP}
            at={lotEnd(figures, scale) / width}
            across={width / scale}
            onDrag={(grams) => {
              editLot(
                batchId,
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
        <span className="value" data-flow={`shred ${lot.id}`}>
          {shred.value}
          <span className="unit">{` ${shred.unit}`}</span>
        </span>
        <span className="range">shred{figures.estimates.length > 0 && ', partly estimated'}</span>
      </span>
    </div>
  );
}
