import Modal from 'react-bootstrap/Modal';
import { writeMass } from '@/core/quantity/index.ts';
import type { StrandPart, Strands } from '@/core/reckoning/pictures/strands.ts';
import { useOpenMeal } from '../../data/MealContext.ts';

const rows: readonly (readonly [Exclude<keyof Strands, 'dishes'>, string])[] = [
  ['raw', 'bought'],
  ['trim', 'trimmed off'],
  ['air', 'to the air before the pot'],
  ['juice', 'juice to the liquid'],
  ['fat', 'rendered fat to the liquid'],
  ['bone', 'bone out'],
  ['pickings', 'picked out'],
  ['shred', 'shred'],
  ['pour', 'poured in'],
  ['items', 'vegetables and what else went in'],
  ['steam', 'steam'],
  ['alcohol', 'alcohol, off with the steam'],
  ['strained', 'strained out, with the liquid it holds'],
  ['skim', 'skimmed off'],
  ['liquid', 'finished liquid'],
  ['held', 'held by the shred'],
  ['keptShred', 'shred kept'],
  ['keptLiquid', 'liquid kept'],
  ['missing', 'missing'],
  ['found', 'found'],
];

/** The strands in words: planned beside weighed. */
export default function StrandsTable({
  strands,
  onClose,
}: {
  readonly strands: Strands;
  readonly onClose: () => void;
}) {
  const { units } = useOpenMeal();
  const set = (grams: number) => {
    const { value, unit } = writeMass(grams, units);
    return `${value} ${unit}`;
  };
  const shown = rows
    .map(([key, words]) => [words, strands[key]] as const)
    .filter(([, part]) => part.grams + part.planned > 0);
  return (
    <Modal show centered scrollable onHide={onClose} aria-labelledby="strands-title">
      <Modal.Header closeButton>
        <Modal.Title id="strands-title" as="h2">
          The strands in words
        </Modal.Title>
      </Modal.Header>
      <Modal.Body tabIndex={0}>
        <table className="ledger-table">
          <thead>
            <tr>
              <th scope="col">of this batch</th>
              <th scope="col">planned</th>
              <th scope="col">now</th>
            </tr>
          </thead>
          <tbody>
            {shown.map(([words, part]: readonly [string, StrandPart]) => (
              <tr key={words}>
                <th scope="row">{words}</th>
                <td>{set(part.planned)}</td>
                <td>{part.weighed ? <b>{set(part.grams)} weighed</b> : set(part.grams)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Modal.Body>
    </Modal>
  );
}
