import type { Written } from '@/core/quantity/index.ts';

interface Props {
  readonly written: Written | null;
  readonly size?: 'plain' | 'big' | 'huge';
  /** What stands behind the range: "shred", "each". */
  readonly words?: string;
  readonly unknown?: string;
  /** The flow that it is a figure of. */
  readonly of?: string | undefined;
}

/** A figure with its unit, and its range under it; what is not known says so. */
export function Figure({ written, size = 'plain', words, unknown = 'not known yet', of }: Props) {
  if (!written) {
    return (
      <span className="figure">
        <span className="range">{unknown}</span>
      </span>
    );
  }
  const { value, unit, range } = written;
  return (
    <span className={`figure is-${size}`}>
      <span className="value" data-flow={of}>
        {value}
        {unit !== '' && <span className="unit">{` ${unit}`}</span>}
      </span>
      <span className="range">{[range, words].filter(Boolean).join(' ')}</span>
    </span>
  );
}
