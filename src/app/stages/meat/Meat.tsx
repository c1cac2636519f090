import clsx from 'clsx';
import { useState } from 'react';
import { writeMass } from '@/core/quantity/index.ts';
import { problemWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { addLot, editBatch } from '../../open/edits/index.ts';
import { isBlank } from '../../open/useExample.ts';
import { useNarrow } from '../../browser/useNarrow.ts';
import { lotScale } from '../../figures/LotCutApart.tsx';
import { Towers } from '../../figures/Towers.tsx';
import { useDrawnSize } from '../../figures/useDrawnSize.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { Enough } from '../../parts/Enough.tsx';
import { Cautions } from '../../parts/Cautions.tsx';
import { PlatesWanted } from '../../parts/PlatesWanted.tsx';
import { pickings, sizes, trims } from '../../parts/choices.ts';
import { FirstRun } from './FirstRun.tsx';
import { CutList } from './CutList.tsx';
import { LotRow } from './LotRow.tsx';
import { FromLog } from '../../parts/FromLog.tsx';
import { MeatPanels } from './MeatPanels.tsx';
import css from './meat.module.scss';

/** Until the page has been measured, px; and what stands right of a drawing. */
const USUAL = { width: 780, height: 300 };
const SHRED = 200;
/** A drawing is no wider than the eye follows, px. */
const WIDEST = 860;
/** More lots than this scroll in a list of their own, so that the answer stays in sight. */
const MANY = 6;

/** What was bought, and what it becomes: three entries here give the whole answer. */
export default function Meat() {
  const open = useOpenMeal();
  const { batch, units, loaded } = open;
  const { batchReckoning, reckoning } = useFigures();
  const blank = isBlank(open);
  const { lots, meat } = batchReckoning;
  const { value, unit } = writeMass(meat.rawG.mid, units);
  const narrow = useNarrow();
  const [list, setList] = useState<HTMLElement | null>(null);
  const { width } = useDrawnSize(narrow ? null : list, USUAL);
  const drawing = Math.max(300, Math.min(WIDEST, width - SHRED));
  const scale = lotScale(lots, drawing);
  // The first of each lot is said in its row.
  const wrong = new Map(
    reckoning.problems
      .flatMap((found) =>
        found.lot === undefined || found.guest ? [] : [[found.lot, problemWords(found)] as const],
      )
      .reverse(),
  );
  return (
    <>
      <div className="line">
        <h1>{lots.length > 0 ? 'What the lots become' : 'What did you buy?'}</h1>
        <p className="quiet">
          {lots.length > 0 && (
            <>
              <b className="num" data-flow="raw">{`${value} ${unit}`}</b> in{' '}
              {lots.length === 1 ? 'one lot' : `${lots.length} lots`} ·{' '}
            </>
          )}
          <button
            type="button"
            className="link"
            onClick={() => {
              addLot(batch.id);
            }}
          >
            Add a lot
          </button>
        </p>
      </div>
      {lots.length === 0 && (
        <p className="nothing">
          Write a weight and a cut, and how many plates they are for. The rest is filled in with the usual and
          can be changed.
        </p>
      )}
      <CutList own={loaded.kitchen.cuts} />
      <ul ref={setList} className={batch.lots.length > MANY ? clsx(css.lots, css.isMany) : css.lots}>
        {batch.lots.map((lot, i) => (
          <LotRow
            key={lot.id}
            lot={lot}
            figures={lots.find((known) => known.lot === lot.id)}
            scale={scale}
            width={drawing}
            first={i === 0}
            bare={narrow}
            batchId={batch.id}
            units={units}
            own={loaded.kitchen.cuts}
            problem={wrong.get(lot.id)}
          />
        ))}
      </ul>
      {narrow && lots.length > 0 && <Towers lots={lots} units={units} />}
      <Problems batch={batch.id} />
      {lots.length > 0 && (
        <div className="choices">
          <Choice
            legend="Trim"
            value={batch.trim}
            options={trims}
            onChoose={(trim) => {
              editBatch(batch.id, 'how it is trimmed', (b) => ({ ...b, trim }));
            }}
          />
          <Choice
            legend="Pick out"
            value={batch.picking}
            options={pickings}
            onChoose={(picking) => {
              editBatch(batch.id, 'what is picked out', (b) => ({ ...b, picking }));
            }}
          />
          <Choice
            legend="Cut into"
            value={batch.size}
            options={sizes}
            onChoose={(size) => {
              editBatch(batch.id, 'the size of the pieces', (b) => ({ ...b, size }));
            }}
          />
        </div>
      )}
      <PlatesWanted />
      {blank && <FirstRun />}
      <Enough />
      <FromLog what="y" />
      {batch.lots.some(({ cut }) => cut !== '') && <MeatPanels />}
      {!blank && <Cautions at={{ sheet: 'meat' }} />}
    </>
  );
}
