import { lazy, Suspense, useState } from 'react';
import type { Shares } from '@/core/answers/index.ts';
import { editMeal } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { Rounds } from './Rounds.tsx';

const BuildGuide = lazy(() => import('./BuildGuide.tsx'));
const AllergenSheet = lazy(() => import('./AllergenSheet.tsx'));

const bys = [
  { value: 'weight', words: 'by weight' },
  { value: 'scoops', words: 'by level scoops' },
] as const;

/** How it is portioned, and what unfolds of the plates. */
export function HowShared({ shares: data }: { readonly shares: Shares }) {
  const { meal } = useOpenMeal().loaded;
  const [open, setOpen] = useState<'build' | 'rounds' | 'contains'>();
  const by = meal.share?.by ?? 'weight';
  const fold = (which: 'build' | 'rounds' | 'contains') => setOpen(open === which ? undefined : which);
  return (
    <>
      <div className="choices">
        <Choice
          legend="Portion"
          value={by}
          options={bys}
          onChoose={(value) =>
            editMeal(meal.id, 'how it is portioned', (m) => ({ ...m, share: { ...m.share, by: value } }))
          }
        />
        <Checkbox
          checked={meal.share?.evenOut === true}
          onTick={(on) =>
            editMeal(meal.id, 'whether all of it is shared', ({ share, ...m }) => {
              const { evenOut: _, ...kept } = share ?? {};
              return { ...m, share: on ? { ...kept, evenOut: true } : kept };
            })
          }
        >
          come out even, nothing left
        </Checkbox>
        <button type="button" className="link" aria-expanded={open === 'build'} onClick={() => fold('build')}>
          how they are built
        </button>
        <button
          type="button"
          className="link"
          aria-expanded={open === 'contains'}
          onClick={() => fold('contains')}
        >
          what they contain
        </button>
        <button
          type="button"
          className="link"
          aria-expanded={open === 'rounds'}
          onClick={() => fold('rounds')}
        >
          in rounds
        </button>
      </div>
      {open === 'rounds' && <Rounds shares={data} />}
      {open === 'contains' && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <AllergenSheet />
        </Suspense>
      )}
      {open === 'build' && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <BuildGuide shares={data} />
        </Suspense>
      )}
    </>
  );
}
