import { useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { writeMass } from '@/core/quantity/index.ts';
import { strandParts, type StrandPart, type StrandPartName, type Strands } from '@/core/ledger/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { pictureOf } from '../../browser/pictureOf.ts';
import { saveFile } from '../../browser/saveText.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './strands.module.scss';

/** In the order of the work; what goes onto the plates is told dish by dish elsewhere. */
const rows = (Object.keys(strandParts) as StrandPartName[]).filter(
  (name) => name !== 'served' && name !== 'ladled',
);

/** The strands as a table: planned beside weighed. */
export default function StrandsTable({
  strands,
  onClose,
}: {
  readonly strands: Strands;
  readonly onClose: () => void;
}) {
  const { units, loaded, batch } = useOpenMeal();
  const set = (grams: number) => {
    const { value, unit } = writeMass(grams, units);
    return `${value} ${unit}`;
  };
  const [failed, setFailed] = useState<string>();
  const save = async () => {
    const drawing = document.querySelector<SVGSVGElement>('svg[data-strands]');
    if (!drawing) return;
    try {
      const patterns = [...document.querySelectorAll('svg.patterns defs')];
      saveFile(`${loaded.meal.name}, ${batch.name}.png`, await pictureOf(drawing, patterns));
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    }
  };
  const shown = rows
    .map((name) => [name, strands[name]] as const)
    .filter(([, part]) => part.grams + part.planned > 0);
  return (
    <Modal show centered scrollable onHide={onClose} aria-labelledby="strands-title">
      <Modal.Header closeButton>
        <Modal.Title id="strands-title" as="h2">
          The strands as a table
        </Modal.Title>
      </Modal.Header>
      <Modal.Body tabIndex={0}>
        <table className={css.ledgerTable}>
          <thead>
            <tr>
              <th scope="col">of this batch</th>
              <th scope="col">planned</th>
              <th scope="col">now</th>
            </tr>
          </thead>
          <tbody>
            {shown.map(([name, part]: readonly [StrandPartName, StrandPart]) => (
              <tr key={name}>
                <th scope="row">{strandParts[name].words}</th>
                <td>{set(part.planned)}</td>
                <td data-flow={name} data-figure={set(part.grams)}>
                  {part.weighed ? <b>{set(part.grams)} weighed</b> : set(part.grams)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className={css.asPicture}>
          <button type="button" className="btn act" onClick={() => void save()}>
            Save as a picture
          </button>
        </p>
        {failed !== undefined && <FieldError>It could not be drawn ({failed}).</FieldError>}
      </Modal.Body>
    </Modal>
  );
}
