import { useState } from 'react';
import { firstRound, nextRound } from '@/core/plates/index.ts';
import type { Shares } from '@/core/answers/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { massUnits } from '../../open/useSettings.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import css from './plates.module.scss';

/** In rounds: a safe portion to each, then what is left is weighed and shared by all. */
export function Rounds({ shares }: { readonly shares: Shares }) {
  const { units } = useOpenMeal();
  const said = useSaid();
  const [left, setLeft] = useState<number>();
  const dealt = firstRound(shares.dishes, shares.surely);
  const more = left === undefined ? undefined : nextRound(dealt, left);
  return (
    <div className={css.rounds}>
      <p>
        First {dealt.map(({ name, meatG }) => `${said.mass(meatG)} to each of the ${name}`).join(', ')}: safe
        in 95 of 100.
      </p>
      <QuantityField
        label="Left in the bowl then"
        quantity={undefined}
        measure="mass"
        units={massUnits(units)}
        placeholder="weigh it"
        chars={10}
        onChange={({ lo }) => setLeft(lo)}
      />
      {more && (
        <p>
          <b>
            {dealt
              .map(({ dish, name }) => `${said.mass(more.get(dish) ?? 0)} more to each of the ${name}`)
              .join(', ')}
          </b>
          : nothing left.
        </p>
      )}
    </div>
  );
}
