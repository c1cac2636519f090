import { causeWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { useSaid } from '../open/useSaid.ts';
import { FieldError } from './FieldError.tsx';

/** From this share of what went in, a difference is said aloud; smaller ones stand in the table. */
const SAID = 0.02;

/** More than so many causes nobody reads. */
const LIKELIEST = 3;

/** What was weighed and does not balance: missing or too much, never hidden. */
export function Unaccounted() {
  const { batch } = useOpenMeal();
  const { reckoning } = useFigures();
  const said = reckoning.unaccounted.filter(({ flow, share }) => flow.batch === batch.id && share > SAID);
  const { mass } = useSaid();
  return said.map(({ flow, grams, causes }) => {
    return (
      <FieldError key={`${flow.id} ${flow.lot ?? ''} ${flow.item ?? ''}`}>
        {mass(grams)}
        {flow.item === undefined ? '' : ` of ${flow.item}`} {flow.id === 'missing' ? 'missing' : 'too much'}{' '}
        at the {flow.stage}: weigh it again{flow.id === 'missing' ? ', or look for it' : ''}.
        {causes.length > 0 &&
          ` Likeliest: ${causes
            .slice(0, LIKELIEST)
            .map((cause) => causeWords(cause, flow.id === 'missing', mass))
            .join('; or ')}.`}
      </FieldError>
    );
  });
}
