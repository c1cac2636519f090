import type { ReactNode } from 'react';
import { useShown } from './useShown.ts';

interface Props {
  readonly checked: boolean;
  /** The label is read out but not shown. */
  readonly hidden?: boolean;
  readonly children: ReactNode;
  readonly onTick: (ticked: boolean) => void;
}

/** A box to tick. */
export function Tick({ checked, hidden = false, children, onTick }: Props) {
  const [shown, show] = useShown(checked);
  return (
    <label className="tick">
      <input
        type="checkbox"
        checked={shown}
        onChange={({ target }) => {
          show(target.checked);
          onTick(target.checked);
        }}
      />
      <span className={hidden ? 'visually-hidden' : undefined}>{children}</span>
    </label>
  );
}
