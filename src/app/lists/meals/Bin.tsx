import { useEffect } from 'react';
import { binnedUntil, emptyBin } from '@/store/bin.ts';
import { putBack } from '@/store/meals.ts';
import { db } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import css from './meals.module.scss';
import { useStored } from '../../browser/useStored.ts';

const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** The meals that were taken away, each to be put back while it is there; nothing where there are none. */
export function Bin({ report }: { readonly report: (error: unknown) => void }) {
  useEffect(() => {
    emptyBin(db, Date.now()).catch(reportError);
  }, []);
  const rows = useStored(['bin'], () => db.bin.orderBy('at').reverse().toArray());
  if (!rows || rows.length === 0) return undefined;
  return (
    <details className={css.bin}>
      <summary>In the bin: {rows.length === 1 ? 'one meal' : `${String(rows.length)} meals`}</summary>
      <ul className={css.meals}>
        {rows.map((row) => (
          <li key={row.id}>
            <span className={css.gone}>{row.name || 'a meal without a name'}</span>
            <span className="quiet">
              deleted {days.format(row.at)}, goes for good on {days.format(binnedUntil(row))}
            </span>
            <button
              type="button"
              className="link"
              onClick={() => {
                onDisk(() => putBack(db, row.id)).catch(report);
              }}
            >
              Put back<span className="visually-hidden">: {row.name}</span>
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
