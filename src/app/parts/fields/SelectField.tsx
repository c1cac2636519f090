import { useId, type ReactNode } from 'react';

interface Props {
  readonly label: string;
  readonly hidden?: boolean;
  readonly value: string;
  /** The options, as <option> and <optgroup>. */
  readonly children: ReactNode;
  readonly onChoose: (value: string) => void;
  /** Called when it is gone to, by key or by pointer, before it opens. */
  readonly onNear?: () => void;
}

/** One of many. */
export function SelectField({ label, hidden = false, value, children, onChoose, onNear }: Props) {
  const id = useId();
  return (
    <span className="field">
      <label htmlFor={id} className={hidden ? 'visually-hidden' : undefined}>
        {label}
      </label>
      <select
        id={id}
        className="write"
        value={value}
        onFocus={onNear}
        onPointerEnter={onNear}
        onChange={(event) => {
          onChoose(event.target.value);
        }}
      >
        {children}
      </select>
    </span>
  );
}
