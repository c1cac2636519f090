import { useId, useState, type KeyboardEvent } from 'react';
import {
  type AnyReading,
  type Measure,
  type Quantity,
  readAny,
  TEXT_MOST,
  unitNear,
} from '@/core/quantity/index.ts';
import { useDraft } from '../../open/drafts.ts';
import { Offers } from './Offers.tsx';
import { useTyped } from './useTyped.ts';
import { Unentered } from './Unentered.tsx';
import { FieldError } from '../FieldError.tsx';

interface Props {
  readonly label: string;
  /** The label is read out but not shown. */
  readonly hidden?: boolean;
  readonly quantity: Quantity | undefined;
  /** What may be written: one measure, or several of which the text decides. */
  readonly measure: Measure | readonly Measure[];
  /** Units offered for a bare number. */
  readonly units?: readonly string[];
  /** What is expected, in SI: it makes plain which unit a bare number has. */
  readonly near?: { readonly lo: number; readonly hi: number } | undefined;
  readonly placeholder?: string;
  /** None of it is an amount too: “0”. */
  readonly nought?: boolean;
  /** g/ml: a volume is taken where a weight is asked for. */
  readonly density?: number;
  /** Reads the text in place of the usual reader. */
  readonly reads?: (text: string) => AnyReading;
  /** What is wrong with it though it reads well. */
  readonly problem?: string | undefined;
  readonly chars?: number;
  readonly autoFocus?: boolean;
  readonly weighs?: boolean;
  /** Names what is typed and not entered yet, so that a crash brings it back; for fields that are entered. */
  readonly draft?: string;
  /** Called at each change with the text as typed and what was read from it. */
  readonly onChange?: (quantity: Quantity, measure: Measure | undefined) => void;
  /** Called with a quantity that reads well, when Enter is pressed or the field is left. */
  readonly onDone?: (quantity: Quantity, measure: Measure) => void;
  /** Called with text that cannot be read when the field is left: it is kept all the same. */
  readonly onUnread?: (quantity: Quantity) => void;
  /** Called when the field is left empty. */
  readonly onEmptied?: () => void;
}

/** A bare number of a time may be either: it is asked. */
const MINUTES = ['min', 'h'];

/** A weight that was written as spoons or cups of it. */
function byVolume(words: string, density: number, otherwise: AnyReading): AnyReading {
  const volume = readAny(words, ['volume']);
  if (!volume.ok) return otherwise;
  const { lo = 0, hi = lo } = volume.quantity;
  return { ok: true, quantity: { text: words, lo: lo * density, hi: hi * density }, measure: 'mass' };
}

/** What a text says, as the field asks; undefined of an empty one. */
function readBy(
  words: string,
  { measure, units = measure === 'duration' ? MINUTES : undefined, nought, density, reads, near }: Props,
): AnyReading | undefined {
  if (words.trim() === '') return undefined;
  if (reads) return reads(words);
  const unit = near && units && unitNear(words, units, near);
  if (unit !== undefined)
    return readAny(`${words.trim()} ${unit}`, typeof measure === 'string' ? [measure] : measure);
  const now = readAny(words, typeof measure === 'string' ? [measure] : measure, units, nought);
  return now.ok || density === undefined ? now : byVolume(words, density, now);
}

/** A bare number with the one unit that it can have: it stands with it once the field is left. */
function withUnit(words: string, { measure, units, reads }: Props): string | undefined {
  const [only, ...more] = units ?? [];
  const isBare = /^\d+(?:[.,]\d+)?$/.test(words.trim());
  return isBare && only !== undefined && more.length === 0 && !reads && measure !== 'count'
    ? `${words.trim()} ${only}`
    : undefined;
}

/** The fault of a reading, as far as it is said now, and the sentence under the field. */
function saidOf(reading: AnyReading | undefined, focused: boolean, problem: string | undefined) {
  const fault = reading && !reading.ok ? reading : undefined;
  // While somebody is typing, half a unit is no fault yet.
  const shown = fault && (!focused || fault.choices) ? fault : undefined;
  return { fault, shown, words: shown?.error ?? (fault ? undefined : problem) };
}

/** A quantity as people write it: kept letter for letter, read at once, its fault said in one sentence. */
export function QuantityField(props: Props) {
  const {
    label,
    hidden,
    quantity,
    placeholder,
    problem,
    chars = 9,
    autoFocus,
    weighs,
    draft,
    onChange,
    onDone,
    onUnread,
    onEmptied,
  } = props;
  const id = useId();
  const stored = quantity?.text ?? '';
  const [text, type, elsewhere] = useTyped(stored, draft !== undefined);
  const [focused, setFocused] = useState(false);

  const read = (words: string) => readBy(words, props);
  const reading = read(text);
  const { shown, fault, words } = saidOf(reading, focused, problem);

  const drafted = useDraft(draft, stored, type);

  const change = (next: string) => {
    type(next);
    drafted.keep(next);
    const now = read(next);
    if (now?.ok) onChange?.(now.quantity, now.measure);
    else onChange?.({ text: next }, undefined);
  };
  const done = () => {
    const whole = withUnit(text, props);
    if (whole !== undefined && onChange) change(whole);
    if (reading?.ok) onDone?.(reading.quantity, reading.measure);
    else if (reading) onUnread?.({ text });
    if (text.trim() === '') onEmptied?.();
    const enters = reading === undefined ? onEmptied : reading.ok ? onDone : onUnread;
    if (enters) drafted.drop();
  };
  const keys = (event: KeyboardEvent) => {
    if (event.key === 'Enter') done();
  };

  return (
    <span className="field">
      <label htmlFor={id} className={hidden ? 'visually-hidden' : undefined}>
        {label}
      </label>
      <input
        id={id}
        className="write num"
        size={chars}
        value={text}
        maxLength={TEXT_MOST}
        placeholder={placeholder}
        autoComplete="off"
        spellCheck={false}
        // The first thing the cook needs: only an empty new meal asks for it.
        autoFocus={autoFocus}
        aria-invalid={words !== undefined}
        aria-describedby={words === undefined ? undefined : `${id}-wrong`}
        data-weighs={weighs ? true : undefined}
        onFocus={() => {
          setFocused(true);
        }}
        onBlur={() => {
          setFocused(false);
          // Left beside what another tab has entered, neither is the other's to replace.
          if (elsewhere === undefined) done();
        }}
        onChange={(event) => {
          change(event.target.value);
        }}
        onKeyDown={keys}
      />
      {!fault && <Unentered text={text} draft={drafted} elsewhere={elsewhere} onType={type} onEnter={done} />}
      {words !== undefined && <FieldError id={`${id}-wrong`}>{words}</FieldError>}
      {shown?.choices && <Offers choices={shown.choices} onChoose={change} />}
    </span>
  );
}
