import Modal from 'react-bootstrap/Modal';
import { BIN_DAYS } from '@/store/bin.ts';
import type { Going } from '@/store/meals.ts';
import { goingWords } from '@/words/index.ts';

export interface AskedToDelete {
  readonly id: string;
  readonly name: string;
  readonly going: Going;
}

interface Props {
  readonly asked: AskedToDelete;
  readonly onDelete: () => void;
  readonly onLeave: () => void;
}

/** A meal that was cooked is not taken away at one tap: what would go with it is said first. */
export default function AskDelete({ asked: { name, going }, onDelete, onLeave }: Props) {
  return (
    <Modal show centered onHide={onLeave} aria-labelledby="delete-title">
      <Modal.Header closeButton>
        <Modal.Title id="delete-title" as="h2">
          Delete “{name}”?
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>
          {goingWords(going)} It lies in the bin below the meals for {BIN_DAYS} days and can be put back from
          there.
        </p>
        <button type="button" className="btn act is-first" onClick={onLeave}>
          Keep it
        </button>{' '}
        <button type="button" className="btn act" onClick={onDelete}>
          Delete it
        </button>
      </Modal.Body>
    </Modal>
  );
}
