import Modal from 'react-bootstrap/Modal';
import type { Compared, MealFile } from '@/core/meal/index.ts';
import { dishName } from '@/core/order/index.ts';
import { copyWords } from '@/words/index.ts';

interface Props {
  readonly file: MealFile;
  readonly copies: Compared;
  readonly onTogether: (both: NonNullable<Compared['together']>) => void;
  readonly onReplace: () => void;
  readonly onLeave: () => void;
}

/** A file whose meal is here already: how the two differ, and what can be done; nothing is done unasked. */
export function AskReplace({ file, copies, onTogether, onReplace, onLeave }: Props) {
  const { together, apart, changed, both, readings, things, taken } = copies;
  const brings = readings.there + things.there + taken + changed.there.length > 0;
  const isSame = !brings && apart.length + changed.here.length === 0 && readings.here + things.here === 0;
  const nameOf = ({ what, id }: Compared['apart'][number]) => {
    const dish = file.meal.dishes.find((one) => one.id === id);
    const pot = file.batches.find((one) => one.id === id);
    return what === 'meal' ? 'the meal itself' : dish ? dishName(dish) : (pot?.name ?? what);
  };
  return (
    <Modal show centered onHide={onLeave} aria-labelledby="replace-title">
      <Modal.Header closeButton>
        <Modal.Title id="replace-title" as="h2">
          “{file.meal.name}” is here already
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>The file holds a copy of a meal that is kept here. {copyWords(copies, nameOf).join(' ')}</p>
        {!isSame && <p className="quiet">Whatever is done can be undone in one.</p>}
        {both > 0 && together && (
          <p className="quiet">
            Put together, each of these holds what either says until you choose, one at a time.
          </p>
        )}
        {!together && brings && (
          <p className="quiet">
            They can be put together once both say the same there: change it here, and bring the file in
            again.
          </p>
        )}
        <div className="choices">
          {together && (brings || apart.length > 0) && (
            <button type="button" className="btn act is-first" onClick={() => onTogether(together)}>
              Put them together
            </button>
          )}
          {!isSame && (
            <button type="button" className="btn act" onClick={onReplace}>
              Replace it
            </button>
          )}
          <button type="button" className="btn act" onClick={onLeave}>
            Leave it as it is
          </button>
        </div>
      </Modal.Body>
    </Modal>
  );
}
