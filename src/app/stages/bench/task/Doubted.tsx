import { useEffect, useRef } from 'react';
import css from './task.module.scss';

interface Props {
  readonly words: string;
  readonly onYes: () => void;
  readonly onNo: () => void;
  /** There is less than was likely: another bowl may follow. */
  readonly onMore: (() => void) | undefined;
}

/** A weighing that can hardly be: asked about once, then believed. */
export function Doubted({ words, onYes, onNo, onMore }: Props) {
  const box = useRef<HTMLDivElement>(null);
  // Not onto a button: the Enter that brought the question would answer it.
  useEffect(() => box.current?.focus(), []);
  return (
    <div ref={box} className={css.doubt} role="alertdialog" aria-label="Is that right?" tabIndex={-1}>
      <p>{words}</p>
      <button type="button" className="btn act is-first" onClick={onYes}>
        Yes, it is
      </button>
      {onMore && (
        <button type="button" className="btn act" onClick={onMore}>
          More is to come
        </button>
      )}
      <button type="button" className="btn act" onClick={onNo}>
        No, again
      </button>
    </div>
  );
}
