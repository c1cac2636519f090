import { useEffect, useRef } from 'react';
import css from './task.module.scss';

interface Props {
  readonly words: string;
  readonly onYes: () => void;
  readonly onNo: () => void;
}

/** A weighing that can hardly be: asked about once, then believed. */
export function Doubted({ words, onYes, onNo }: Props) {
  const box = useRef<HTMLDivElement>(null);
  // Not onto a button: the Enter that brought the question would answer it.
  useEffect(() => box.current?.focus(), []);
  return (
    <div ref={box} className={css.doubt} role="alertdialog" aria-label="Is that right?" tabIndex={-1}>
      <p>{words}</p>
      <button type="button" className="btn act is-first" onClick={onYes}>
        Yes, it is
      </button>
      <button type="button" className="btn act" onClick={onNo}>
        No, again
      </button>
    </div>
  );
}
