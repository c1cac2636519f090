import type { CsvReading } from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { noPastWords } from '@/words/index.ts';
import { useSaid } from '../../open/useSaid.ts';
import { dayShort } from './dayShort.ts';

const PREVIEW = 8;
/** More reasons than this nobody reads. */
const REASONS = 200;

interface Props {
  readonly reading: CsvReading;
  readonly onBringIn: () => void;
}

/** What would come in and what would not, before it does. */
export function CsvPreview({ reading, onBringIn }: Props) {
  const said = useSaid();
  return (
    <>
      <table className="table">
        <thead>
          <tr>
            {['when', 'what', 'cut', 'raw', 'weighed'].map((head) => (
              <th key={head} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {reading.good.slice(0, PREVIEW).map(({ meal, batches, entries }) => (
            <tr key={meal.id}>
              <td>{dayShort(batches[0]?.closed?.at ?? 0)}</td>
              <td>{meal.name}</td>
              <td>
                {reference.cuts.find(({ id }) => id === batches[0]?.lots[0]?.cut)?.name ?? 'your own cut'}
              </td>
              <td className="num">{said.mass(batches[0]?.lots[0]?.weight.lo ?? 0)}</td>
              <td>{entries.map(({ value }) => value?.text).join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {reading.good.length > PREVIEW && <p className="quiet">and {reading.good.length - PREVIEW} more</p>}
      {reading.bad.length > 0 && (
        <details open={reading.good.length === 0}>
          <summary>
            {reading.bad.length === 1
              ? '1 row is left out'
              : `${String(reading.bad.length)} rows are left out`}
          </summary>
          <ul>
            {reading.bad.slice(0, REASONS).map(({ line, why }) => (
              <li key={line}>
                Line {line}: {noPastWords(why)}
              </li>
            ))}
          </ul>
        </details>
      )}
      <button
        type="button"
        className="btn act is-first"
        disabled={reading.good.length === 0}
        onClick={onBringIn}
      >
        Bring {reading.good.length === 1 ? 'it' : `these ${String(reading.good.length)}`} in
      </button>
    </>
  );
}
