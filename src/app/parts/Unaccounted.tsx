import { askWords, causeWords, NO_ASK, questionedWords } from '@/words/index.ts';
import type { Reckoning } from '@/core/reckoning/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { useSaid } from '../open/useSaid.ts';
import { FieldError } from './FieldError.tsx';

/** From this share of what went in, a difference is said aloud; smaller ones stand in the table. */
const SAID = 0.02;

/** More than so many causes nobody reads. */
const LIKELIEST = 3;

const ofMeat: ReadonlySet<string> = new Set(['cooked', 'pickings', 'shred']);

/** What was weighed and does not balance: asked about where one weighing can hardly be right, else missing or too much; never hidden. */
export function Unaccounted() {
  const { batch } = useOpenMeal();
  const { reckoning } = useFigures();
  const { mass } = useSaid();
  const asked = reckoning.questioned.filter((one) => one.batch === batch.id);
  const said = reckoning.unaccounted.filter(({ flow, share }) => flow.batch === batch.id && share > SAID);
  // What is asked about of the meat is not guessed at a second time.
  const isAsked = asked.some(({ of }) => ofMeat.has(of));
  return (
    <>
      {asked.map((one) => (
        <FieldError key={one.of}>
          {[
            questionedWords(one, mass),
            ...(one.asks.length > 0
              ? one.asks.slice(0, LIKELIEST).map((ask) => askWords(ask, mass))
              : [NO_ASK]),
          ].join(' ')}
        </FieldError>
      ))}
      <Missing
        said={said.map((one) => (isAsked && one.flow.stage === 'bench' ? { ...one, causes: [] } : one))}
      />
    </>
  );
}

function Missing({ said }: { readonly said: Reckoning['unaccounted'] }) {
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
