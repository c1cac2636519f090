import { batchRows, entryRows } from '@/core/log/index.ts';
import { digestsOf } from '@/store/digests.ts';
import { entriesOf } from '@/store/past.ts';
import { db } from '../../browser/db.ts';
import { saveCsv } from '../../browser/saveCsv.ts';

/** The log as tables that any other program reads. */
export function CsvOut() {
  return (
    <>
      <button
        type="button"
        className="link"
        onClick={() => {
          digestsOf(db)
            .then((all) => saveCsv('batches.csv', batchRows(all)))
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
            .then((entries) => saveCsv('entries.csv', entryRows(entries)))
            .catch(reportError);
        }}
      >
        entries, CSV
      </button>
    </>
  );
}
