import { useState } from 'react';
import { FAT as FAT_DENSITY } from '@/core/work/index.ts';
import type { Weighable } from '@/core/meal/index.ts';
import { type Measure, midpoint, type Written } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { weigh } from '../open/edits.ts';
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
  /** It may lie in a bowl or a pot, whose weight comes off. */
  readonly inBowl?: boolean;
}

const massOnly: readonly Measure[] = ['mass'];

/** One reading of the batch: typed in, kept with its time; a correction is a new reading. */
export function Weigh({ flow, label, words, planned, measure = massOnly, lot, inBowl = false }: Props) {
  const { loaded, batch, standing, units } = useOpenMeal();
  const wall = useWall();
  const entry = standing.find(({ measures }) =>
    lot === undefined
      ? measures.what === 'sum' && measures.flow === flow
      : measures.what === 'flow' && measures.flow === flow && measures.lot === lot,
  );
  const [chosen, choose] = useState<string>();
  const bowl = chosen ?? entry?.vessel ?? '';
  const read = midpoint(entry?.value ?? undefined) !== undefined;
  const at = entry && wall.clock(entry.at);
  const of = {
    batch: batch.id,
    measures: lot === undefined ? ({ what: 'sum', flow } as const) : ({ what: 'flow', flow, lot } as const),
    ...(entry && { replaces: entry.id }),
  };
  const base = { ...of, ...(bowl !== '' && { vessel: bowl }) };
  return (
    <div className={read ? 'weigh is-weighed' : 'weigh'}>
      <QuantityField
        label={label}
        quantity={entry?.value ?? undefined}
        measure={measure}
        units={massUnits(units)}
        placeholder={planned ? `about ${planned.value} ${planned.unit}` : ''}
        chars={12}
        weighs
        {...(flow === 'skim' && measure.length === 1 && { density: FAT_DENSITY })}
        draft={[loaded.meal.id, batch.id, flow, lot].join(' ')}
        onDone={(value, read) => {
          if (value.text === entry?.value?.text) return;
          weigh(loaded.meal.id, words, { ...base, value, measure: read === 'volume' ? 'volume' : 'mass' });
        }}
        onUnread={(value) => {
          if (value.text === entry?.value?.text) return;
          weigh(loaded.meal.id, words, { ...base, value, measure: 'mass' });
        }}
        onEmptied={() => {
          if (entry) weigh(loaded.meal.id, `taking back ${words}`, { ...base, value: null, measure: 'mass' });
        }}
      />
      {inBowl && (
        <Bowl
          what={label}
          bowl={bowl}
          onChoose={(id) => {
            choose(id);
            if (!entry?.value) return;
            const { value, measure: as } = entry;
            weigh(loaded.meal.id, words, { ...of, value, measure: as, ...(id !== '' && { vessel: id }) });
          }}
        />
      )}
      <small className="quiet">
        {read ? `weighed at ${at}` : planned?.range ? `likely ${planned.range} ${planned.unit}` : ''}
      </small>
    </div>
  );
}
