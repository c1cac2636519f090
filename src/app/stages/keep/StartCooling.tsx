import { useState } from 'react';
import { type Cooling, type CoolWay, coolWays } from '@/core/meal/index.ts';
import { leftToCool, type Shares } from '@/core/answers/index.ts';
import { typedMass } from '@/core/quantity/index.ts';
import { pansFor, SHALLOW_CM } from '@/core/keep/index.ts';
import { coolsWords, coolWayWords } from '@/words/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import css from './keep.module.scss';

const WORTH_IT = 50;

interface Props {
  readonly running: readonly Cooling['what'][];
  /** As the plates are shared out; undefined until that is known. */
  readonly shares: Shares | undefined;
}

/** Begins to cool what is left: in which vessel, in how many pans, how. */
export function StartCooling({ running, shares }: Props) {
  const { opened, batch, loaded, units } = useOpenMeal();
  const left = leftToCool(opened, batch.id, shares);
  const amounts = { liquid: left.liquid, shred: left.shred, both: left.liquid + left.shred };
  const offered = (['liquid', 'shred', 'both'] as const).filter(
    (what) => amounts[what] > WORTH_IT && !running.includes(what),
  );
  const [what, setWhat] = useState<Cooling['what']>('liquid');
  const [vessel, setVessel] = useState('');
  const [way, setWay] = useState<CoolWay>('fridge');
  const [typed, setTyped] = useState<number>();
  const chosen = offered.includes(what) ? what : offered[0];
  if (chosen === undefined) return null;
  const usual = vessel === '' ? pansFor(chosen, amounts[chosen], SHALLOW_CM) : 1;
  const pans = typed ?? usual;
  return (
    <div className={css.start}>
      <OneOfField
        label="Cool"
        among={offered}
        value={chosen}
        say={(one) => coolsWords[one]}
        onChoose={setWhat}
      />
      <SelectField label="in" value={vessel} onChoose={setVessel}>
        <option value="">trays of 30 × 23 cm</option>
        {loaded.kitchen.vessels.map(({ id, name }) => (
          <option key={id} value={id}>
            the {name}
          </option>
        ))}
      </SelectField>
      <QuantityField
        label="how many"
        quantity={undefined}
        measure="count"
        placeholder={String(usual)}
        chars={4}
        onChange={({ lo }) => setTyped(lo === undefined ? undefined : Math.max(1, Math.round(lo)))}
      />
      <OneOfField
        label="how"
        among={coolWays}
        value={way}
        say={(one) => coolWayWords[one]}
        onChoose={setWay}
      />
      <button
        type="button"
        className="btn act"
        onClick={() =>
          editBatch(batch.id, 'something that cools', (b) => ({
            ...b,
            cools: [
              ...(b.cools ?? []),
              {
                id: crypto.randomUUID(),
                what: chosen,
                pans,
                way,
                start: clockNow(),
                // What was shown when it began stands, whatever goes out after.
                grams: typedMass(amounts[chosen], units),
                ...(vessel !== '' && { vessel }),
              },
            ],
          }))
        }
      >
        Start at 57 °C
      </button>
    </div>
  );
}
