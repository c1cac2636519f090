import papa from 'papaparse';
import { useMemo, useState } from 'react';
import {
  type CsvColumn,
  csvColumnFor,
  type CsvMapping,
  type CsvReading,
  csvNeeds,
  csvTemplate,
  type CsvUnits,
  type Logged,
  readPastRows,
} from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { putPastMeals } from '@/store/past.ts';
import { db } from '../../browser/db.ts';
import { saveCsv } from '../../browser/saveCsv.ts';
import { onDisk } from '../../open/memory.ts';
import { useKitchen } from '../../open/useKitchen.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { FileButton } from '../../parts/FileButton.tsx';
import { CsvColumns } from './CsvColumns.tsx';
import { CsvOut } from './CsvOut.tsx';
import { CsvPreview } from './CsvPreview.tsx';
import type { CsvTable } from './csvTable.ts';
import { WhichCuts } from './WhichCuts.tsx';
import css from './log.module.scss';

const MOST_BYTES = 20_000_000;

/** Past cooks out of any table and into one: columns are mapped by hand, with a preview; nothing comes in before it is said. */
export default function ByCsv({ digests }: { readonly digests: readonly Logged[] }) {
  const [table, setTable] = useState<CsvTable>();
  const [mapping, map] = useState<CsvMapping>({});
  const [units, setUnits] = useState<CsvUnits>({ mass: 'g', volume: 'ml' });
  const [said, say] = useState<Readonly<Record<string, string>>>({});
  const [fault, setFault] = useState('');
  const [done, setDone] = useState('');
  const reading = usePastRows(table, mapping, units, said);
  const lacks = csvNeeds.filter((column) => mapping[column] === undefined);
  const take = async (file: File) => {
    setDone('');
    setTable(undefined);
    if (file.size > MOST_BYTES) {
      setFault(
        `“${file.name}” is ${String(Math.round(file.size / 1e6))} MB; a table of past cooks is never more than 20 MB.`,
      );
      return;
    }
    const { data } = papa.parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' });
    const [heads, ...rows] = data;
    if (!heads || rows.length === 0) {
      setFault(`“${file.name}” has no rows under a heading; fill in the template, or choose another.`);
      return;
    }
    setFault('');
    const found: Partial<Record<CsvColumn, number>> = {};
    for (const [i, head] of heads.entries()) {
      const column = csvColumnFor(head);
      if (column && found[column] === undefined) found[column] = i;
    }
    map(found);
    setTable({ name: file.name, heads, rows });
  };
  const bringIn = () => {
    if (!reading || !table) return;
    const n = reading.good.length;
    onDisk(() => putPastMeals(db, reading.good, `${String(n)} past cooks from “${table.name}”`))
      .then(() => {
        setTable(undefined);
        setDone(`${String(n)} past cooks are in the log. Undo takes them out again.`);
      })
      .catch(reportError);
  };
  return (
    <section aria-label="Past cooks in and out" className={css.csv}>
      <p className="choices">
        <FileButton
          words="Bring in a table, CSV"
          label="A table of past cooks"
          accept=".csv,.tsv,.txt,text/csv"
          onFile={(file) => {
            take(file).catch((error: unknown) =>
              setFault(
                `“${file.name}” cannot be read: ${error instanceof Error ? error.message : String(error)}`,
              ),
            );
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
      {fault !== '' && <FieldError>{fault}</FieldError>}
      {done !== '' && <p role="status">{done}</p>}
      {table && reading && (
        <>
          <CsvColumns table={table} mapping={mapping} units={units} onMap={map} onUnits={setUnits} />
          {lacks.length > 0 ? (
            <FieldError>Say which column is the {lacks.join(', and which the ')}.</FieldError>
          ) : (
            <>
              <WhichCuts
                asks={reading.asks}
                said={said}
                onSay={(text, cut) => say({ ...said, [text]: cut })}
              />
              <CsvPreview reading={reading} onBringIn={bringIn} />
            </>
          )}
        </>
      )}
    </section>
  );
}

/** The rows of a table as past cooks, read anew with every choice. */
function usePastRows(
  table: CsvTable | undefined,
  mapping: CsvMapping,
  units: CsvUnits,
  said: Readonly<Record<string, string>>,
): CsvReading | undefined {
  const kitchen = useKitchen();
  return useMemo(
    () =>
      table &&
      readPastRows(table.rows, mapping, units, {
        kitchen,
        reference,
        newId: () => crypto.randomUUID(),
        zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        said,
      }),
    [table, mapping, units, kitchen, said],
  );
}
