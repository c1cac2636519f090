import { useId, useState } from 'react';
import { readLength } from '@/core/quantity/index.ts';
import { useTyped } from '../parts/useTyped.ts';
import { Wrong } from '../parts/Wrong.tsx';

interface Props {
  readonly label: string;
  readonly cm: number;
  readonly onChange: (cm: number) => void;
}

/** To the millimetre. */
const shown = (cm: number) => String(Math.round(cm * 10) / 10);

/** An inner length of a vessel: written in cm or inches, shown in cm. */
export function LengthField({ label, cm, onChange }: Props) {
  const id = useId();
  const stored = shown(cm);
  const [text, type] = useTyped(stored);
  const [focused, setFocused] = useState(false);
  const reading = readLength(text);
  const fault = reading.ok || focused ? undefined : reading.error;
  return (
    <span className="field">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className="write num"
        size={5}
        value={text}
        autoComplete="off"
        aria-invalid={fault !== undefined}
        aria-describedby={fault === undefined ? undefined : `${id}-wrong`}
        onFocus={() => {
          setFocused(true);
        }}
        onBlur={() => {
          setFocused(false);
        }}
        onChange={(event) => {
          const now = readLength(event.target.value);
          type(event.target.value, now.ok ? shown(now.cm) : stored);
          if (now.ok) onChange(now.cm);
        }}
      />
      {fault !== undefined && <Wrong id={`${id}-wrong`}>{fault}</Wrong>}
    </span>
  );
}
