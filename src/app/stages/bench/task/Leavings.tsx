import { type Leaving, leavings } from '@/core/meal/index.ts';
import { notForPets } from '@/core/bench/index.ts';
import { itemsOf } from '@/core/pot/index.ts';
import { leavingWords, petsWords } from '@/words/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { editBatch } from '../../../open/edits/index.ts';
import { Choice } from '../../../parts/fields/Choice.tsx';
import { FieldError } from '../../../parts/FieldError.tsx';

/** Where what was taken out goes: said in a tap, and what pets must not have with it. */
export function Leavings({ of }: { readonly of: 'bone' | 'pickings' | 'strained' }) {
  const { batch } = useOpenMeal();
  const chosen: Leaving = batch.goes?.[of] ?? 'bin';
  const harm =
    chosen === 'pets'
      ? notForPets(
          of,
          itemsOf(batch).map(({ ref }) => ref),
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
      {harm && <FieldError>{petsWords[harm]}</FieldError>}
    </>
  );
}
