import Modal from 'react-bootstrap/Modal';

interface Props {
  readonly name: string;
  readonly onReplace: () => void;
  readonly onLeave: () => void;
}

/** A file whose meal is here already: nothing is replaced unasked. */
export function AskReplace({ name, onReplace, onLeave }: Props) {
  return (
    <Modal show centered onHide={onLeave} aria-labelledby="replace-title">
      <Modal.Header closeButton>
        <Modal.Title id="replace-title" as="h2">
          “{name}” is here already
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>The file holds a meal that is kept here. Replacing it can be undone.</p>
        <button type="button" className="btn act is-first" onClick={onReplace}>
          Replace it
        </button>{' '}
        <button type="button" className="btn act" onClick={onLeave}>
          Leave it as it is
        </button>
      </Modal.Body>
    </Modal>
  );
}
