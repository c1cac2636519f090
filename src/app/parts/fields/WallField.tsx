import { useId } from 'react';

interface Props {
  readonly label: string;
  /** A day with its time, or a time of day alone. */
  readonly type: 'datetime-local' | 'time';
  /** "2026-12-05T18:00" or "18:00"; empty where none is written. */
  readonly value: string;
  readonly onChange: (local: string) => void;
}

/** A time as a wall clock shows it, to five minutes. */
export function WallField({ label, type, value, onChange }: Props) {
  const id = useId();
  return (
    <span className="field">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        type={type}
        step={300}
        className="write num"
        value={value}
        onChange={({ target }) => {
          onChange(target.value);
        }}
      />
    </span>
  );
}
