import { noPastWords } from '@/words/index.ts';
import papa from 'papaparse';
import { useMemo, useState } from 'react';
import {
  batchRows,
  type CsvColumn,
  csvColumnFor,
  csvColumns,
  type CsvMapping,
  csvNeeds,
  csvTemplate,
  type CsvUnits,
  type Logged,
  entryRows,
  readPastRows,
} from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { digestsOf } from '@/store/digests.ts';
import { entriesOf, putPastMeals } from '@/store/past.ts';
import { db } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { saveText } from '../../browser/saveText.ts';
import { useKitchen } from '../../open/useKitchen.ts';
import { useSaid } from '../../open/useSaid.ts';
import { FileButton } from '../../parts/FileButton.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { dayShort } from './dayShort.ts';
import css from './log.module.scss';

interface Table {
  readonly name: string;
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

const MOST_BYTES = 20_000_000;
const PREVIEW = 8;
const NOWHERE = '';
const masses = (['g', 'kg', 'lb'] as const).map((value) => ({ value, words: value }));
const volumes = (['ml', 'l', 'cups'] as const).map((value) => ({ value, words: value }));

/** Past cooks out of any table and into one: columns are mapped by hand, with a preview; nothing comes in before it is said. */
export default function ByCsv({ digests }: { readonly digests: readonly Logged[] }) {
  const kitchen = useKitchen();
  const said = useSaid();
  const [table, setTable] = useState<Table>();
  const [mapping, map] = useState<CsvMapping>({});
  const [units, setUnits] = useState<CsvUnits>({ mass: 'g', volume: 'ml' });
  const [fault, setFault] = useState('');
  const [done, setDone] = useState('');
  const reading = useMemo(
    () =>
      table &&
      readPastRows(table.rows, mapping, units, {
        kitchen,
        reference,
        newId: () => crypto.randomUUID(),
        zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      }),
    [table, mapping, units, kitchen],
  );
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
          onClick={() =>
            saveText('past cooks.csv', papa.unparse(csvTemplate.map((row) => [...row])), 'text/csv')
          }
        >
          a template to fill in
        </button>
        {digests.length > 0 && (
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
                  .then((entries) =>
                    saveText('entries.csv', papa.unparse([...entryRows(entries)]), 'text/csv'),
                  )
                  .catch(reportError);
              }}
            >
              entries, CSV
            </button>
          </>
        )}
      </p>
      {fault !== '' && <FieldError>{fault}</FieldError>}
      {done !== '' && <p role="status">{done}</p>}
      {table && reading && (
        <>
          <h3>{`“${table.name}”: which column is what`}</h3>
          <div className={css.mapping}>
            {csvColumns.map((column) => (
              <SelectField
                key={column}
                label={column}
                value={mapping[column] === undefined ? NOWHERE : String(mapping[column])}
                onChoose={(next) => {
                  const { [column]: _, ...rest } = mapping;
                  map(next === NOWHERE ? rest : { ...rest, [column]: Number(next) });
                }}
              >
                <option value={NOWHERE}>not there</option>
                {table.heads.map((head, i) => (
                  <option key={i} value={String(i)}>
                    {head === '' ? `column ${String(i + 1)}` : head}
                  </option>
                ))}
              </SelectField>
            ))}
          </div>
          <div className="choices">
            <Choice
              legend="A plain weight is in"
              value={units.mass}
              options={masses}
              onChoose={(mass) => setUnits({ ...units, mass })}
            />
            <Choice
              legend="a plain volume in"
              value={units.volume}
              options={volumes}
              onChoose={(volume) => setUnits({ ...units, volume })}
            />
          </div>
          {lacks.length > 0 ? (
            <FieldError>Say which column is the {lacks.join(', and which the ')}.</FieldError>
          ) : (
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
                        {reference.cuts.find(({ id }) => id === batches[0]?.lots[0]?.cut)?.name ??
                          'your own cut'}
                      </td>
                      <td className="num">{said.mass(batches[0]?.lots[0]?.weight.lo ?? 0)}</td>
                      <td>{entries.map(({ value }) => value?.text).join(', ')}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {reading.good.length > PREVIEW && (
                <p className="quiet">and {reading.good.length - PREVIEW} more</p>
              )}
              {reading.bad.length > 0 && (
                <details open={reading.good.length === 0}>
                  <summary>
                    {reading.bad.length === 1
                      ? '1 row is left out'
                      : `${String(reading.bad.length)} rows are left out`}
                  </summary>
                  <ul>
                    {reading.bad.slice(0, 200).map(({ line, why }) => (
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
                onClick={bringIn}
              >
                Bring {reading.good.length === 1 ? 'it' : `these ${String(reading.good.length)}`} in
              </button>
            </>
          )}
        </>
      )}
    </section>
  );
}
