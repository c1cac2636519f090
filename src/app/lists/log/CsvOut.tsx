import papa from 'papaparse';
import { batchRows, entryRows } from '@/core/log/index.ts';
import { digestsOf } from '@/store/digests.ts';
import { entriesOf } from '@/store/past.ts';
import { db } from '../../browser/db.ts';
import { saveText } from '../../browser/saveText.ts';

/** The log as tables that any other program reads. */
export function CsvOut() {
  return (
    <>
      <button
        type="button"
        className="link"
        onClick={() => {
          digestsOf(db)
            .then((all) => saveText('batches.csv', papa.unparse([...batchRows(all)]), 'text/csv'))
            .catch(reportError);
        }}
      >
        batches, CSV
      </button>
      <button
        type="button"
        className="link"
        onClick={() => {
          entriesOf(db)
            .then((entries) => saveText('entries.csv', papa.unparse([...entryRows(entries)]), 'text/csv'))
            .catch(reportError);
        }}
      >
        entries, CSV
      </button>
    </>
  );
}
