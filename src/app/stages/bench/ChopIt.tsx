import { withChopped } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';

/** What will not pull is served all the same: chopped, it is meat like the rest, and the portions stand. */
export function ChopIt({ unpulled }: { readonly unpulled: string }) {
  const { batch } = useOpenMeal();
  return (
    <button
      type="button"
      className="btn act"
      onClick={() => editBatch(batch.id, 'chopping what will not pull', withChopped)}
    >
      Chop it: about {unpulled} more
    </button>
  );
}
