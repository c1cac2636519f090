import { readLength } from '@/core/quantity/index.ts';
import { ReadField, type Read } from './ReadField.tsx';

interface Props {
  readonly label: string;
  readonly cm: number | undefined;
  readonly placeholder?: string;
  readonly onChange: (cm: number) => void;
  /** Called when it is emptied, where it may be. */
  readonly onEmptied?: () => void;
}

const read = (text: string): Read<number> => {
  const reading = readLength(text);
  return reading.ok ? { ok: true, value: reading.cm } : reading;
};
/** To the millimetre. */
const write = (cm: number) => String(Math.round(cm * 10) / 10);

/** An inner length of a vessel: written in cm or inches, shown in cm. */
export const LengthField = ({ label, cm, placeholder, onChange, onEmptied }: Props) => (
  <ReadField
    label={label}
    value={cm}
    write={write}
    read={read}
    size={5}
    placeholder={placeholder}
    onChange={onChange}
    onEmptied={onEmptied}
  />
);
