import type { ReactNode } from 'react';
import css from './fields.module.scss';

interface Props {
  readonly checked: boolean;
  /** The label is read out but not shown. */
  readonly hidden?: boolean;
  readonly children: ReactNode;
  readonly onTick: (ticked: boolean) => void;
}

/** A box to tick. */
export function Checkbox({ checked, hidden = false, children, onTick }: Props) {
  return (
    <label className={css.tick}>
      <input
        type="checkbox"
        checked={checked}
        onChange={({ target }) => {
          onTick(target.checked);
        }}
      />
      <span className={hidden ? 'visually-hidden' : undefined}>{children}</span>
    </label>
  );
}
