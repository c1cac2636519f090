import { laterShares, laterWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';

/** How much of the pot is for another day: no plate gets it, and it is cooled and boxed with what is left. */
export function ForLater() {
  const { batch } = useOpenMeal();
  const { later = 0 } = batch;
  // What a file says is offered as it stands.
  const among = laterShares.includes(later) ? laterShares : [...laterShares, later];
  return (
    <OneOfField
      label="For another day"
      among={among.map(String)}
      value={String(later)}
      say={(share) => laterWords(Number(share))}
      onChoose={(share) =>
        editBatch(batch.id, 'what is for another day', ({ later: _, ...rest }) => ({
          ...rest,
          ...(Number(share) > 0 && { later: Number(share) }),
        }))
      }
    />
  );
}
