import { Link } from 'react-router';
import type { Quantity } from '@/core/quantity/index.ts';
import { missingOf } from '@/core/pot/index.ts';
import { vesselFor } from '@/core/answers/index.ts';
import type { AfterStepOf, StepsWith } from '@/core/work/index.ts';
import { useFigures, useOpenMeal } from '../../../open/MealContext.ts';
import { useSaid } from '../../../open/useSaid.ts';
import { massUnits, volumeUnits } from '../../../open/useSettings.ts';
import { withOrWithout } from '../../../open/withOrWithout.ts';
import { QuantityField } from '../../../parts/fields/QuantityField.tsx';
import { Bones } from '../task/Bones.tsx';
import css from '../task/task.module.scss';
import type { ChangeStep, HowProps } from './screens.ts';

type Timed = { readonly minutes?: Quantity | undefined };

/** How long a step takes. */
export function Minutes<W extends 'cool' | 'meat back' | 'hold'>({ step, name, onChange }: HowProps<W>) {
  const { id, minutes }: Timed & { readonly id: string } = step;
  return (
    <QuantityField
      label={`${name}: how long`}
      hidden
      quantity={minutes}
      measure="duration"
      placeholder="as usual"
      chars={9}
      onChange={(next) =>
        onChange('how long a step takes', (s) => withOrWithout(s, 'minutes', next), `${id} min`)
      }
    />
  );
}

type Amounted = StepsWith<'amount'>;

interface AmountProps<W extends Amounted> {
  readonly step: AfterStepOf<W>;
  readonly name: string;
  readonly placeholder: string;
  readonly measure: 'mass' | 'volume';
  readonly onChange: ChangeStep<W>;
}

/** How much goes in, or is set apart. */
export function Amount<W extends Amounted>({ step, name, placeholder, measure, onChange }: AmountProps<W>) {
  const { units } = useOpenMeal();
  const { id, amount }: { readonly id: string; readonly amount?: Quantity | undefined } = step;
  return (
    <QuantityField
      label={`${name}: how much`}
      hidden
      quantity={amount}
      measure={measure}
      units={measure === 'mass' ? massUnits(units).toReversed() : volumeUnits(units)}
      placeholder={placeholder}
      chars={9}
      nought
      onChange={(next) =>
        onChange(
          'how much goes in',
          (s) => ({ ...withOrWithout(s, 'amount', next), measure }),
          `${id} amount`,
        )
      }
    />
  );
}

/** What was written of the amount, under a card's title. */
export const amountUnder = ({ amount }: { readonly amount?: Quantity | undefined }): string =>
  amount ? `: ${amount.text}` : '';

/** The liquid's own sheet has the rest of it. */
export function ToTheJug() {
  const { loaded, batch } = useOpenMeal();
  return (
    <p>
      <Link className="link" to={`/meals/${loaded.meal.id}/batches/${batch.id}/broth`}>
        Go to the jug
      </Link>
    </p>
  );
}

/** Where nobody counted, nobody knows how many. */
const leftWords = (left: number | undefined) => (left === undefined ? 'some' : left === 0 ? 'no' : left);

/** What went in to come out again, and is not back. */
export function StillInThePot() {
  const { batchReckoning } = useFigures();
  const { mass } = useSaid();
  const items = batchReckoning.comeOut.filter(({ kind }) => kind === 'item');
  if (items.length === 0) return null;
  return (
    <section className={css.still} aria-label="Still in the pot">
      <p className="quiet">Still in the pot</p>
      {items.map((thing) => (
        <div key={thing.thing}>
          <Bones thing={thing} eachG={undefined} mass={mass} />
          <b>
            {leftWords(missingOf(thing))} {thing.name}
          </b>
        </div>
      ))}
    </section>
  );
}

/** Something is put on the heat: what is often forgotten is said. */
export const OftenForgotten = () => <p className={css.under}>Check: heat on, boiling, timer set, all in.</p>;

/** What it goes into: the smallest vessel that holds it. */
export function Into() {
  const { loaded } = useOpenMeal();
  const { liquid } = useFigures().batchReckoning;
  const ml = (liquid.brothMl ?? liquid.sauceMl)?.mid;
  if (ml === undefined) return null;
  const vessel = vesselFor(ml, loaded.kitchen);
  return (
    <p className={css.under}>
      {vessel
        ? `Into the ${vessel.name}: it holds it all.`
        : 'No vessel of the kitchen holds it all: use two.'}
    </p>
  );
}
