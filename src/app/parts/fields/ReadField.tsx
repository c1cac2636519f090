import { useId, useState } from 'react';
import { TEXT_MOST } from '@/core/quantity/index.ts';
import { FieldError } from '../FieldError.tsx';
import { Offers } from './Offers.tsx';
import { useTyped } from './useTyped.ts';

export type Read<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: string; readonly choices?: readonly string[] };

interface Props<T> {
  readonly label: string;
  /** The label is read out but not shown. */
  readonly hidden?: boolean | undefined;
  readonly value: T | undefined;
  /** The value as it stands in the field. */
  readonly write: (value: T) => string;
  readonly read: (text: string) => Read<T>;
  readonly size: number;
  readonly placeholder?: string | undefined;
  /** It is entered once the field is left, or by Enter: half of it would read as something else. */
  readonly late?: boolean | undefined;
  readonly onChange: (value: T) => void;
  /** Called when it is emptied, where it may be. */
  readonly onEmptied?: (() => void) | undefined;
}

/** A field for one figure: kept letter for letter, stored while it reads well, its fault said once it is left. */
export function ReadField<T>(props: Props<T>) {
  const { label, hidden, value, write, read, size, placeholder, late, onChange, onEmptied } = props;
  const id = useId();
  const stored = value === undefined ? '' : write(value);
  const [text, type] = useTyped(stored);
  const [focused, setFocused] = useState(false);
  const mayBeEmpty = onEmptied !== undefined;
  const empty = (words: string) => mayBeEmpty && words.trim() === '';
  const reading = read(text);
  const wrong = reading.ok || focused || empty(text) ? undefined : reading;
  const fault = wrong?.error;
  const change = (next: string) => {
    const now = read(next);
    if (late) type(next, stored);
    else if (empty(next)) {
      type(next, '');
      onEmptied?.();
    } else {
      type(next, now.ok ? write(now.value) : stored);
      if (now.ok) onChange(now.value);
    }
  };
  const choose = (words: string) => {
    const now = read(words);
    if (!now.ok) return;
    type(write(now.value), stored);
    onChange(now.value);
  };
  const enter = () => {
    if (!late || text === stored) return;
    if (empty(text)) onEmptied?.();
    else if (reading.ok && write(reading.value) !== stored) onChange(reading.value);
    else if (reading.ok) type(stored, stored);
  };
  return (
    <span className="field">
      <label htmlFor={id} className={hidden ? 'visually-hidden' : undefined}>
        {label}
      </label>
      <input
        id={id}
        className="write num"
        size={size}
        value={text}
        maxLength={TEXT_MOST}
        placeholder={placeholder}
        autoComplete="off"
        aria-invalid={fault !== undefined}
        aria-describedby={fault === undefined ? undefined : `${id}-wrong`}
        onFocus={() => {
          setFocused(true);
        }}
        onBlur={() => {
          setFocused(false);
          enter();
        }}
        onKeyDown={({ key }) => {
          if (key === 'Enter') enter();
        }}
        onChange={(event) => {
          change(event.target.value);
        }}
      />
      {fault !== undefined && <FieldError id={`${id}-wrong`}>{fault}</FieldError>}
      {wrong?.choices && <Offers choices={wrong.choices} onChoose={choose} />}
    </span>
  );
}
