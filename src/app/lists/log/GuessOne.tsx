import { type KeyboardEvent, useState } from 'react';
import type { DishKind } from '@/core/meal/index.ts';
import { DishSection } from '../../figures/DishSection.tsx';
import { edgeOf, fillOf } from '../../figures/materials.ts';
import css from './log.module.scss';

interface Props {
  /** A plate of this kind; absent: a pot that held `from`. */
  readonly kind?: DishKind;
  readonly from?: number;
  readonly about?: string;
  readonly truth: number;
  readonly most: number;
  readonly step: number;
  readonly write: (value: number) => string;
  readonly onTold: (guess: number) => void;
  readonly onNext: () => void;
}

/** One figure to guess: what lies on a plate, or what will be left in a pot. */
export function GuessOne({ kind, from, about, truth, most, step, write, onTold, onNext }: Props) {
  const [guess, set] = useState(() => Math.round(most / 2 / step) * step);
  const [open, setOpen] = useState(false);
  const press = (event: KeyboardEvent) => {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    if (open) {
      onNext();
      return;
    }
    setOpen(true);
    onTold(guess);
  };
  return (
    <section className={css.one}>
      <figure>
        {kind ? (
          <DishSection kind={kind} meat={truth / most} smallest={0} words="A plate, its weight covered" />
        ) : (
          <svg viewBox="0 0 200 150" role="img" aria-label="A pot, its level covered">
            <rect
              x={30}
              y={150 - 8 - (110 * (open ? truth : guess)) / most}
              width={140}
              height={(110 * (open ? truth : guess)) / most}
              fill={fillOf('broth', open)}
              stroke={edgeOf('broth')}
            />
            <path className="ink-line" strokeWidth="5" d="M28 24v118h144V24M12 36h16M172 36h16" />
          </svg>
        )}
        {about !== undefined && <figcaption>{about}</figcaption>}
      </figure>
      <label className="field">
        {kind ? 'It weighs' : `Of ${write(from ?? 0)}, there will be`}
        <b className="num">{write(guess)}</b>
        <input
          type="range"
          min={0}
          max={Math.ceil(most / step) * step}
          step={step}
          value={guess}
          disabled={open}
          aria-valuetext={write(guess)}
          onChange={({ target }) => set(Number(target.value))}
          onKeyDown={press}
        />
      </label>
      <p>
        <button
          type="button"
          className="btn act is-first"
          onClick={() => {
            if (open) onNext();
            else {
              setOpen(true);
              onTold(guess);
            }
          }}
        >
          {open ? 'Next' : 'Uncover it'}
        </button>{' '}
        {open && (
          <>
            It was <b className="num">{write(truth)}</b>.
          </>
        )}
      </p>
    </section>
  );
}
