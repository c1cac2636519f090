import { NAME_MOST } from '@/core/meal/index.ts';
import { useId } from 'react';
import { useTyped } from './useTyped.ts';

interface Props {
  readonly label: string;
  /** The label is read out but not shown. */
  readonly hidden?: boolean;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A line of words, kept as it is typed. */
export function TextField({ label, hidden, value, onChange }: Props) {
  const id = useId();
  const [text, type] = useTyped(value);
  return (
    <span className="field">
      <label htmlFor={id} className={hidden ? 'visually-hidden' : undefined}>
        {label}
      </label>
      <input
        id={id}
        className="write"
        value={text}
        maxLength={NAME_MOST}
        size={28}
        autoComplete="off"
        onChange={(event) => {
          type(event.target.value);
          onChange(event.target.value);
        }}
      />
    </span>
  );
}
