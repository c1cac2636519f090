import { csvColumns, type CsvMapping, type CsvUnits } from '@/core/log/index.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import type { CsvTable } from './csvTable.ts';
import css from './log.module.scss';

const NOWHERE = '';
const masses = (['g', 'kg', 'lb'] as const).map((value) => ({ value, words: value }));
const volumes = (['ml', 'l', 'cups'] as const).map((value) => ({ value, words: value }));

interface Props {
  readonly table: CsvTable;
  readonly mapping: CsvMapping;
  readonly units: CsvUnits;
  readonly onMap: (mapping: CsvMapping) => void;
  readonly onUnits: (units: CsvUnits) => void;
}

/** Which column of a table is what, and what its plain figures are in. */
export function CsvColumns({ table, mapping, units, onMap, onUnits }: Props) {
  return (
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
              onMap(next === NOWHERE ? rest : { ...rest, [column]: Number(next) });
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
          onChoose={(mass) => onUnits({ ...units, mass })}
        />
        <Choice
          legend="a plain volume in"
          value={units.volume}
          options={volumes}
          onChoose={(volume) => onUnits({ ...units, volume })}
        />
      </div>
    </>
  );
}
