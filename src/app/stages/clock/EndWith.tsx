import { useState } from 'react';
import { withLastMinutes, withCook } from '@/core/clock/index.ts';
import { type Quantity, writeMinutes, writeVolume } from '@/core/quantity/index.ts';
import type { LidFor } from '@/core/answers/index.ts';
import { useAnswer } from '../../open/useAnswer.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch, editItems } from '../../open/edits/index.ts';
import { volumeUnits } from '../../open/useSettings.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';

const ways = [
  { value: 'ajar', words: 'lid ajar' },
  { value: 'off', words: 'lid off' },
] as const;

/** How much liquid is wanted at the end: the last minutes with the lid ajar, or off, are worked out for it. */
export function EndWith() {
  const { batch, units } = useOpenMeal();
  const [want, setWant] = useState<Quantity>();
  const [lid, setLid] = useState<'ajar' | 'off'>('ajar');
  const ml = want?.lo;
  const { data } = useAnswer(
    'lidFor',
    { batch: batch.id, lid, wantMl: ml ?? 0 },
    { enabled: ml !== undefined && ml > 0 },
  );
  const litres = (x: number) => {
    const { value, unit } = writeVolume(x, units);
    return `${value} ${unit}`;
  };
  const more = data?.what === 'less already' ? data.moreMl : null;
  return (
    <div className="choices end-with">
      <QuantityField
        label="To end with"
        quantity={want}
        measure="volume"
        units={volumeUnits(units)}
        placeholder="2.5 l"
        chars={8}
        onChange={(quantity) => {
          setWant(quantity);
        }}
      />
      <Choice legend="How" hidden value={lid} options={ways} onChoose={setLid} />
      {ml !== undefined && data && <span aria-live="polite">{wordsOf(data, lid, litres)}</span>}
      {ml !== undefined && more !== null && (
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => {
            editItems(batch.id, 'pouring more', (items) => [
              ...items,
              {
                id: crypto.randomUUID(),
                ref: 'water',
                amount: { text: `${String(more)} ml`, lo: more, hi: more },
                measure: 'volume',
                state: 'in',
              },
            ]);
          }}
        >
          Pour it
        </button>
      )}
      {ml !== undefined && data?.what === 'minutes' && (
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => {
            editBatch(batch.id, 'the last minutes', (b) =>
              withCook(b, withLastMinutes(b.cook, lid, data.minutes)),
            );
          }}
        >
          Do that
        </button>
      )}
    </div>
  );
}

function wordsOf(found: LidFor, lid: 'ajar' | 'off', litres: (ml: number) => string): string {
  switch (found.what) {
    case 'minutes':
      return `${lid} for the last ${writeMinutes(found.minutes).value}: ${litres(found.ml)}`;
    case 'less already':
      return `Likely ${litres(found.ml)} with the lid left alone: ${found.moreMl === null ? 'no vessel here holds so much more' : `pour ${litres(found.moreMl)} more`}.`;
    case 'not enough':
      return `${lid === 'ajar' ? 'Ajar' : 'Off'} from the start still leaves ${litres(found.ml)}: pour less, or boil it down at the end.`;
    case 'boils dry':
      return `With less than ${litres(found.ml)} it would boil dry: boil it down at the end, where you can watch it.`;
    case 'unknown':
      return 'No time is known at this heat.';
  }
}
