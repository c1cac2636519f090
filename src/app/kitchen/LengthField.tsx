import { useEffect, useId, useRef, useState } from 'react';
import { readLength } from '@/core/quantity/index.ts';
import { Wrong } from '../parts/Wrong.tsx';

interface Props {
  readonly label: string;
  readonly cm: number;
  readonly onChange: (cm: number) => void;
}

/** An inner length of a vessel: written in cm or inches, shown in cm. */
export function LengthField({ label, cm, onChange }: Props) {
  const id = useId();
  const stored = String(Math.round(cm * 10) / 10);
  const [text, setText] = useState(stored);
  const [focused, setFocused] = useState(false);
  const sent = useRef(stored);
  useEffect(() => {
    if (stored === sent.current) return;
    sent.current = stored;
    setText(stored);
  }, [stored]);
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
          setText(event.target.value);
          const now = readLength(event.target.value);
          if (!now.ok) return;
          sent.current = String(Math.round(now.cm * 10) / 10);
          onChange(now.cm);
        }}
      />
      {fault !== undefined && <Wrong id={`${id}-wrong`}>{fault}</Wrong>}
    </span>
  );
}
