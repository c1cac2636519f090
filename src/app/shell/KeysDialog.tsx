import Modal from 'react-bootstrap/Modal';
import css from './shell.module.scss';

const keys = [
  ['[ and ]', 'the station before, the station after'],
  ['w', 'weigh: to the first weight of the sheet'],
  ['k', 'fork test: go to the clock'],
  ['1 to 5', 'where the fork is asked: what it says'],
  ['t and n', 'at the bench: tare, and a note for next time'],
  ['← and →', 'at the bench: what was before, and what comes then'],
  ['u', 'undo; Shift and u does it again'],
  ['Enter', 'keep what was typed'],
  ['Esc', 'close'],
  ['?', 'this list'],
] as const;

/** The list of keys. */
export default function KeysDialog({ onClose }: { readonly onClose: () => void }) {
  return (
    <Modal show centered onHide={onClose} aria-labelledby="keys-title">
      <Modal.Header closeButton>
        <Modal.Title id="keys-title" as="h2">
          Keys
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <dl className={css.keys}>
          {keys.map(([key, words]) => (
            <div key={key}>
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{words}</dd>
            </div>
          ))}
        </dl>
      </Modal.Body>
    </Modal>
  );
}
