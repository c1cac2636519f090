import { readAltitude } from '@/core/quantity/index.ts';
import { ReadField, type Read } from '../../parts/fields/ReadField.tsx';

interface Props {
  readonly metres: number;
  readonly onChange: (metres: number) => void;
}

const read = (text: string): Read<number> => {
  const reading = readAltitude(text);
  return reading.ok ? { ok: true, value: reading.metres } : reading;
};
const write = (metres: number) => `${String(Math.round(metres))} m`;

/** How high the kitchen lies: metres, or feet. */
export const AltitudeField = ({ metres, onChange }: Props) => (
  <ReadField label="Kitchen altitude" value={metres} write={write} read={read} size={8} onChange={onChange} />
);
