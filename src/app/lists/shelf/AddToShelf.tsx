import { useState } from 'react';
import { type Avoidable, keepables, places, type Keepable, type ShelfPlace } from '@/core/meal/index.ts';
import { gramsOfKept } from '@/core/answers/index.ts';
import type { Quantity } from '@/core/quantity/index.ts';
import { keptWords, placeWords } from '@/words/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { editShelf } from '../../open/edits/index.ts';
import { massUnits, useSettings } from '../../open/useSettings.ts';
import { zoneHere } from '../../open/useWall.ts';
import { HoldsField } from '../../parts/fields/HoldsField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import css from './shelf.module.scss';

/** Puts something on the shelf by hand: bacon fat, rinds, stock, the rest of a bottle or a tin. */
export function AddToShelf() {
  const units = useSettings();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [what, setWhat] = useState<Keepable>('other');
  const [place, setPlace] = useState<ShelfPlace>('fridge');
  const [amount, setAmount] = useState<{ readonly quantity: Quantity; readonly volume: boolean }>();
  const [holds, setHolds] = useState<Avoidable[]>();
  const typed = amount?.quantity.lo;
  const add = () => {
    if (typed === undefined || name === '') return;
    const at = clockNow();
    const liquid = amount?.volume === true;
    editShelf(`${name}, on the shelf`, (all) => [
      ...all,
      {
        id: crypto.randomUUID(),
        what,
        name,
        grams: liquid ? gramsOfKept(what, typed) : typed,
        ...(liquid && { ml: typed }),
        made: at,
        zone: zoneHere(),
        place,
        ...(holds && { holds }),
        ...(place === 'freezer' && { frozen: at }),
      },
    ]);
    setOpen(false);
    setName('');
    setAmount(undefined);
    setHolds(undefined);
  };
  if (!open)
    return (
      <p>
        <button type="button" className="link" onClick={() => setOpen(true)}>
          put something else on the shelf
        </button>
      </p>
    );
  return (
    <div className={css.add}>
      <TextField label="What it is" value={name} onChange={setName} />
      <OneOfField
        label="kind"
        among={keepables}
        value={what}
        say={(one) => keptWords[one]}
        onChoose={setWhat}
      />
      <QuantityField
        label="How much"
        quantity={undefined}
        measure={['mass', 'volume']}
        units={massUnits(units).toReversed()}
        placeholder="300 g"
        chars={10}
        onChange={(quantity, measure) => setAmount({ quantity, volume: measure === 'volume' })}
      />
      <OneOfField
        label="in the"
        among={places}
        value={place}
        say={(one) => placeWords[one]}
        onChoose={setPlace}
      />
      <HoldsField holds={holds} onChange={setHolds} />
      <button type="button" className="btn act" disabled={typed === undefined || name === ''} onClick={add}>
        Put it there
      </button>
    </div>
  );
}
