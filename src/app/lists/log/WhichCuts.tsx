import type { CsvReading } from '@/core/log/index.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';

interface Props {
  readonly asks: CsvReading['asks'];
  /** What each text of the table means, as far as it was said. */
  readonly said: Readonly<Record<string, string>>;
  readonly onSay: (text: string, cut: string) => void;
}

/** Cuts of a table that may mean several: asked about once each, and what was said can be changed. */
export function WhichCuts({ asks, said, onSay }: Props) {
  if (asks.length === 0) return null;
  return (
    <div role="group" aria-label="Which cuts are meant" className="choices">
      {asks.map(({ text, among }) => (
        <OneOfField
          key={text}
          label={`“${text}” is`}
          among={among.map(({ id }) => id)}
          value={said[text]}
          say={(id) => among.find((one) => one.id === id)?.name ?? id}
          none="which cut?"
          onChoose={(cut) => onSay(text, cut ?? '')}
        />
      ))}
    </div>
  );
}
