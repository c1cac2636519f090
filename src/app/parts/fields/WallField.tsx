import { dateOf, readTimeOfDay, readWall, writeWall } from '@/core/clock/index.ts';
import { clockNow } from '../../data/clock.ts';
import { ReadField } from './ReadField.tsx';

interface Props {
  readonly label: string;
  /** "2026-12-05T18:00"; empty where none is written. */
  readonly value: string;
  readonly onChange: (local: string) => void;
}

/** Today by the kitchen's clock. */
const today = () => dateOf(clockNow(), Intl.DateTimeFormat().resolvedOptions().timeZone);

/** A day with its time, typed as people write it: "Sat 18:00", "5 Dec, 6 pm". */
export function WallField({ label, value, onChange }: Props) {
  const day = today();
  return (
    <ReadField
      label={label}
      value={value === '' ? undefined : value}
      write={(local) => writeWall(local, day)}
      read={(text) => readWall(text, value, day)}
      size={16}
      placeholder="Sat 18:00"
      late
      onChange={onChange}
      onEmptied={() => onChange('')}
    />
  );
}

/** A time of day, typed as people write it: "08:00", "6 pm". */
export function TimeField({ label, value, onChange }: Props) {
  return (
    <ReadField
      label={label}
      value={value === '' ? undefined : value}
      write={(time) => time}
      read={readTimeOfDay}
      size={6}
      placeholder="08:00"
      late
      onChange={onChange}
    />
  );
}
