import { reference } from '@/reference/index.ts';
import { noPastWords } from '@/words/index.ts';
import type { TableRead } from '@/workers/pastTable.ts';
import { useSaid } from '../../open/useSaid.ts';
import { dayShort } from './dayShort.ts';

interface Props {
  readonly reading: TableRead;
  /** It is being read anew, or brought in. */
  readonly busy: boolean;
  readonly onBringIn: () => void;
}

/** What would come in and what would not, before it does. */
export function CsvPreview({ reading, busy, onBringIn }: Props) {
  const said = useSaid();
  const more = reading.cooks - reading.first.length;
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
          {reading.first.map(({ meal, batches, entries }) => (
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
      {more > 0 && <p className="quiet">and {said.count(more)} more</p>}
      {reading.left > 0 && (
        <details open={reading.cooks === 0}>
          <summary>
            {reading.left === 1 ? '1 row is left out' : `${said.count(reading.left)} rows are left out`}
          </summary>
          <ul>
            {reading.why.map(({ line, why }) => (
              <li key={line}>
                Line {line}: {noPastWords(why)}
              </li>
            ))}
          </ul>
          {reading.left > reading.why.length && (
            <p className="quiet">and {said.count(reading.left - reading.why.length)} more</p>
          )}
        </details>
      )}
      <button
        type="button"
        className="btn act is-first"
        disabled={busy || reading.cooks === 0}
        onClick={onBringIn}
      >
        Bring {reading.cooks === 1 ? 'it' : `these ${said.count(reading.cooks)}`} in
      </button>
    </>
  );
}
