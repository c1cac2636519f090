import { useEffect, useId, useRef, useState } from 'react';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A line of words, kept as it is typed. */
export function TextField({ label, value, onChange }: Props) {
  const id = useId();
  const [text, setText] = useState(value);
  const sent = useRef(value);
  useEffect(() => {
    if (value === sent.current) return;
    sent.current = value;
    setText(value);
  }, [value]);
  return (
    <span className="field">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className="write"
        value={text}
        maxLength={200}
        size={28}
        autoComplete="off"
        onChange={(event) => {
          setText(event.target.value);
          sent.current = event.target.value;
          onChange(event.target.value);
        }}
      />
    </span>
  );
}
