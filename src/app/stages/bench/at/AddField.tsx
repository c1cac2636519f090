import type { StepsWith } from '@/core/work/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { massUnits } from '../../../open/useSettings.ts';
import { withOrWithout } from '../../../open/withOrWithout.ts';
import { QuantityField } from '../../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../../parts/fields/SelectField.tsx';
import type { HowProps } from './screens.ts';

type Props<W extends StepsWith<'ref'>> = Pick<HowProps<W>, 'step' | 'onChange'>;

/** Something of the kitchen that is stirred in: which, and how much. */
export function AddField<W extends StepsWith<'ref'>>({ step, onChange }: Props<W>) {
  const { loaded, units } = useOpenMeal();
  const known = ingredientsById({ kitchen: loaded.kitchen, reference });
  const ref = step.ref ?? '';
  const offered = [...known.values()].sort((a, b) => a.name.localeCompare(b.name));
  return (
    <>
      <SelectField
        label="What is stirred in"
        hidden
        value={ref}
        onChoose={(next) => onChange('what is stirred in', (s) => ({ ...s, ref: next }))}
      >
        <option value="">choose</option>
        {ref !== '' && !known.has(ref) && <option value={ref}>{ref} (gone)</option>}
        {offered.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      <QuantityField
        label="How much is stirred in"
        hidden
        quantity={step.amount}
        measure={['mass', 'volume']}
        units={massUnits(units).toReversed()}
        placeholder="none yet"
        chars={9}
        nought
        onChange={(amount, measure) =>
          onChange(
            'how much goes in',
            (s) => ({
              ...withOrWithout(s, 'amount', amount),
              measure: measure === 'volume' ? 'volume' : 'mass',
            }),
            `${step.id} amount`,
          )
        }
      />
    </>
  );
}
