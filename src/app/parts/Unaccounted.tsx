import { writeMass } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { FieldError } from './FieldError.tsx';

/** From this share of what went in, a difference is said aloud; smaller ones stand in the table. */
const SAID = 0.02;

/** What was weighed and does not balance: missing or too much, never hidden. */
export function Unaccounted() {
  const { reckoning, batch, units } = useOpenMeal();
  const said = reckoning.unaccounted.filter(({ flow, share }) => flow.batch === batch.id && share > SAID);
  return said.map(({ flow, grams }) => {
    const { value, unit } = writeMass(grams, units);
    return (
      <FieldError key={`${flow.id} ${flow.lot ?? ''} ${flow.item ?? ''}`}>
        {value} {unit}
        {flow.item === undefined ? '' : ` of ${flow.item}`} {flow.id === 'missing' ? 'missing' : 'too much'}{' '}
        at the {flow.stage}: weigh it again{flow.id === 'missing' ? ', or look for it' : ''}.
      </FieldError>
    );
  });
}
