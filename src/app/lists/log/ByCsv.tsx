import { csvTemplate, type Logged } from '@/core/log/index.ts';
import { saveCsv } from '../../browser/saveCsv.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { FileButton } from '../../parts/FileButton.tsx';
import { Progress } from '../../parts/Progress.tsx';
import { CsvColumns } from './CsvColumns.tsx';
import { CsvOut } from './CsvOut.tsx';
import { CsvPreview } from './CsvPreview.tsx';
import { usePastTable } from './usePastTable.ts';
import { WhichCuts } from './WhichCuts.tsx';
import css from './log.module.scss';

/** Past cooks out of any table and into one: columns are mapped by hand, with a preview; nothing comes in before it is said. */
export default function ByCsv({ digests }: { readonly digests: readonly Logged[] }) {
  const past = usePastTable();
  const { table, reading, running, lacks } = past;
  return (
    <section aria-label="Past cooks in and out" className={css.csv}>
      <p className="choices">
        <FileButton
          words="Bring in a table, CSV"
          label="A table of past cooks"
          accept=".csv,.tsv,.txt,text/csv"
          onFile={(file) => {
            past.open(file).catch(reportError);
          }}
        />
        <button
          type="button"
          className="link"
          onClick={() => {
            saveCsv('past cooks.csv', csvTemplate).catch(reportError);
          }}
        >
          a template to fill in
        </button>
        {digests.length > 0 && <CsvOut />}
      </p>
      {past.fault !== '' && <FieldError>{past.fault}</FieldError>}
      {past.done !== '' && <p role="status">{past.done}</p>}
      {table && (
        <CsvColumns
          table={table}
          mapping={past.mapping}
          units={past.units}
          onMap={past.map}
          onUnits={past.setUnits}
        />
      )}
      {running && <Progress {...running} onCancel={past.close} />}
      {table && lacks.length > 0 && (
        <FieldError>Say which column is the {lacks.join(', and which the ')}.</FieldError>
      )}
      {table && reading && lacks.length === 0 && (
        <>
          <WhichCuts
            asks={reading.asks}
            said={past.said}
            onSay={(text, cut) => past.say({ ...past.said, [text]: cut })}
          />
          <CsvPreview
            reading={reading}
            busy={running !== undefined}
            onBringIn={() => {
              past.bringIn().catch(reportError);
            }}
          />
        </>
      )}
    </section>
  );
}
