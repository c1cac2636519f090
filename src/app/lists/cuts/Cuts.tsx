import { useMemo, useState } from 'react';
import { findCut, type KnownCut } from '@/core/meat/index.ts';
import type { OpenedMeal } from '@/core/model/index.ts';
import { kitchenYields } from '@/core/answers/index.ts';
import { reference } from '@/reference/index.ts';
import { useOpenedMeals } from '../data/useOpenedMeals.ts';
import { useWeighedMeals } from '../data/useWeighedMeals.ts';
import { useKitchen } from '../../open/useKitchen.ts';
import { useSettings } from '../../open/useSettings.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { SeekField } from '../../parts/fields/SeekField.tsx';
import { Top } from '../../shell/top/Top.tsx';
import { useDocumentTitle } from '../../shell/useDocumentTitle.ts';
import { CutCard, drawnOf } from './CutCard.tsx';
import { OwnCutForm } from './OwnCutForm.tsx';
import css from './cuts.module.scss';

const orders = [
  { value: 'animal', words: 'by animal' },
  { value: 'shred', words: 'most shred first' },
] as const;

const weighed = (meal: OpenedMeal) => kitchenYields([meal]);

/** Every cut as what a kilogram of it becomes, to one scale; and the kitchen's own. */
export default function Cuts() {
  useDocumentTitle('cuts');
  const kitchen = useKitchen();
  const units = useSettings();
  const meals = useOpenedMeals(useWeighedMeals(), weighed);
  const [order, setOrder] = useState<'animal' | 'shred'>('animal');
  const [sought, seek] = useState('');
  const seen = useMemo(() => kitchenYields(meals?.opened ?? []), [meals]);
  const words = sought.trim().toLowerCase();
  const known = [
    ...kitchen.cuts.map(({ id }) => id),
    ...reference.cuts.flatMap(({ id, pools }) => (pools ? [] : [id])),
  ]
    .map((id) => findCut(id, kitchen, reference))
    .filter((cut) => cut !== undefined)
    .filter((cut) => `${cut.name} ${speciesOf(cut)} ${goodFor(cut).join(' ')}`.toLowerCase().includes(words));
  const sorted = order === 'shred' ? known.toSorted((a, b) => drawnOf(b).shredG - drawnOf(a).shredG) : known;
  const groups = order === 'shred' ? [''] : [...new Set(sorted.map(speciesOf))];
  return (
    <div className="frame">
      <Top />
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <div className="line">
          <h1>What a kilogram becomes</h1>
          <span className="choices is-tight">
            <SeekField
              label="Look for a cut"
              placeholder="shank, tacos, lamb …"
              value={sought}
              onChange={seek}
            />
            <Choice legend="Order" hidden value={order} options={orders} onChoose={setOrder} />
          </span>
        </div>
        {sorted.length === 0 && (
          <p className="nothing">No cut has “{sought}” in its name or its uses. Add your own below.</p>
        )}
        {groups.map((group) => (
          <section key={group} aria-label={group === '' ? 'all cuts' : group}>
            {group !== '' && <h2 className={css.cutGroup}>{group}</h2>}
            <ul className={css.cuts}>
              {sorted
                .filter((cut) => group === '' || speciesOf(cut) === group)
                .map((cut) => (
                  <CutCard
                    key={cut.id}
                    cut={cut}
                    published={reference.cuts.find(({ id }) => id === cut.id)}
                    seen={seen.get(cut.id)}
                    units={units}
                  />
                ))}
            </ul>
          </section>
        ))}
        <OwnCutForm kitchen={kitchen} />
      </main>
    </div>
  );
}

const rowOf = ({ id }: KnownCut) => reference.cuts.find((cut) => cut.id === id);
const speciesOf = (cut: KnownCut) => rowOf(cut)?.species ?? 'own';
const goodFor = (cut: KnownCut) => rowOf(cut)?.goodFor ?? [];
