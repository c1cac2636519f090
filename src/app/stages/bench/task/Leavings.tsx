import { type Leaving, leavings } from '@/core/meal/index.ts';
import { notForPets } from '@/core/bench/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { refsIn } from '@/core/pot/index.ts';
import { leavingWords, petsWords } from '@/words/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { editBatch } from '../../../open/edits/index.ts';
import { Choice } from '../../../parts/fields/Choice.tsx';
import { FieldError } from '../../../parts/FieldError.tsx';

/** Where what was taken out goes: said in a tap, and what pets must not have with it. */
export function Leavings({ of }: { readonly of: 'bone' | 'pickings' | 'strained' }) {
  const { batch, opened } = useOpenMeal();
  const chosen: Leaving = batch.goes?.[of] ?? 'bin';
  const known = ingredientsById(opened.input);
  const harm =
    chosen === 'pets'
      ? notForPets(
          of,
          refsIn(batch).flatMap((ref) => known.get(ref) ?? []),
        )
      : undefined;
  return (
    <>
      <Choice
        legend="They go"
        value={chosen}
        options={leavings.map((value) => ({ value, words: leavingWords[value] }))}
        onChoose={(value) =>
          editBatch(batch.id, 'where what is left goes', (b) => ({ ...b, goes: { ...b.goes, [of]: value } }))
        }
      />
      {harm && <FieldError>{petsWords(harm)}</FieldError>}
    </>
  );
}
