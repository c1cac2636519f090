import { readShare } from '@/core/quantity/index.ts';
import { ReadField, type Read } from './ReadField.tsx';

interface Props {
  readonly label: string;
  readonly hidden?: boolean;
  /** 0 to 1. */
  readonly share: number | undefined;
  readonly placeholder: string;
  /** The most that makes sense, 0 to 1, and why: "nobody eats anything saltier". */
  readonly most: number;
  readonly why: string;
  readonly onChange: (share: number | undefined) => void;
}

const write = (share: number) => `${String(Math.round(share * 10_000) / 100)} %`;

/** A share written in per cent; empty, it is the usual again. */
export function PercentField({ label, hidden, share, placeholder, most, why, onChange }: Props) {
  const read = (text: string): Read<number> => {
    const value = readShare(text);
    if (value === undefined || Number.isNaN(value))
      return { ok: false, error: `“${text}” is not a share; write it like ${placeholder}.` };
    if (value > most)
      return { ok: false, error: `“${text}” is too much: ${why}; write at most ${write(most)}.` };
    return { ok: true, value };
  };
  return (
    <ReadField
      label={label}
      hidden={hidden}
      value={share}
      write={write}
      read={read}
      size={6}
      placeholder={placeholder}
      onChange={onChange}
      onEmptied={() => {
        onChange(undefined);
      }}
    />
  );
}
