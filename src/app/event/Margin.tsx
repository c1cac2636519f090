import { useState } from 'react';
import { type Slice, withMore } from '@/core/event/index.ts';
import { typedMass } from '@/core/quantity/index.ts';
import { writeMoney } from '@/core/shop/index.ts';
import { listed } from '@/words/index.ts';
import { editBatch } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useAnswer } from '../open/useAnswer.ts';
import { SelectField } from '../parts/fields/SelectField.tsx';
import { useWrites } from './Headline.tsx';
import { Scrolls } from './Scrolls.tsx';

/** The safety margin in slices of meat: what each costs, the chance that it buys, who goes without if it fails. */
export function Margin() {
  const { loaded, units } = useOpenMeal();
  const writes = useWrites();
  const [chosen, choose] = useState<string>();
  const batch = loaded.batches.find(({ id }) => id === chosen) ?? loaded.batches[0];
  const { data } = useAnswer('slices', { batch: batch?.id ?? '' }, { enabled: batch !== undefined });
  if (!batch) return null;
  const found = data?.batch === batch.id ? data : undefined;
  return (
    <>
      <h3>The margin, slice by slice</h3>
      <SelectField label="More or less of" value={batch.id} onChoose={choose}>
        {loaded.batches.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      {found ? (
        <Scrolls label="The margin">
          <table className="table">
            <thead>
              <tr>
                <th scope="col">bought</th>
                <th scope="col">costs</th>
                <th scope="col">enough for all</th>
                <th scope="col">if not, in one case of twenty</th>
                <th scope="col">
                  <span className="visually-hidden">take it</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {found.slices.map((slice) => (
                <Row
                  key={slice.moreG}
                  slice={slice}
                  mass={writes.mass}
                  onTake={() =>
                    editBatch(batch.id, 'a slice of the margin', (one) =>
                      withMore(one, found.lot, slice.moreG, (g) => typedMass(g, units)),
                    )
                  }
                />
              ))}
            </tbody>
          </table>
        </Scrolls>
      ) : (
        <p className="quiet">
          {data === undefined ? 'Trying each slice.' : 'No meat is weighed in this pot yet.'}
        </p>
      )}
    </>
  );
}

interface RowProps {
  readonly slice: Slice;
  readonly mass: (g: number) => string;
  readonly onTake: () => void;
}

function Row({ slice: { moreG, costs, enough, bare }, mass, onTake }: RowProps) {
  const isPlanned = moreG === 0;
  const words = isPlanned ? 'as planned' : `${mass(Math.abs(moreG))} ${moreG > 0 ? 'more' : 'less'}`;
  return (
    <tr>
      <th scope="row">{words}</th>
      <td className="num">{isPlanned || !costs ? '' : writeMoney(costs)}</td>
      <td className="num">
        {enough === null ? (
          ''
        ) : isPlanned ? (
          <b>{Math.round(100 * enough)} in 100</b>
        ) : (
          `${String(Math.round(100 * enough))} in 100`
        )}
      </td>
      <td>
        {bare.length > 0
          ? `${listed(bare.map(({ name, count }) => `${String(count)} ${name}`))} stay bare`
          : ''}
      </td>
      <td>
        {!isPlanned && (
          <button type="button" className="link" aria-label={`Buy ${words}`} onClick={onTake}>
            buy so
          </button>
        )}
      </td>
    </tr>
  );
}
