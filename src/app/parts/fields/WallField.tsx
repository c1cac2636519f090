import { dateOf, readTimeOfDay, readWall, writeTime, writeWall } from '@/core/clock/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { useSettings } from '../../open/useSettings.ts';
import { zoneHere } from '../../open/useWall.ts';
import { ReadField } from './ReadField.tsx';

interface Props {
  readonly label: string;
  /** "2026-12-05T18:00"; empty where none is written. */
  readonly value: string;
  readonly onChange: (local: string) => void;
}

/** Today by the kitchen's clock. */
const today = () => dateOf(clockNow(), zoneHere());

/** A day with its time, typed as people write it: "Sat 18:00", "5 Dec, 6 pm". */
export function WallField({ label, value, onChange }: Props) {
  const day = today();
  const { hours } = useSettings();
  return (
    <ReadField
      label={label}
      value={value === '' ? undefined : value}
      write={(local) => writeWall(local, day, hours)}
      read={(text) => readWall(text, value, day)}
      size={18}
      placeholder={`Sat ${writeTime('18:00', hours)}`}
      late
      onChange={onChange}
      onEmptied={() => onChange('')}
    />
  );
}

/** A time of day, typed as people write it: "08:00", "6 pm". */
export function TimeField({
  label,
  value,
  onChange,
  onEmptied,
}: Props & { readonly onEmptied?: () => void }) {
  const { hours } = useSettings();
  return (
    <ReadField
      label={label}
      value={value === '' ? undefined : value}
      write={(time) => writeTime(time, hours)}
      read={readTimeOfDay}
      size={8}
      placeholder={writeTime('08:00', hours)}
      late
      onChange={onChange}
      {...(onEmptied && { onEmptied })}
    />
  );
}
