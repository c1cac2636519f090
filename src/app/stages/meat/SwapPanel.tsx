import { swap } from '@/core/answers/index.ts';
import { useState } from 'react';
import type { Price } from '@/core/meal/index.ts';
import { typedMass, type UnitChoice, writeMass, writeMinutes, writeVolume } from '@/core/quantity/index.ts';
import { writeMoney } from '@/core/shop/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { changeLot } from '../../open/edits/index.ts';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { CutOptions } from '../../parts/CutOptions.tsx';
import { PriceField } from '../../parts/fields/PriceField.tsx';

const more = (x: number, amount: { value: string; unit: string }, of: string) =>
  `${say(amount)} ${x >= 0 ? 'more' : 'less'} ${of}`;

/** One cut in the place of another, for equal shred, and what changes with it. */
export default function SwapPanel() {
  const { batch, loaded, opened, units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const known = batchReckoning.lots.filter(({ shredG }) => shredG > 0);
  const [lotId, chooseLot] = useState(known[0]?.lot ?? '');
  const [cut, chooseCut] = useState('');
  const [price, setPrice] = useState<Price>({ text: '', per: units.system === 'metric' ? 'kg' : 'lb' });
  const lot = known.find((one) => one.lot === lotId) ?? known[0];
  const found = lot && cut !== '' ? swap(opened, { batch: batch.id, lot: lot.lot, cut, price }) : undefined;
  const written = found && writeMass(found.rawG, units);
  const changes = found && changesOf(found, units);
  if (!lot)
    return <p className="panel">Write a lot with its weight first; then another cut can stand for it.</p>;
  return (
    <section className="panel" aria-labelledby="swap-title">
      <h2 id="swap-title">Swap a cut</h2>
      <div className="choices">
        <SelectField label="In place of" value={lot.lot} onChoose={chooseLot}>
          {known.map((one) => (
            <option key={one.lot} value={one.lot}>
              {`${say(writeMass(one.rawG, units))} of ${one.name}`}
            </option>
          ))}
        </SelectField>
        <SelectField label="Take" value={cut} onChoose={chooseCut}>
          <CutOptions own={loaded.kitchen.cuts} />
        </SelectField>
        <PriceField label="Its price" price={price} currency={loaded.kitchen.currency} onChange={setPrice} />
      </div>
      {found && written && changes && (
        <>
          <p>
            <span className="figure is-big">
              <span className="value">
                {written.value}
                <span className="unit"> {written.unit}</span>
              </span>
              <span className="range">{written.range} for the same shred</span>
            </span>
          </p>
          <p>With it: {changes.join(', ')}.</p>
          <button
            type="button"
            className="btn act"
            onClick={() => {
              changeLot(batch.id, lot.lot, 'swapping a cut', (l) => ({
                id: l.id,
                kind: l.kind,
                cut,
                weight: typedMass(found.rawG.mid, units),
                ...(l.picking && { picking: l.picking }),
                ...(price.text !== '' && { price }),
              }));
              chooseCut('');
            }}
          >
            Use it instead
          </button>
        </>
      )}
    </section>
  );
}

const say = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;

/** What changes with it, in words. */
function changesOf(found: NonNullable<ReturnType<typeof swap>>, units: UnitChoice): readonly string[] {
  return [
    more(found.fatG, writeMass(Math.abs(found.fatG), units), 'fat'),
    more(found.juiceMl, writeVolume(Math.abs(found.juiceMl), units), 'juice'),
    ...(found.liquidMl === null
      ? []
      : [more(found.liquidMl, writeVolume(Math.abs(found.liquidMl), units), 'liquid')]),
    ...(found.readyMin === null || Math.abs(found.readyMin) < 3
      ? ['the same time']
      : [`${writeMinutes(Math.abs(found.readyMin)).value} ${found.readyMin > 0 ? 'longer' : 'sooner'}`]),
    ...(found.cost === null
      ? []
      : [
          `${writeMoney({ ...found.cost, amount: Math.abs(found.cost.amount) })} ${found.cost.amount >= 0 ? 'more' : 'less'}`,
        ]),
  ];
}
