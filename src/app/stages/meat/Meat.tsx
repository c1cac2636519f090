import { writeMass } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { addLot, editBatch } from '../../open/edits/index.ts';
import { isBlank } from '../../open/useExample.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { Enough } from '../../parts/Enough.tsx';
import { Cautions } from '../../parts/Cautions.tsx';
import { PlatesWanted } from '../../parts/PlatesWanted.tsx';
import { pickings, sizes, trims } from '../../parts/choices.ts';
import { FirstRun } from './FirstRun.tsx';
import { Lots } from './Lots.tsx';
import { FromLog } from '../../parts/FromLog.tsx';
import { MeatPanels } from './MeatPanels.tsx';

/** What was bought, and what it becomes: three entries here give the whole answer. */
export default function Meat() {
  const open = useOpenMeal();
  const { batch, units } = open;
  const { batchReckoning } = useFigures();
  const blank = isBlank(open);
  const { lots, meat } = batchReckoning;
  const { value, unit } = writeMass(meat.rawG.mid, units);
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
      <Lots />
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
