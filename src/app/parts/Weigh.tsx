import { useState } from 'react';
import { FAT as FAT_DENSITY } from '@/core/work/index.ts';
import type { Weighable } from '@/core/meal/index.ts';
import { type Measure, midpoint, nearOf, type Quantity, type Written } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { weigh } from '../open/edits/index.ts';
import { massUnits } from '../open/useSettings.ts';
import { Bowl } from './Bowl.tsx';
import { QuantityField } from './fields/QuantityField.tsx';
import { useWall } from '../open/useWall.ts';

interface Props {
  readonly flow: Weighable;
  /** "Weigh the bones". */
  readonly label: string;
  /** Names the act: "the weight of the bones". */
  readonly words: string;
  readonly planned: Written | null;
  readonly measure?: readonly Measure[];
  /** Of this lot alone; otherwise of the whole batch. */
  readonly lot?: string;
  /** Of a liquid that was set apart, which. */
  readonly liquid?: string | undefined;
  /** It may lie in a bowl or a pot, whose weight comes off. */
  readonly inBowl?: boolean;
}

const massOnly: readonly Measure[] = ['mass'];

/** One reading of the batch: typed in, kept with its time; a correction is a new reading. */
export function Weigh({
  flow,
  label,
  words,
  planned,
  measure = massOnly,
  lot,
  liquid,
  inBowl = false,
}: Props) {
  const { loaded, batch, units } = useOpenMeal();
  const { value, at, bowl, write, takeBack, into } = useReading(flow, words, lot, liquid);
  const read = midpoint(value) !== undefined;
  return (
    <div className={read ? 'weigh is-weighed' : 'weigh'}>
      <QuantityField
        label={label}
        quantity={value}
        measure={measure}
        units={massUnits(units)}
        near={planned ? nearOf(planned) : undefined}
        placeholder={planned ? `about ${planned.value} ${planned.unit}` : ''}
        chars={12}
        weighs
        {...(flow === 'skim' && measure.length === 1 && { density: FAT_DENSITY })}
        draft={[loaded.meal.id, batch.id, flow, lot ?? liquid].join(' ')}
        onDone={(typed, as) => write(typed, as === 'volume' ? 'volume' : 'mass')}
        onUnread={(typed) => write(typed, 'mass')}
        onEmptied={takeBack}
      />
      {inBowl && <Bowl what={label} bowl={bowl} onChoose={into} />}
      <When at={read ? at : undefined} planned={planned} />
    </div>
  );
}

/** The reading that stands of a flow, in its bowl, and how another takes its place. */
function useReading(flow: Weighable, words: string, lot: string | undefined, liquid: string | undefined) {
  const { loaded, batch, standing } = useOpenMeal();
  const entry = standing.find(({ measures }) =>
    lot === undefined
      ? measures.what === 'sum' && measures.flow === flow && measures.liquid === liquid
      : measures.what === 'flow' && measures.flow === flow && measures.lot === lot,
  );
  const [chosen, choose] = useState<string>();
  const bowl = chosen ?? entry?.vessel ?? '';
  const measures =
    lot === undefined
      ? ({ what: 'sum', flow, ...(liquid !== undefined && { liquid }) } as const)
      : ({ what: 'flow', flow, lot } as const);
  const put = (what: string, value: Quantity | null, measure: 'mass' | 'volume', vessel: string) =>
    weigh(loaded.meal.id, what, {
      batch: batch.id,
      measures,
      value,
      measure,
      ...(entry && { replaces: entry.id }),
      ...(vessel !== '' && { vessel }),
    });
  return {
    value: entry?.value ?? undefined,
    at: entry?.at,
    bowl,
    write: (value: Quantity, as: 'mass' | 'volume') => {
      if (value.text !== entry?.value?.text) put(words, value, as, bowl);
    },
    takeBack: () => {
      if (entry) put(`taking back ${words}`, null, 'mass', bowl);
    },
    /** The same reading, with another bowl to come off. */
    into: (vessel: string) => {
      choose(vessel);
      if (entry?.value) put(words, entry.value, entry.measure === 'volume' ? 'volume' : 'mass', vessel);
    },
  };
}

/** When it was weighed; what it is likely to weigh while it has not been. */
function When({ at, planned }: { readonly at: number | undefined; readonly planned: Written | null }) {
  const wall = useWall();
  const likely = planned?.range ? `likely ${planned.range} ${planned.unit}` : '';
  return <small className="quiet">{at === undefined ? likely : `weighed at ${wall.clock(at)}`}</small>;
}
