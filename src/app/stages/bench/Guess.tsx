import { Link } from 'react-router';
import { offOf } from '@/core/log/index.ts';
import { midpoint } from '@/core/quantity/index.ts';
import { percent } from '@/words/index.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import { massUnits } from '../../open/useSettings.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';

interface Props {
  readonly isWeighed: boolean;
  readonly shredG: number;
}

/** Before the shred is weighed the cook may write a guess; once it is, how far the eye was off. */
export function Guess({ isWeighed, shredG }: Props) {
  const { batch, units } = useOpenMeal();
  const { mass } = useSaid();
  const guessG = midpoint(batch.guessG);
  if (!isWeighed)
    return (
      <div className="choices">
        <QuantityField
          label="Your guess of the shred, before it is weighed"
          quantity={batch.guessG}
          measure="mass"
          units={massUnits(units).toReversed()}
          placeholder="your guess"
          chars={16}
          onChange={(quantity) =>
            editBatch(
              batch.id,
              'a guess of the shred',
              ({ guessG: _, ...b }) => (quantity.lo === undefined ? b : { ...b, guessG: quantity }),
              'guess',
            )
          }
        />
      </div>
    );
  if (guessG === undefined) return null;
  const off = offOf(guessG, shredG);
  return (
    <p>
      You guessed {mass(guessG)}:{' '}
      {off === 0 ? 'to the gram' : `${percent(Math.abs(off))} too ${off > 0 ? 'much' : 'little'}`}.{' '}
      <Link to="/log/eye">Train your eye</Link>
    </p>
  );
}
