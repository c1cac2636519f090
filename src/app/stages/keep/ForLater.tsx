import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';

const shares = ['0', '0.25', '0.333', '0.5', '0.667', '0.75', '1'] as const;
const words: Readonly<Record<string, string>> = {
  '0': 'none of it',
  '0.25': 'a quarter of it',
  '0.333': 'a third of it',
  '0.5': 'half of it',
  '0.667': 'two thirds of it',
  '0.75': 'three quarters of it',
  '1': 'all of it',
};

/** How much of the pot is for another day: no plate gets it, and it is cooled and boxed with what is left. */
export function ForLater() {
  const { batch } = useOpenMeal();
  const now = String(batch.later ?? 0);
  const among = (shares as readonly string[]).includes(now) ? shares : [...shares, now];
  return (
    <OneOfField
      label="For another day"
      among={among}
      value={now}
      say={(share) => words[share] ?? `${String(Math.round(100 * Number(share)))} % of it`}
      onChoose={(share) =>
        editBatch(batch.id, 'what is for another day', ({ later: _, ...rest }) => ({
          ...rest,
          ...(Number(share) > 0 && { later: Number(share) }),
        }))
      }
    />
  );
}
