import { useState } from 'react';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { massUnits } from '../../../open/useSettings.ts';
import { useSaid } from '../../../open/useSaid.ts';
import { QuantityField } from '../../../parts/fields/QuantityField.tsx';
import type { RunNow } from './useRun.ts';

/** The weights typed, plate by plate, where no scale is heard. */
export function TypedPlate({ now, dish }: { readonly now: RunNow; readonly dish: string }) {
  const { run, target, keep } = now;
  const { loaded, units } = useOpenMeal();
  const said = useSaid();
  const [typing, setTyping] = useState(false);
  if (!typing)
    return (
      <p>
        <button type="button" className="link" onClick={() => setTyping(true)}>
          type the weights
        </button>
      </p>
    );
  return (
    <div>
      <QuantityField
        key={run.done}
        label={`Plate ${String(run.done + 1)}, by weight`}
        quantity={undefined}
        measure="mass"
        units={massUnits(units).toReversed()}
        near={{ lo: target, hi: target }}
        placeholder={said.mass(target)}
        chars={9}
        autoFocus
        weighs
        draft={['plate', loaded.meal.id, dish, String(run.done)].join(' ')}
        onDone={({ lo }) => {
          if (lo !== undefined) keep(lo, 'typed');
        }}
      />
    </div>
  );
}
